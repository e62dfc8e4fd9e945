<?php

declare(strict_types=1);

namespace RushHold\Drill;

use RushHold\Range;
use RushHold\Refused;

/**
 * Twenty seconds of holding a ring on a mark that moves, in four stages from slow to wild. What the pointer did is
 * compared with where the mark was; from how far off it stays and how late it is come starting values for aim and
 * panning. A pointer on a desk is not a long lens in the wind: the values are a start, and the log corrects them.
 */
final readonly class AimTest
{
    public const SECONDS = 20.0;

    /** Stages: seconds from the start, and how fast the mark moves, field widths a second. */
    public const STAGES = [[0.0, 0.12], [5.0, 0.25], [10.0, 0.45], [15.0, 0.7]];

    /** Radius of the ring, field widths. */
    public const RING = 0.035;

    /** The hand needs this long to find the mark; nothing is counted before, s. */
    private const SETTLING_S = 1.0;

    /** Samples a second that are needed to judge at all. */
    private const LEAST_RATE = 15;

    /**
     * Scatter at which a hand counts as a beginner's, and as a master's, field widths; spaced evenly in between by its
     * logarithm.
     */
    private const SCATTER = [0.075, 0.008];

    /**
     * Lag of a beginner and of a master, s. The quickest tracking of an unforeseen movement lags by about a tenth of a
     * second.
     */
    private const LAG = [0.35, 0.06];

    /**
     * @param  list<array{speed: float, on_target: float, scatter: float}>  $stages
     */
    private function __construct(
        /** 0 to 1, as in a rush document's `photographer.aim`. */
        public float $aim,
        /** 0 to 1, as `photographer.panning`. */
        public float $panning,
        /** How late the pointer is on the whole, s. */
        public float $lagS,
        public array $stages,
    ) {
    }

    /**
     * Where the mark is, field widths from the middle: x −0.5 to 0.5, y −0.3 to 0.3.
     *
     * @param  int  $seed  each gives another way
     * @return array{float, float}
     */
    public static function mark(int $seed, float $t): array
    {
        // Way gone so far along a winding course, so that speed follows the stages.
        $way = 0.0;
        foreach (self::STAGES as $i => [$from, $speed]) {
            $to = self::STAGES[$i + 1][0] ?? self::SECONDS;
            $way += $speed * max(0.0, min($t, $to) - $from);
        }
        $phase = fmod(abs($seed) * 0.6180339887, 1.0) * 2 * M_PI;
        // Two swings that never repeat within the test; their speed along the curve is about one field width for each
        // unit of way.
        $x = 0.38 * sin(2.1 * $way + $phase) + 0.07 * sin(5.3 * $way + 2.7 * $phase);
        $y = 0.19 * sin(2.9 * $way + 1.9 * $phase) + 0.06 * sin(6.1 * $way + 0.7 * $phase);

        return [$x, $y];
    }

    /**
     * The whole course for drawing.
     *
     * @return list<array{float, float, float}> time in s, x and y
     */
    public static function course(int $seed, int $perS = 60): array
    {
        $course = [];
        for ($i = 0; $i <= self::SECONDS * $perS; $i++) {
            $course[] = [$i / $perS, ...self::mark($seed, $i / $perS)];
        }

        return $course;
    }

    /**
     * @param  list<array{float, float, float}>  $trace  time in s, x and y of the pointer as above, in order
     *
     * @throws Refused if the trace is too short, too sparse or out of order
     */
    public static function score(int $seed, array $trace): self
    {
        self::check($trace);
        $lag = self::lag($seed, $trace);
        $stages = [];
        $scatters = [];
        foreach (self::STAGES as $i => [$from, $speed]) {
            $to = self::STAGES[$i + 1][0] ?? self::SECONDS;
            $squares = $on = $count = 0;
            foreach ($trace as [$t, $x, $y]) {
                if ($t < max($from, self::SETTLING_S) || $t >= $to) {
                    continue;
                }
                [$mx, $my] = self::mark($seed, $t);
                [$lx, $ly] = self::mark($seed, max(0.0, $t - $lag));
                $on += hypot($x - $mx, $y - $my) <= self::RING ? 1 : 0;
                // Being late is judged by itself; what is left is unsteadiness.
                $squares += ($x - $lx) ** 2 + ($y - $ly) ** 2;
                $count++;
            }
            $scatter = sqrt($squares / max(1, $count));
            $scatters[] = $scatter;
            $stages[] = [
                'speed' => $speed,
                'on_target' => round($on / max(1, $count), 4),
                'scatter' => round($scatter, 5),
            ];
        }
        // Holding still movements says most about aim, fast ones about panning.
        $aim = self::skill(($scatters[0] + $scatters[1]) / 2, ...self::SCATTER);
        $panning =
            (self::skill(($scatters[2] + $scatters[3]) / 2, ...self::SCATTER) + self::skill($lag, ...self::LAG)) / 2;

        return new self(round($aim, 2), round($panning, 2), round($lag, 3), $stages);
    }

    /** @param  list<array{float, float, float}>  $trace */
    private static function check(array $trace): void
    {
        $least = (int) (self::LEAST_RATE * self::SECONDS);
        if (count($trace) < $least) {
            throw Refused::beyond(
                'trace',
                Range::of($least, 20000, 'samples'),
                'trace-few',
                least: $least,
                seconds: (int) self::SECONDS,
                came: count($trace),
            );
        }
        $before = -INF;
        $gap = 0.0;
        foreach ($trace as $i => [$t, $x, $y]) {
            Range::of(0, self::SECONDS + 1, 's')->check("trace[$i][0]", $t);
            Range::of(-2, 2, 'field widths')->check("trace[$i][1]", $x);
            Range::of(-2, 2, 'field widths')->check("trace[$i][2]", $y);
            if ($t <= $before) {
                throw Refused::because("trace[$i][0]", 'trace-order');
            }
            $gap = max($gap, $t - max(0.0, $before));
            $before = $t;
        }
        if ($before < self::SECONDS - 1 || $gap > 1.0) {
            throw Refused::because('trace', 'trace-break', seconds: (int) self::SECONDS);
        }
    }

    /**
     * The delay at which the trace fits the course best, 0 to 0.6 s.
     *
     * @param  list<array{float, float, float}>  $trace
     */
    private static function lag(int $seed, array $trace): float
    {
        $best = 0.0;
        $least = INF;
        for ($lag = 0.0; $lag <= 0.6; $lag += 0.01) {
            $sum = 0.0;
            foreach ($trace as [$t, $x, $y]) {
                if ($t >= self::SETTLING_S) {
                    [$mx, $my] = self::mark($seed, max(0.0, $t - $lag));
                    $sum += ($x - $mx) ** 2 + ($y - $my) ** 2;
                }
            }
            if ($sum < $least) {
                $least = $sum;
                $best = $lag;
            }
        }

        return $best;
    }

    /** 0 at the beginner's value and worse, 1 at the master's and better, evenly by the logarithm. */
    private static function skill(float $value, float $beginner, float $master): float
    {
        return max(0.0, min(1.0, log($beginner / max($value, 1e-6)) / log($beginner / $master)));
    }
}
