<?php

declare(strict_types=1);

namespace RushHold\Bench;

use RushHold\Focus\Noise;
use RushHold\Range;

/**
 * Takes the place of a camera on a tripod before a target: frames at fine-tune values for a lens whose error nobody is
 * told, which focuses a little differently each time, and for which an edge of another depth makes a second, lower
 * peak.
 */
final readonly class StandInSweep
{
    /** Fine-tune steps by which focus has to be off for the blur to double. */
    private const DOUBLES = 5.0;

    /**
     * @param  float  $hidden  the value at which the lens is right, −20 to 20
     * @param  float  $scatter  how far single frames focus beside, steps, 0 to 10
     * @param  float|null  $second  where a second peak stands; null: there is none
     * @param  float  $noise  of a score, as a share
     */
    public function __construct(
        public float $hidden,
        private float $scatter = 1.0,
        private ?float $second = null,
        private float $noise = 0.03,
    ) {
        Range::of(-20, 20)->check('hidden', $hidden);
        Range::of(0, 10)->check('scatter', $scatter);
        Range::of(0, 1)->check('noise', $noise);
    }

    /** How sharp a frame comes out that focuses so many steps from the value it was set to, 0 to 1. */
    public function sharpness(float $value): float
    {
        $first = 1 / sqrt(1 + 3 * (($value - $this->hidden) / self::DOUBLES) ** 2);

        return $this->second === null
            ? $first
            : max($first, 0.85 / sqrt(1 + 3 * (($value - $this->second) / (0.5 * self::DOUBLES)) ** 2));
    }

    /** What is expected of frames at a value: the mean over where they focus. */
    public function expected(float $value): float
    {
        $sum = 0.0;
        for ($i = -20; $i <= 20; $i++) {
            $sum += $this->sharpness($value + ($this->scatter * $i) / 8) * exp(-0.5 * ($i / 8) ** 2);
        }

        return $sum / (8 * sqrt(2 * M_PI));
    }

    /** Score of one frame: always the same for the same seed. */
    public function score(float $value, int $seed): float
    {
        $normal = Noise::white(61);
        $off = $normal[(7919 * $seed + 13) & Noise::MASK];
        $noise = $normal[(7919 * $seed + 4007) & Noise::MASK];

        return max(0.0, $this->sharpness($value + $this->scatter * $off) * (1 + $this->noise * $noise));
    }
}
