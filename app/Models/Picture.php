<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Carbon;
use RushHold\Roll\Taken;

/**
 * A picture that was sent here, and what was measured in it.
 *
 * @property string $id
 * @property int $user_id
 * @property string $sha256
 * @property string $name
 * @property int $bytes
 * @property bool $original  whether the file itself is still here
 * @property string $stage  waiting, looked or refused
 * @property string|null $problem  why it was refused, as `NoPicture` keeps it
 * @property int|null $burst_id
 * @property Carbon|null $taken_at
 * @property Carbon|null $written_at  when the file was written, as whoever sent it said
 * @property string|null $zone  of the device it was sent from
 * @property int|null $lent_by  whose files it is shown from; null: its owner’s
 * @property int|null $wide
 * @property int|null $high
 * @property array<string, string|float>|null $facts
 * @property array<string, mixed>|null $measured
 * @property bool|null $kept  what the person says
 * @property string|null $lost_to  what the person says
 */
final class Picture extends Model
{
    use HasUlids;
    use SoftDeletes;

    public const WAITING = 'waiting';

    public const LOOKED = 'looked';

    public const REFUSED = 'refused';

    protected $fillable = [
        'sha256',
        'name',
        'bytes',
        'original',
        'stage',
        'problem',
        'burst_id',
        'taken_at',
        'written_at',
        'zone',
        'wide',
        'high',
        'facts',
        'measured',
        'kept',
        'lost_to',
    ];

    protected $dateFormat = 'Y-m-d H:i:s.v';

    /**
     * Those of a burst that were looked at, in the order of their times.
     *
     * @return Collection<int, self>
     */
    public static function ofBurst(Burst $burst): Collection
    {
        $own = self::query();
        $own->where('burst_id', $burst->id)
            ->where('stage', self::LOOKED)
            ->orderByRaw('taken_at is null, taken_at, written_at')
            ->orderBy('name');

        return $own->get();
    }

    protected function casts(): array
    {
        return [
            'bytes' => 'integer',
            'original' => 'boolean',
            'taken_at' => 'datetime',
            'written_at' => 'datetime',
            'lent_by' => 'integer',
            'facts' => 'array',
            'measured' => 'array',
            'kept' => 'boolean',
            'burst_id' => 'integer',
        ];
    }

    /** By what its file says of it. */
    public function taken(): Taken
    {
        $fact = fn (string $name): ?float => is_numeric($this->facts[$name] ?? null)
            ? (float) $this->facts[$name]
            : null;
        $seconds = static fn (?Carbon $at): ?float => $at === null ? null : $at->getPreciseTimestamp(3) / 1000;

        return new Taken(
            $this->name,
            $seconds($this->taken_at),
            $seconds($this->written_at),
            (string) ($this->facts['body'] ?? ''),
            $fact('shutter_s'),
            $fact('focal_mm'),
            $fact('distance_m') ?? $fact('focus_m'),
        );
    }

    /**
     * Whether it is kept: what the person says, or what was measured while they say nothing; null while neither is
     * known.
     */
    public function isKept(): ?bool
    {
        $verdict = $this->measured['verdict'] ?? null;

        return $this->kept ?? (in_array($verdict, ['kept', 'lost'], true) ? $verdict === 'kept' : null);
    }
}
