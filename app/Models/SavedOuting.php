<?php

declare(strict_types=1);

namespace App\Models;

use Database\Factories\SavedOutingFactory;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Carbon;

/**
 * An outing somebody keeps: its document, in which the rushes stand by their ids.
 *
 * @property string $id
 * @property int $user_id
 * @property string $name
 * @property string $place
 * @property Carbon $starts_at
 * @property Carbon $ends_at
 * @property int $rushes
 * @property int $bytes
 * @property array<string, mixed> $document
 * @property int $version
 * @property Carbon $created_at
 * @property Carbon $updated_at
 * @property-read User|null $user
 */
final class SavedOuting extends Model implements Kept
{
    /** @use HasFactory<SavedOutingFactory> */
    use HasFactory;

    use HasUlids;
    use SoftDeletes;

    /** What a list shows of an outing. */
    public const LISTED = [
        'id',
        'name',
        'place',
        'starts_at',
        'ends_at',
        'rushes',
        'document',
        'version',
        'updated_at',
    ];

    protected $table = 'outings';

    protected $fillable = ['document'];

    public function counts(): array
    {
        return ['outings' => 1];
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return HasMany<CardLink, $this> */
    public function links(): HasMany
    {
        return $this->hasMany(CardLink::class, 'outing_id');
    }

    protected static function booted(): void
    {
        self::saving(static function (self $outing): void {
            $text = static fn (string $field): string => is_string($value = data_get($outing->document, $field))
                ? $value
                : '';
            $outing->name = $text('name');
            $outing->place = $text('place.name');
            // The document was read before: these are a day, times and a zone.
            $zone = new DateTimeZone($text('place.zone') ?: 'UTC');
            $starts = new DateTimeImmutable("{$text('date')} {$text('from')}", $zone);
            $ends = new DateTimeImmutable("{$text('date')} {$text('to')}", $zone);
            $outing->starts_at = Carbon::instance($starts)->utc();
            $outing->ends_at = Carbon::instance($ends > $starts ? $ends : $ends->modify('+1 day'))->utc();
            $outing->rushes = count((array) ($outing->document['rushes'] ?? []));
            $outing->bytes = strlen($outing->getAttributes()['document'] ?? '');
        });
    }

    protected function casts(): array
    {
        return [
            'document' => 'array',
            'version' => 'integer',
            'starts_at' => 'datetime',
            'ends_at' => 'datetime',
            'rushes' => 'integer',
        ];
    }
}
