<?php

declare(strict_types=1);

namespace RushHold\Drill;

/**
 * What a hand on the ring kept, and how it turned: frames are counted as a body takes them, sharp where the blur goes
 * unseen.
 */
final readonly class RingScore
{
    /** A turn within so many times of what goes unseen is noise of the hand. */
    private const NOISE = 5.0;

    /** The first turn is looked for in this time, s. */
    private const FIRST_TURN_S = 1.5;

    /** Nobody sees and turns sooner: turning before belongs to what came before, s. */
    private const SEES_S = 0.12;

    /** Beyond so many times of what goes unseen one has turned too far. */
    private const TOO_FAR = 8.0;

    /** Blur beyond so many times counts no more than this: it was simply lost. */
    private const LOST = 40.0;

    private const LAG_S = 0.8;

    private const LAG_STEP_S = 0.04;

    private const STEP_S = 1 / 30;

    /**
     * @param  int  $slots  frames that could have been taken, or subjects that came
     * @param  int  $kept  frames that count, or subjects with one at least
     * @param  int  $taken  frames that were taken
     * @param  int  $sharp  frames that were taken and sharp
     * @param  float|null  $firstS  from seeing it to the first frame that counts, the median over subjects that have
     *   one, s
     * @param  float|null  $lagS  by which the ring is late, s; null where nothing is followed
     * @param  float|null  $scatter  how far it is off besides, times what goes unseen; null where nothing is followed
     * @param  list<array{t: float, m: float, at_m: float, blur: float, kept: bool}>  $frames  each that was taken:
     *   where the subject was and what was sharp, m, and its blur in times of what goes unseen
     */
    private function __construct(
        public int $slots,
        public int $kept,
        public int $taken,
        public int $sharp,
        public ?float $firstS,
        public ?float $lagS,
        public ?float $scatter,
        public int $overshoots,
        public int $wrongWay,
        public int $starts,
        public array $frames,
    ) {
    }

    public static function of(RingCourse $course, RingTrace $trace): self
    {
        $ring = $course->ring;
        $kept = $near = $taken = $sharp = $slots = $overshoots = $wrong = $starts = 0;
        $firsts = $frames = [];
        foreach ($course->stretches as $stretch) {
            $first = null;
            foreach (self::exposures($course, $stretch, $trace) as $t) {
                $taken++;
                $turn = $trace->turn($t);
                $blur = $ring->blurUm($turn, $stretch->at($t)) / $ring->cocUm;
                $sharp += $blur <= 1 ? 1 : 0;
                $counts = $blur <= $course->exercise->counts();
                $near += $counts ? 1 : 0;
                $first ??= $counts ? $t : null;
                $frames[] = [
                    't' => round($t, 3),
                    'm' => round($stretch->at($t), 3),
                    'at_m' => round(min(9999.0, $ring->metres($turn)), 3),
                    'blur' => round(min(999.0, $blur), 2),
                    'kept' => $counts,
                ];
            }
            $first !== null && ($firsts[] = $first - $stretch->counts);
            $slots += $course->exercise->countsSubjects()
                ? 1
                : (int) floor(($stretch->to - $stretch->counts) * $course->framesPerS);
            $kept += $course->exercise->countsSubjects() && $first !== null ? 1 : 0;
            if (! $course->exercise->isFollowed()) {
                $starts++;
                $wrong += self::turnedAway($ring, $stretch, $trace) ? 1 : 0;
            }
            $overshoots += self::turnedTooFar($ring, $stretch, $trace) ? 1 : 0;
        }
        [$lag, $scatter] = $course->exercise->isFollowed() ? self::following($course, $trace) : [null, null];

        return new self(
            $slots,
            $course->exercise->countsSubjects() ? $kept : min($slots, $near),
            $taken,
            $sharp,
            Median::of($firsts),
            $lag,
            $scatter,
            $overshoots,
            $wrong,
            $starts,
            $frames,
        );
    }

    /** Share of what could have been kept, 0 to 1. */
    public function share(): float
    {
        return $this->slots === 0 ? 0.0 : $this->kept / $this->slots;
    }

    /**
     * When frames are taken: for what sits, one at each press; else as fast as the body goes while the shutter is held.
     *
     * @return list<float>
     */
    private static function exposures(RingCourse $course, Stretch $stretch, RingTrace $trace): array
    {
        if ($stretch->isStill()) {
            // The first press decides, as it does with a bird that is gone then.
            return array_slice(
                array_values(
                    array_filter(
                        $trace->presses(),
                        static fn (float $t): bool => $t >= $stretch->counts && $t < $stretch->to,
                    ),
                ),
                0,
                1,
            );
        }
        $times = [];
        for ($n = 0; ($t = $stretch->counts + ($n + 0.5) / $course->framesPerS) < $stretch->to; $n++) {
            $trace->fires($t) && ($times[] = $t);
        }

        return $times;
    }

    /** Whether the first turn after a subject came went the wrong way. */
    private static function turnedAway(Ring $ring, Stretch $stretch, RingTrace $trace): bool
    {
        $from = $stretch->from + self::SEES_S;
        $begin = $trace->turn($from);
        // Where it is going, where that is known; else where it is by then.
        $goal = $ring->turn($stretch->markM ?? $stretch->at($from + self::FIRST_TURN_S / 2));
        $noise = self::NOISE * $ring->play($stretch->at($from));
        if (abs($goal - $begin) < 2 * $noise) {
            return false;
        }
        for ($t = $from; $t < min($stretch->to, $from + self::FIRST_TURN_S); $t += self::STEP_S) {
            $turned = $trace->turn($t) - $begin;
            if (abs($turned) > $noise) {
                return $turned > 0 !== $goal > $begin;
            }
        }

        return false;
    }

    /** Whether the ring went well past where something sat or was going to land. */
    private static function turnedTooFar(Ring $ring, Stretch $stretch, RingTrace $trace): bool
    {
        $metres = $stretch->markM ?? ($stretch->isStill() ? $stretch->at($stretch->from) : null);
        if ($metres === null) {
            return false;
        }
        $goal = $ring->turn($metres);
        $from = $trace->turn($stretch->from + self::SEES_S) - $goal;
        $too = self::TOO_FAR * $ring->play($metres);
        if (abs($from) < $too) {
            return false;
        }
        for ($t = $stretch->from + self::SEES_S; $t < $stretch->to; $t += self::STEP_S) {
            $off = $trace->turn($t) - $goal;
            if ($off * $from < 0 && abs($off) > $too) {
                return true;
            }
        }

        return false;
    }

    /**
     * By how much a ring that follows is late, and off besides.
     *
     * @return array{float, float}
     */
    private static function following(RingCourse $course, RingTrace $trace): array
    {
        $best = [0.0, INF];
        for ($lag = 0.0; $lag <= self::LAG_S + 1e-9; $lag += self::LAG_STEP_S) {
            $best = self::better($best, [$lag, self::off($course, $trace, $lag)]);
        }
        foreach ([-0.5, 0.5] as $aside) {
            $lag = max(0.0, $best[0] + $aside * self::LAG_STEP_S);
            $best = self::better($best, [$lag, self::off($course, $trace, $lag)]);
        }

        return [round($best[0], 2), round($best[1], 2)];
    }

    /**
     * @param  array{float, float}  $one  lag and what is left
     * @param  array{float, float}  $other
     * @return array{float, float}
     */
    private static function better(array $one, array $other): array
    {
        return $other[1] < $one[1] ? $other : $one;
    }

    /** How far a ring is off that is late by so much, times what goes unseen. */
    private static function off(RingCourse $course, RingTrace $trace, float $lag): float
    {
        $squares = $count = 0;
        foreach ($course->stretches as $stretch) {
            // The hand has to come to it first.
            for (
                $t = $stretch->counts + min(1.0, 0.3 * ($stretch->to - $stretch->counts));
                $t < $stretch->to;
                $t += self::STEP_S
            ) {
                $metres = $stretch->at($t - $lag);
                $off = ($trace->turn($t) - $course->ring->turn($metres)) / $course->ring->play($metres);
                $squares += min(self::LOST, abs($off)) ** 2;
                $count++;
            }
        }

        return sqrt($squares / max(1, $count));
    }
}
