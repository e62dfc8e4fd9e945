<?php

declare(strict_types=1);

namespace RushHold\Drill;

use RushHold\Motion\Path;
use RushHold\Refused;
use RushHold\Rush\Rush;

/** What comes before the ring: subjects of a rush at its distances and its speed, one after the other, from a seed. */
final readonly class RingCourse implements Course
{
    /** A person can press no faster: a body that takes more frames shows nothing new. */
    private const MOST_FRAMES_PER_S = 12.0;

    private const SITTING = 8;

    private const SITS_S = 5.0;

    private const FLIGHTS = 6;

    /** A bird sits so long before it flies, s: time to set the ring to where it lands. */
    private const PERCHED_S = [3.0, 5.0];

    private const RUNS = 6;

    private const SWIMS_S = 30.0;

    private const PASSES = 4;

    /** Nothing is there for so long between runs, s. */
    private const GAP_S = [1.2, 3.0];

    /** A run lasts at least and at most so long, s. */
    private const RUN_S = [1.6, 7.0];

    /** Steps of a way, s. */
    private const STEP_S = 1 / 20;

    /**
     * @param  float  $start  how far the ring is turned before, 0 to 1
     * @param  list<Stretch>  $stretches
     */
    private function __construct(
        public Exercise $exercise,
        public Ring $ring,
        public float $framesPerS,
        public float $start,
        public array $stretches,
        public float $seconds,
    ) {
    }

    public function seconds(): float
    {
        return $this->seconds;
    }

    /**
     * @param  float|null  $fNumber  opening to practise at; null: as wide as the lens opens
     *
     * @throws Refused if it is not practised with the ring, or everything is nearer than the lens focuses
     */
    public static function of(Exercise $exercise, Rush $rush, int $seed, ?float $fNumber = null): self
    {
        if (! $exercise->isRing()) {
            throw Refused::because('drill', 'drill-no-ring');
        }
        $kit = $rush->kit;
        $ring = new Ring($kit->focalMm(), $fNumber ?? $kit->widest(), $kit->lens->nearestM, $rush->cocUm());
        $draw = new SeededRandom($seed, 1);
        $near = 1.15 * $kit->lens->nearestM;
        $stretches = match ($exercise) {
            Exercise::Still => self::sitting($rush, $near, $draw),
            Exercise::Swimmer => self::swimming($rush, $near, $draw),
            Exercise::Perch => self::flying($rush, $near, $draw),
            Exercise::Surprise => self::running($rush, $near, $draw),
            default => self::wild($rush, $near, $draw),
        };
        $first = $ring->turn($stretches[0]->way[0][1]);

        return new self(
            $exercise,
            $ring,
            min(self::MOST_FRAMES_PER_S, $kit->body->framesPerS),
            max(0.0, min(1.0, $first * $draw->between(0.5, 1.6))),
            $stretches,
            round($stretches[count($stretches) - 1]->to + 0.4, 3),
        );
    }

    /** The subject that is there at a time, if any. */
    public function at(float $t): ?Stretch
    {
        foreach ($this->stretches as $stretch) {
            if ($t >= $stretch->from && $t < $stretch->to) {
                return $stretch;
            }
        }

        return null;
    }

    /** @return non-empty-list<Stretch> subjects that sit, each somewhere else */
    private static function sitting(Rush $rush, float $near, SeededRandom $draw): array
    {
        [$from, $to] = self::span($rush, $near);
        $stretches = [];
        $before = 0.0;
        for ($i = 0; $i < self::SITTING; $i++) {
            do {
                $at = $draw->scaled($from, $to);
            } while (abs(log($at / max(0.1, $before))) < 0.12);
            $t = 1.0 + $i * self::SITS_S;
            $stretches[] = new Stretch($t, $t, $t + self::SITS_S - 0.6, [[$t, ($before = round($at, 3))]]);
        }

        return $stretches;
    }

    /** @return non-empty-list<Stretch> to and fro about the middle of the rush, as slowly as something swims */
    private static function swimming(Rush $rush, float $near, SeededRandom $draw): array
    {
        $middle = max(1.35 * $near, ($rush->path->startM + self::endOf($rush)) / 2);
        $swing = min(0.22 * $middle, $middle - $near);
        // Two swings that do not repeat; at its fastest it goes a thirtieth of its distance in a second, hardly ever
        // more than a swimmer.
        $fastest = min($middle / 18, 1.4);
        [$one, $other] = [$draw->between(0, 2 * M_PI), $draw->between(0, 2 * M_PI)];
        $rate = $fastest / $swing;
        $way = [];
        for ($t = 0.0; $t <= self::SWIMS_S + 1e-9; $t += self::STEP_S) {
            $way[] = [
                round(1 + $t, 3),
                round($middle + $swing * (0.7 * sin($rate * $t + $one) + 0.3 * sin(2.3 * $rate * $t + $other)), 4),
            ];
        }

        return [new Stretch(1.0, 3.0, 1.0 + self::SWIMS_S, $way)];
    }

    /** @return non-empty-list<Stretch> from perch to perch at the speed of the rush */
    private static function flying(Rush $rush, float $near, SeededRandom $draw): array
    {
        [$from, $to] = self::span($rush, $near);
        $stretches = [];
        $t = 1.0;
        $here = $draw->scaled($from, $to);
        for ($i = 0; $i < self::FLIGHTS; $i++) {
            $there = $here;
            while (abs(log($there / $here)) < 0.25) {
                $there = $draw->scaled($from, $to);
            }
            $off = $t + $draw->between(...self::PERCHED_S);
            $lands = $off + max(0.5, min(2.5, abs($there - $here) / max(1.0, $rush->path->speedMps)));
            $stretches[] = new Stretch(
                round($t, 3),
                round($off, 3),
                round($lands + 0.25, 3),
                [
                    [round($t, 3), round($here, 3)],
                    [round($off, 3), round($here, 3)],
                    [round($lands, 3), round($there, 3)],
                ],
                round($there, 3),
            );
            $t = $lands + 1.2;
            $here = $there;
        }

        return $stretches;
    }

    /** @return non-empty-list<Stretch> straight at the camera, after a while in which nothing is there */
    private static function running(Rush $rush, float $near, SeededRandom $draw): array
    {
        $stretches = [];
        $t = 0.5;
        for ($i = 0; $i < self::RUNS; $i++) {
            $t += $draw->between(...self::GAP_S);
            $from = max(1.6 * $near, $rush->path->startM * $draw->between(0.8, 1.15));
            $to = max($near, 0.4 * $from);
            $takes = max(self::RUN_S[0], min(0.6 * self::RUN_S[1], ($from - $to) / max(0.5, $rush->path->speedMps)));
            $stretches[] = new Stretch(round($t, 3), round($t, 3), round($t + $takes, 3), [
                [round($t, 3), round($from, 3)],
                [round($t + $takes, 3), round($to, 3)],
            ]);
            $t += $takes;
        }

        return $stretches;
    }

    /** @return non-empty-list<Stretch> the way of the rush, less and more as its subject is unpredictable */
    private static function wild(Rush $rush, float $near, SeededRandom $draw): array
    {
        $path = $rush->path;
        $lasts = max(self::RUN_S[0], min(self::RUN_S[1], $path->seconds));
        $stretches = [];
        $t = 0.5;
        for ($i = 0; $i < self::PASSES; $i++) {
            $t += $draw->between(...self::GAP_S);
            $shift = $draw->scaled(0.9, 1.15);
            $strays = 0.25 * $rush->subject->erratic * $path->speedMps;
            [$one, $other] = [$draw->between(0, 2 * M_PI), $draw->between(0, 2 * M_PI)];
            $way = [];
            for ($s = 0.0; $s <= $lasts + 1e-9; $s += self::STEP_S) {
                // Way gained and lost by changes of speed about every second.
                $stray =
                    ($strays * (sin(4.1 * $s + $one) - sin($one) + 0.5 * (sin(9.7 * $s + $other) - sin($other)))) / 4;
                $way[] = [round($t + $s, 3), round(max($near, $shift * self::distance($path, $s) + $stray), 4)];
            }
            $stretches[] = new Stretch(round($t, 3), round($t, 3), round($t + $lasts, 3), $way);
            $t += $lasts;
        }

        return $stretches;
    }

    private static function distance(Path $path, float $s): float
    {
        return $path->at(min($s, $path->seconds))->distanceM;
    }

    private static function endOf(Rush $rush): float
    {
        return $rush->path->at($rush->path->seconds)->distanceM;
    }

    /** @return array{float, float} nearest and farthest of the rush, at least a third apart, m */
    private static function span(Rush $rush, float $near): array
    {
        $from = max($near, 0.75 * min($rush->path->startM, self::endOf($rush)));

        return [$from, max(1.7 * $from, 1.1 * max($rush->path->startM, self::endOf($rush)))];
    }
}
