<?php

declare(strict_types=1);

namespace RushHold\Drill;

use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;
use RushHold\Range;

/** Chance from a seed: the same seed draws the same, on any machine. */
final class SeededRandom
{
    public const MOST_SEED = 1_000_000;

    private const STEPS = 1 << 30;

    private readonly Randomizer $randomizer;

    /** @param  int  $stream  draws of different things do not disturb each other */
    public function __construct(int $seed, int $stream = 0)
    {
        Range::of(0, self::MOST_SEED)->check('seed', $seed);
        $this->randomizer = new Randomizer(new Xoshiro256StarStar($seed * 64 + $stream));
    }

    public function between(float $from, float $to): float
    {
        return $from + (($to - $from) * $this->randomizer->getInt(0, self::STEPS - 1)) / self::STEPS;
    }

    /** Evenly by the logarithm. */
    public function scaled(float $from, float $to): float
    {
        return exp($this->between(log($from), log($to)));
    }

    /** A standard normal value (Box and Muller). */
    public function normal(): float
    {
        return sqrt(-2 * log(max(1e-12, $this->between(0, 1)))) * cos(2 * M_PI * $this->between(0, 1));
    }

    public function chance(float $of): bool
    {
        return $this->between(0, 1) < $of;
    }

    /**
     * One of some by their weights.
     *
     * @param  non-empty-array<int, float>  $weights  none negative
     */
    public function pick(array $weights): int
    {
        $at = $this->between(0, array_sum($weights));
        foreach ($weights as $i => $weight) {
            $at -= $weight;
            if ($at < 0) {
                return $i;
            }
        }

        return array_key_last($weights);
    }
}
