<?php

declare(strict_types=1);

namespace App\Review;

use App\Models\Burst;
use App\Models\SavedRush;
use App\Models\User;
use App\Pictures\BurstDocuments;
use Illuminate\Database\Eloquent\Builder;
use RushHold\Document\BurstDocument;
use RushHold\Document\HoldDocument;
use RushHold\Document\RushDocument;
use RushHold\Record\HowMany;
use RushHold\Record\LoggedBurst;
use RushHold\Refused;
use RushHold\Rush\Rush;

/** What a person logged, as the core reads it: each burst with its rush as it is described now. */
final class LoggedBursts
{
    /** A word is worth so many frames. */
    private const WORD = 6;

    /** The latest are read; older ones say little of a person as they are now. */
    public const MOST = 2000;

    /**
     * Those that say how many were kept, the first first.
     *
     * @param  string|null  $rush  only those of this rush
     * @param  bool  $measured  with what was measured in their pictures
     * @return array<string, array{Burst, LoggedBurst}> by their ids
     */
    public static function of(User $person, ?string $rush = null, bool $measured = false): array
    {
        $bursts = Burst::query();
        $bursts
            ->where('user_id', $person->id)
            ->when($rush !== null, static fn (Builder $q) => $q->where('rush_id', $rush))
            ->where(static fn (Builder $q) => $q->whereNotNull('kept')->orWhereNotNull('keepers'))
            ->orderByDesc('shot_at')
            ->orderByDesc('id')
            ->limit(self::MOST);
        $found = $bursts->get()->reverse();
        $rushes = self::rushes(
            $person,
            array_values(array_unique(array_filter($found->map(static fn (Burst $b): ?string => $b->rush_id)->all()))),
        );
        $season = [];
        foreach ($found as $burst) {
            try {
                $season[$burst->uuid] = [
                    $burst,
                    $measured && $burst->coc_px !== null
                        ? BurstDocument::read(BurstDocuments::document($burst))
                        : self::logged($burst, $rushes[$burst->rush_id ?? ''] ?? null),
                ];
            } catch (Refused) {
                // A hold or a count that cannot be read any more says nothing.
            }
        }

        return $season;
    }

    /**
     * @param  list<string>  $ids
     * @return array<string, Rush>
     */
    private static function rushes(User $person, array $ids): array
    {
        $rushes = [];
        foreach (SavedRush::withTrashed()->where('user_id', $person->id)->whereIn('id', $ids)->get() as $saved) {
            try {
                $rushes[$saved->id] = RushDocument::read($saved->document)->rush;
            } catch (Refused) {
                // As above.
            }
        }

        return $rushes;
    }

    private static function logged(Burst $burst, ?Rush $rush): LoggedBurst
    {
        $word = $burst->kept === null ? null : HowMany::from($burst->kept);
        [$frames, $keepers] =
            $burst->frames !== null && $burst->keepers !== null
                ? [$burst->frames, $burst->keepers]
                : [self::WORD, (int) round(self::WORD * ($word?->share() ?? 0.0))];

        return new LoggedBurst(
            $frames,
            $keepers,
            $burst->shot_at->toIso8601ZuluString(),
            $rush,
            $burst->hold === null ? null : HoldDocument::read($burst->hold),
        );
    }
}
