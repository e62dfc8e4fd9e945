<?php

declare(strict_types=1);

namespace App\Pictures;

use App\Models\Burst;
use App\Models\Picture;
use App\Models\SavedOuting;
use App\Models\SavedRush;
use App\Models\User;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use RushHold\Document\HoldDocument;
use RushHold\Document\RushDocument;
use RushHold\Refused;

/**
 * Puts pictures into bursts, by time, body and exposure, and finds the rush of each: in an outing of that day by its hours, by the
 * order of the day, by lens and distance; or none, and the person says so.
 */
final readonly class Grouping
{
    /** Frames farther apart than this are of two bursts, s; and those of another body, or another shutter by more than a stop. */
    private const GAP_S = 3.0;

    private const STOP = 1.0;

    /** What a burst is matched by whose rush somebody chose. */
    public const SAID = 'said by you';

    /** What makes a rush the likely one, in points. */
    private const IN_ITS_HOUR = 3.0;

    private const IN_ITS_TURN = 1.5;

    private const SAME_FOCAL = 1.0;

    private const SAME_DISTANCE = 1.0;

    /** Fewer points say too little. */
    private const ENOUGH = 2.0;

    public function __construct(private User $person)
    {
    }

    /**
     * @param  bool  $all  whether all that are to come have come; until then the last run waits, since it may go on
     * @return int how many bursts came of it
     */
    public function group(bool $all = true): int
    {
        return (int) Cache::lock("grouping {$this->person->id}", 60)->block(30, fn (): int => DB::transaction(function () use ($all): int {
            $mine = Picture::query();
            $mine->where('user_id', $this->person->id)->where('stage', Picture::LOOKED)->whereNull('burst_id')->orderByRaw('taken_at is null, taken_at')->orderBy('name')->limit(5000);
            $loose = $mine->get()->all();
            $bursts = 0;
            $runs = self::runs($loose);
            foreach ($all ? $runs : array_slice($runs, 0, -1) as $run) {
                $this->keep($run);
                $bursts++;
            }

            return $bursts;
        }));
    }

    /**
     * @param  array<array-key, Picture>  $pictures  in the order of their times
     * @return list<non-empty-list<Picture>>
     */
    private static function runs(array $pictures): array
    {
        $runs = [];
        $before = null;
        foreach ($pictures as $picture) {
            if ($before === null || ! self::goOn($before, $picture)) {
                $runs[] = [];
            }
            $runs[count($runs) - 1][] = $picture;
            $before = $picture;
        }

        return $runs;
    }

    private static function goOn(Picture $before, Picture $next): bool
    {
        if ($before->taken_at === null || $next->taken_at === null) {
            return $before->taken_at === $next->taken_at;
        }
        $stops = static fn (string $fact): float => abs(log(max(1e-9, (float) ($before->facts[$fact] ?? 1)) / max(1e-9, (float) ($next->facts[$fact] ?? 1)), 2));

        return abs($next->taken_at->getPreciseTimestamp(3) - $before->taken_at->getPreciseTimestamp(3)) / 1000 <= self::GAP_S
            && ($before->facts['body'] ?? '') === ($next->facts['body'] ?? '') && $stops('shutter_s') <= self::STOP;
    }

    /** @param  non-empty-list<Picture>  $run */
    private function keep(array $run): void
    {
        $at = $run[0]->taken_at ?? Carbon::now();
        // Pictures that come later go to the burst they belong to.
        $near = Burst::query();
        $near->where('user_id', $this->person->id)->whereNotNull('coc_px')->whereBetween('shot_at', [$at->copy()->subSeconds(60), $at->copy()->addSeconds(60)])->orderBy('shot_at');
        $go = $near->get()->filter(static function (Burst $burst) use ($run): bool {
            $own = Picture::ofBurst($burst);
            [$first, $last] = [$own->first(), $own->last()];

            return $first !== null && $last !== null && (self::goOn($last, $run[0]) || self::goOn($run[count($run) - 1], $first));
        });
        // What came between two may show that they are one; but what somebody has had to do with stays, and comes first.
        [$theirs, $untouched] = $go->partition(static fn (Burst $burst): bool => $burst->mark !== null || $burst->note !== '' || $burst->matched === self::SAID);
        $burst = $theirs->first() ?? $untouched->first();
        foreach ($untouched as $other) {
            if ($burst !== null && $other->isNot($burst)) {
                $burst = Told::merged($burst, $other);
            }
        }
        if ($burst === null) {
            $match = $this->match($run[0], $at);
            $burst = new Burst(['uuid' => (string) Str::uuid(), 'shot_at' => $at, 'rush' => $match['rush']->name ?? 'Not matched to a rush', 'rush_id' => $match['rush']->id ?? null,
                'outing_id' => $match['outing'] ?? null, 'note' => '', 'matched' => $match['because'] ?? null, 'coc_px' => self::cocPx($match['rush'] ?? null, $run[0]), 'hold' => self::hold($run[0])]);
            $burst->forceFill(['user_id' => $this->person->id, 'created_at' => now()])->save();
        }
        $mine = Picture::query();
        $mine->whereKey(array_map(static fn (Picture $p): string => $p->id, $run))->update(['burst_id' => $burst->id]);
        Counted::again($burst);
    }

    /**
     * The likeliest rush, and what says so.
     *
     * @return array{rush: SavedRush, outing: string|null, because: string}|null
     */
    private function match(Picture $picture, Carbon $at): ?array
    {
        $best = null;
        $most = self::ENOUGH - 1e-6;
        $mine = SavedOuting::query();
        $mine->where('user_id', $this->person->id)->where('starts_at', '<=', $at->copy()->addHours(2))->where('ends_at', '>=', $at->copy()->subHours(2))->limit(5);
        foreach ($mine->get() as $outing) {
            /** @var list<array{rush?: string, earliest?: string, latest?: string, at?: string}> $entries */
            $entries = $outing->document['rushes'] ?? [];
            $zone = is_string($named = data_get($outing->document, 'place.zone')) && $named !== '' ? $named : 'UTC';
            $local = $at->copy()->setTimezone($zone);
            $turn = self::turn($outing, $entries, $at);
            foreach ($entries as $i => $entry) {
                $rush = is_string($entry['rush'] ?? null) ? $this->person->rushes()->find($entry['rush']) : null;
                if ($rush === null) {
                    continue;
                }
                [$points, $because] = $this->points($picture, $rush, $local->format('H:i'), $entry, $i === $turn);
                if ($points > $most) {
                    $most = $points;
                    $best = ['rush' => $rush, 'outing' => $outing->id, 'because' => implode(', ', $because)];
                }
            }
        }

        return $best;
    }

    /**
     * Whose turn it was, had each rush of the day been shot for as long as was meant, one after the other.
     *
     * @param  list<array<string, mixed>>  $entries
     */
    private static function turn(SavedOuting $outing, array $entries, Carbon $at): ?int
    {
        $minutes = $outing->starts_at->diffInMinutes($at);
        $order = $outing->document['order'] ?? [];
        foreach (is_array($order) && $order !== [] ? $order : array_keys($entries) as $i) {
            $entry = is_int($i) ? $entries[$i] ?? [] : [];
            $lasts = (float) ($entry['setup_min'] ?? 0) + (float) ($entry['minutes'] ?? 30) * (float) ($entry['times'] ?? 1);
            if (is_int($i) && $minutes >= 0 && $minutes < $lasts) {
                return $i;
            }
            $minutes -= $lasts;
        }

        return null;
    }

    /**
     * @param  array<string, mixed>  $entry
     * @return array{float, list<string>}
     */
    private function points(Picture $picture, SavedRush $saved, string $clock, array $entry, bool $turn): array
    {
        $points = 1.0;
        $because = ['an outing of that day'];
        $from = is_string($entry['at'] ?? null) ? $entry['at'] : ($entry['earliest'] ?? null);
        $until = $entry['latest'] ?? null;
        if ((is_string($from) || is_string($until)) && $clock >= (is_string($from) ? $from : '00:00') && $clock <= (is_string($until) ? $until : '23:59')) {
            $points += self::IN_ITS_HOUR;
            $because[] = 'its hour';
        }
        if ($turn) {
            $points += self::IN_ITS_TURN;
            $because[] = 'the order of the day';
        }
        try {
            $rush = RushDocument::read($saved->document)->rush;
        } catch (Refused) {
            return [0.0, []];
        }
        $focal = (float) ($picture->facts['focal_mm'] ?? 0);
        if ($focal > 0 && abs(log($focal / $rush->kit->focalMm())) < 0.05) {
            $points += self::SAME_FOCAL;
            $because[] = 'the focal length';
        }
        $distance = (float) ($picture->facts['distance_m'] ?? $picture->facts['focus_m'] ?? 0);
        $middle = $rush->path->at($rush->path->seconds / 2)->distanceM;
        if ($distance > 0 && abs(log($distance / max(0.1, $middle))) < 0.6) {
            $points += self::SAME_DISTANCE;
            $because[] = 'the distance';
        }

        return [$points, $because];
    }

    /** What counts as sharp in the pixels of a picture: by the rush's final use where it is known, or pixel for pixel. */
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
        $pitchUm = 1000 * max($rush->kit->body->sensorWidthMm, $rush->kit->body->sensorHeightMm) / max(1, $picture->wide, (int) $picture->high);

        return max(LookAt::COC_PX, $rush->cocUm() / $pitchUm);
    }

    /** @return array<string, mixed>|null what the file says of the hold */
    private static function hold(Picture $picture): ?array
    {
        $exposure = array_filter(['shutter_s' => $picture->facts['shutter_s'] ?? null, 'aperture' => $picture->facts['aperture'] ?? null, 'iso' => $picture->facts['iso'] ?? null], is_numeric(...));
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
