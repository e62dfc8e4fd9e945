<?php

declare(strict_types=1);

namespace RushHold\Tests;

/** Chance for tests, always the same: even numbers by Park and Miller's generator, and what is drawn with them. */
final class Drawn
{
    private int $state;

    public function __construct(int $seed)
    {
        $this->state = 7919 * $seed + 1;
    }

    /** Evenly between 0 and 1. */
    public function even(): float
    {
        $this->state = ($this->state * 48271) % 0x7FFFFFFF;

        return $this->state / 0x7FFFFFFF;
    }

    /**
     * A share from a Beta distribution of this mean, in which frames are so much alike; not at all: the mean itself.
     */
    public function share(float $mean, float $alike): float
    {
        if ($alike <= 0) {
            return $mean;
        }
        $a = $this->gamma($mean * (1 / $alike - 1));

        return $a / ($a + $this->gamma((1 - $mean) * (1 / $alike - 1)));
    }

    /** How many of so many are kept. */
    public function kept(float $share, int $frames): int
    {
        $kept = 0;
        for ($i = 0; $i < $frames; $i++) {
            $kept += $this->even() < $share ? 1 : 0;
        }

        return $kept;
    }

    /** By the method of Marsaglia and Tsang; a shape below one is boosted. */
    private function gamma(float $shape): float
    {
        $boost = $shape < 1 ? max(1e-12, $this->even()) ** (1 / $shape) : 1.0;
        $d = ($shape < 1 ? $shape + 1 : $shape) - 1 / 3;
        while (true) {
            $z = sqrt(-2 * log($this->even() + 1e-12)) * cos(2 * M_PI * $this->even());
            $v = (1 + $z / sqrt(9 * $d)) ** 3;
            if ($v > 0 && log($this->even() + 1e-12) < 0.5 * $z * $z + $d - $d * $v + $d * log($v)) {
                return $boost * $d * $v;
            }
        }
    }
}
