<?php

declare(strict_types=1);

namespace RushHold\Drill;

use RushHold\Range;

/**
 * Peaks to be caught by a burst: half of them foreseen, half sudden; half with a short burst, half with a long one.
 */
final readonly class MomentCourse implements Course
{
    public const TRIALS = 12;

    public const SHORT_S = 0.35;

    public const LONG_S = 1.2;

    /** From the cue to a peak that is foreseen, s. */
    private const FORESEEN_S = [1.2, 2.0];

    /** From the cue to a peak that comes suddenly, s. */
    private const SUDDEN_S = [0.45, 0.75];

    /** From the start of a trial to its cue, s. */
    private const WAIT_S = [1.0, 2.6];

    private const AFTER_S = 1.6;

    /**
     * @param  list<array{from: float, cue: float, peak: float, to: float, burst_s: float, sudden: bool}>  $trials  s
     *   from the start
     */
    private function __construct(
        public array $trials,
        public float $framesPerS,
        public float $seconds,
        public float $beforePressS,
    ) {
    }

    public function seconds(): float
    {
        return $this->seconds;
    }

    /**
     * @param  float  $framesPerS  of the body, 0.5 to 240
     * @param  float  $beforePressS  frames of so many seconds are kept from before the press, 0 to 3 s
     */
    public static function of(int $seed, float $framesPerS, float $beforePressS = 0.0): self
    {
        Range::of(0.5, 240, 'frames/s')->check('frames_per_s', $framesPerS);
        Range::of(0, 3, 's')->check('before_press_s', $beforePressS);
        $draw = new SeededRandom($seed, 3);
        $kinds = [];
        for ($i = 0; $i < self::TRIALS; $i++) {
            $kinds[] = [$i % 2 === 1, intdiv($i, 2) % 2 === 1];
        }
        $trials = [];
        $t = 0.8;
        while ($kinds !== []) {
            $i = $draw->pick(array_map(static fn (): float => 1.0, $kinds));
            [$long, $sudden] = $kinds[$i];
            unset($kinds[$i]);
            $cue = $t + $draw->between(...self::WAIT_S);
            $peak = $cue + $draw->between(...$sudden ? self::SUDDEN_S : self::FORESEEN_S);
            $trials[] = [
                'from' => round($t, 3),
                'cue' => round($cue, 3),
                'peak' => round($peak, 3),
                'to' => round($peak + self::AFTER_S, 3),
                'burst_s' => $long ? self::LONG_S : self::SHORT_S,
                'sudden' => $sudden,
            ];
            $t = $peak + self::AFTER_S;
        }

        return new self($trials, $framesPerS, round($t, 3), $beforePressS);
    }
}
