<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Casts\Attribute;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Carbon;
use RushHold\Record\Plausible;
use RushHold\Words\Words;

/**
 * What was logged of a burst: which rush, how many frames were kept, and what lost the rest.
 *
 * @property int $id
 * @property int $user_id
 * @property string $uuid  made where it was logged
 * @property string|null $outing_id
 * @property string|null $rush_id
 * @property string $rush  its name then; kept as nothing where it is matched to none
 * @property Carbon $shot_at
 * @property string|null $kept  none, few, half, most or all
 * @property int|null $frames
 * @property int|null $keepers
 * @property string|null $lost_to
 * @property string $note
 * @property array<string, mixed>|null $hold
 * @property array{marks: array<string, array{float, float}>, count: int, by?: string}|null $mark  where the subject was
 *   marked in its pictures, and by whom: the person, or the camera, or as in a burst before
 * @property array<string, mixed>|null $following  how far it has been followed
 * @property float|null $coc_px  by which its pictures are judged; null without pictures
 * @property array<string, string>|null $answers  to questions about what went wrong in it
 * @property bool $doubted  logged wrongly, as the person says: not learned from
 * @property string|null $matched  what it was matched to its rush by: signs with commas between, or `said`
 * @property string|null $clocked  what tells when it was shot, where its frames do not
 */
final class Burst extends Model
{
    use SoftDeletes;

    public const UPDATED_AT = null;

    protected $fillable = [
        'uuid',
        'outing_id',
        'rush_id',
        'rush',
        'shot_at',
        'kept',
        'frames',
        'keepers',
        'lost_to',
        'note',
        'hold',
        'mark',
        'following',
        'coc_px',
        'matched',
        'clocked',
        'answers',
        'doubted',
    ];

    protected $attributes = ['answers' => null, 'doubted' => false];

    protected static function booted(): void
    {
        $learn = static function (self $burst): void {
            $burst->wasChanged(['kept', 'frames', 'keepers', 'rush_id', 'hold', 'doubted']) ||
            $burst->wasRecentlyCreated ||
            $burst->trashed() ||
            $burst->wasChanged('deleted_at')
                ? LogChanged::dispatch($burst->user_id)
                : null;
        };
        // Whoever changes it, by whichever door.
        self::saving(static function (self $burst): void {
            Plausible::counts($burst->frames, $burst->keepers);
            $burst->isDirty('shot_at') && Plausible::day($burst->shot_at, now()->toDateTimeImmutable());
        });
        self::saved($learn);
        self::deleted($learn);
    }

    protected function casts(): array
    {
        return [
            'shot_at' => 'datetime',
            'hold' => 'array',
            'frames' => 'integer',
            'keepers' => 'integer',
            'mark' => 'array',
            'following' => 'array',
            'coc_px' => 'float',
            'answers' => 'array',
            'doubted' => 'boolean',
        ];
    }

    protected function rush(): Attribute
    {
        return Attribute::make(
            get: static fn (?string $name): string => ($name ?? '') === ''
                ? Words::text('pictures.burst.no-rush')
                : (string) $name,
            set: static fn (string $name): string => $name === Words::text('pictures.burst.no-rush') ? '' : $name,
        );
    }
}
