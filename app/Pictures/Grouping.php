<?php

declare(strict_types=1);

namespace App\Pictures;

use App\Models\Burst;
use App\Models\Picture;
use App\Models\SavedRush;
use App\Models\User;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use RushHold\Document\HoldDocument;
use RushHold\Document\RushDocument;
use RushHold\Refused;
use RushHold\Roll\Clocked;
use RushHold\Roll\Likely;
use RushHold\Roll\Runs;
use RushHold\Roll\Sign;
use RushHold\Roll\Taken;

/** Keeps the runs among a person's loose pictures as bursts, each with the rush it is most likely of. */
final readonly class Grouping
{
    /** What a burst is matched by whose rush somebody chose. */
    public const SAID = 'said';

    /** Loose pictures that are put into bursts at once. */
    private const MOST = 5000;

    /** Bursts that begin so long before or after may go on with these frames, s. */
    private const NEAR_S = 600;

    public function __construct(private User $person)
    {
    }

    /**
     * @param  bool  $all  whether all that are to come have come; until then the last run waits, since it may go on,
     *   and so do frames that do not say when they were taken
     * @return int how many bursts came of it
     */
    public function group(bool $all = true): int
    {
        return (int) Cache::lock("grouping {$this->person->id}", 60)->block(
            30,
            fn (): int => DB::transaction(function () use ($all): int {
                $mine = Picture::query();
                $mine
                    ->where('user_id', $this->person->id)
                    ->where('stage', Picture::LOOKED)
                    ->whereNull('burst_id')
                    ->orderBy('id')
                    ->limit(self::MOST);
                $pictures = $frames = [];
                foreach ($mine->get() as $picture) {
                    $frames[] = $taken = $picture->taken();
                    $pictures[spl_object_id($taken)] = $picture;
                }
                $runs = Runs::of($frames);
                if (! $all) {
                    $runs = array_slice(
                        array_values(array_filter($runs, static fn (array $run): bool => $run[0]->atS !== null)),
                        0,
                        -1,
                    );
                }
                foreach ($runs as $run) {
                    $this->keep(
                        $run,
                        array_map(static fn (Taken $frame): Picture => $pictures[spl_object_id($frame)], $run),
                    );
                }

                return count($runs);
            }),
        );
    }

    /**
     * @param  non-empty-list<Taken>  $run
     * @param  non-empty-list<Picture>  $pictures
     */
    private function keep(array $run, array $pictures): void
    {
        $first = $pictures[0];
        $at = $first->taken_at ?? ($first->written_at ?? Carbon::now());
        $go = $this->going($run, $at);
        // What came between two may show that they are one; but what somebody has had to do with stays, and comes
        // first.
        [$theirs, $untouched] = $go->partition(
            static fn (Burst $burst): bool => ($burst->mark !== null && ($burst->mark['by'] ?? null) === null) ||
                $burst->note !== '' ||
                $burst->matched === self::SAID,
        );
        $burst = $theirs->first() ?? $untouched->first();
        foreach ($untouched as $other) {
            if ($burst !== null && $other->isNot($burst)) {
                $burst = BurstDocuments::merged($burst, $other);
            }
        }
        $fresh = $burst === null;
        $burst ??= $this->begun($run, $first, $at);
        $mine = Picture::query();
        $mine
            ->whereKey(array_map(static fn (Picture $p): string => $p->id, $pictures))
            ->update(['burst_id' => $burst->id]);
        BurstCounts::again($burst);
        $fresh && FindSubject::soon($burst);
    }

    /**
     * Bursts that are there and go on with these frames, or that these go on with.
     *
     * @param  non-empty-list<Taken>  $run
     * @return Collection<int, Burst>
     */
    private function going(array $run, Carbon $at): Collection
    {
        $near = Burst::query();
        $near
            ->where('user_id', $this->person->id)
            ->whereNotNull('coc_px')
            ->whereBetween('shot_at', [$at->copy()->subSeconds(self::NEAR_S), $at->copy()->addSeconds(self::NEAR_S)])
            ->orderBy('shot_at');

        return $near
            ->get()
            ->filter(static function (Burst $burst) use ($run): bool {
                $own = Picture::ofBurst($burst);
                [$first, $last] = [$own->first()?->taken(), $own->last()?->taken()];

                return $first !== null &&
                    $last !== null &&
                    (Runs::goOn($last, $run[0]) || Runs::goOn($run[count($run) - 1], $first));
            })
            ->values();
    }

    /** @param  non-empty-list<Taken>  $run */
    private function begun(array $run, Picture $first, Carbon $at): Burst
    {
        $clocked = Runs::clocked($run);
        $day = DayOutings::about($this->person, $at);
        // By when nobody says nothing is matched.
        $likely = $clocked === Clocked::Numbers ? null : Likely::of($run[0], $at->toDateTimeImmutable(), $day->outings);
        $rush =
            $likely === null
                ? null
                : $this->person->rushes()->find($day->rushes[$likely->outing][$likely->entry] ?? '');
        $burst = new Burst([
            'uuid' => (string) Str::uuid(),
            'shot_at' => $at,
            'rush' => $rush->name ?? '',
            'rush_id' => $rush->id ?? null,
            'outing_id' => $likely === null ? null : $day->ids[$likely->outing],
            'note' => '',
            'matched' => $likely === null
                    ? null
                    : implode(',', array_map(static fn (Sign $sign): string => $sign->value, $likely->signs)),
            'clocked' => $clocked === Clocked::Frames ? null : $clocked->value,
            'coc_px' => self::cocPx($rush, $first),
            'hold' => self::hold($first),
        ]);
        $burst->forceFill(['user_id' => $this->person->id, 'created_at' => now()])->save();

        return $burst;
    }

    /**
     * What counts as sharp in the pixels of a picture: by the rush's final use where it is known, or pixel for pixel.
     */
    public static function cocPx(?SavedRush $saved, Picture $picture): float
    {
        if ($saved === null || $picture->wide === null) {
            return LookAt::COC_PX;
        }
        try {
            $rush = RushDocument::read($saved->document)->rush;
        } catch (Refused) {
            return LookAt::COC_PX;
        }
        $pitchUm =
            (1000 * max($rush->kit->body->sensorWidthMm, $rush->kit->body->sensorHeightMm)) /
            max(1, $picture->wide, (int) $picture->high);

        return max(LookAt::COC_PX, $rush->cocUm() / $pitchUm);
    }

    /** @return array<string, mixed>|null what the file says of the hold */
    private static function hold(Picture $picture): ?array
    {
        $exposure = array_filter(
            [
                'shutter_s' => $picture->facts['shutter_s'] ?? null,
                'aperture' => $picture->facts['aperture'] ?? null,
                'iso' => $picture->facts['iso'] ?? null,
            ],
            is_numeric(...),
        );
        if ($exposure === []) {
            return null;
        }
        try {
            return HoldDocument::settings(HoldDocument::read(['exposure' => array_map(floatval(...), $exposure)]));
        } catch (Refused) {
            return null;
        }
    }
}
