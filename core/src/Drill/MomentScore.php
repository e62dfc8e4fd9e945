<?php

declare(strict_types=1);

namespace RushHold\Drill;

use RushHold\Range;
use RushHold\Refused;

/** When the shutter was pressed against when the peaks came. */
final readonly class MomentScore
{
    /** From the press to the first frame, s: no shutter opens at once. */
    public const SHUTTER_LAG_S = 0.05;

    /** A peak shows in a frame that is at most so far from it, s. */
    private const PEAK_S = 0.04;

    private const MOST_PRESSES = 400;

    /** Bursts whose worth is told, s. */
    private const LENGTHS = [0.2, 0.35, 0.6, 0.9, 1.2, 1.6, 2.0];

    /**
     * @param  list<array{press: float|null, off: float|null, caught: bool, before: bool}>  $trials  s after the peak;
     *   negative is before it; before: only a frame from before the press shows it
     */
    private function __construct(public MomentCourse $course, public array $trials)
    {
    }

    /**
     * @param  list<array{float}>  $trace  s from the start of each press; the first of a trial counts
     *
     * @throws Refused if there are too many, or they are out of order
     */
    public static function of(MomentCourse $course, array $trace): self
    {
        if (count($trace) > self::MOST_PRESSES) {
            throw Refused::because('trace', 'drill-trace-many', most: self::MOST_PRESSES);
        }
        $before = 0.0;
        foreach ($trace as $i => [$t]) {
            Range::of(0, $course->seconds + 5, 's')->check("trace[$i][0]", $t);
            if ($t < $before) {
                throw Refused::because("trace[$i][0]", 'drill-trace-order');
            }
            $before = $t;
        }
        $trials = [];
        foreach ($course->trials as $trial) {
            $press = null;
            foreach ($trace as [$t]) {
                if ($t >= $trial['from'] && $t < $trial['to']) {
                    $press = $t;
                    break;
                }
            }
            $after = $press !== null && self::caught($press, 0.0, $trial, $course->framesPerS);
            $before =
                $press !== null && ! $after && self::caught($press, $course->beforePressS, $trial, $course->framesPerS);
            $off = $press === null ? null : round($press - $trial['peak'], 3);
            $trials[] = ['press' => $press, 'off' => $off, 'caught' => $after || $before, 'before' => $before];
        }

        return new self($course, $trials);
    }

    /** Share of peaks that a frame shows, 0 to 1. */
    public function share(?bool $sudden = null, ?float $burstS = null): float
    {
        $caught = $all = 0;
        foreach ($this->trials as $i => $trial) {
            $of = $this->course->trials[$i];
            if (($sudden === null || $of['sudden'] === $sudden) && ($burstS === null || $of['burst_s'] === $burstS)) {
                $all++;
                $caught += $trial['caught'] ? 1 : 0;
            }
        }

        return $all === 0 ? 0.0 : $caught / $all;
    }

    /** From the cue of a sudden one to the press, the median, s; presses before it were guesses. */
    public function reactionS(): ?float
    {
        $times = [];
        foreach ($this->trials as $i => $trial) {
            $of = $this->course->trials[$i];
            if ($of['sudden'] && $trial['press'] !== null && $trial['press'] > $of['cue'] + 0.08) {
                $times[] = $trial['press'] - $of['cue'];
            }
        }

        return Median::of($times);
    }

    /**
     * @return array{mean: float, spread: float}|null of the press against a foreseen peak, s; null with fewer than
     *   three
     */
    public function timing(): ?array
    {
        $offs = [];
        foreach ($this->trials as $i => $trial) {
            ! $this->course->trials[$i]['sudden'] && $trial['off'] !== null && ($offs[] = $trial['off']);
        }
        if (count($offs) < 3) {
            return null;
        }
        $mean = array_sum($offs) / count($offs);
        $squares = array_sum(array_map(static fn (float $o): float => ($o - $mean) ** 2, $offs));

        return ['mean' => round($mean, 3), 'spread' => round(sqrt($squares / (count($offs) - 1)), 3)];
    }

    /**
     * What bursts of some lengths would catch of foreseen peaks, pressed as early as serves each best, with this
     * scatter.
     *
     * @return list<array{burst_s: float, lead_s: float, chance: float, frames: int}>
     */
    public function worth(): array
    {
        $timing = $this->timing();
        if ($timing === null) {
            return [];
        }
        $spread = max(0.01, $timing['spread']);
        $worth = [];
        foreach (self::LENGTHS as $length) {
            // Half of all that is kept lies before the peak, half after it.
            $whole = $length + $this->course->beforePressS;
            $worth[] = [
                'burst_s' => $length,
                'lead_s' => round($length - $whole / 2 + self::SHUTTER_LAG_S, 2),
                'chance' => round(max(0.0, self::within($whole / 2 / $spread)), 3),
                'frames' => (int) ceil($whole * $this->course->framesPerS),
            ];
        }

        return $worth;
    }

    /** Share of a normal distribution that lies within so many standard deviations (Abramowitz and Stegun 7.1.26). */
    private static function within(float $deviations): float
    {
        $x = $deviations / M_SQRT2;
        $t = 1 / (1 + 0.3275911 * $x);

        return 1 -
            $t *
                (0.254829592 + $t * (-0.284496736 + $t * (1.421413741 + $t * (-1.453152027 + $t * 1.061405429)))) *
                exp(-$x * $x);
    }

    /**
     * @param  float  $beforeS  frames of so many seconds are there from before the press
     * @param  array{from: float, cue: float, peak: float, to: float, burst_s: float, sudden: bool}  $trial
     */
    private static function caught(float $press, float $beforeS, array $trial, float $framesPerS): bool
    {
        for (
            $n = -(int) floor($beforeS * $framesPerS);
            $n < max(1, (int) round($trial['burst_s'] * $framesPerS));
            $n++
        ) {
            if (
                abs($press + self::SHUTTER_LAG_S + $n / $framesPerS - $trial['peak']) <=
                max(self::PEAK_S, 0.5 / $framesPerS)
            ) {
                return true;
            }
        }

        return false;
    }
}
