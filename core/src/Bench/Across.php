<?php

declare(strict_types=1);

namespace RushHold\Bench;

/** The one value for all distances and focal lengths, and what it costs. */
final readonly class Across
{
    /**
     * @param  float  $loss  of the best score at each, weighed by use, 0 to 1
     * @param  int  $worst  the series where it loses most
     * @param  float  $worstLoss  there
     * @param  bool  $serves  whether it loses little enough wherever somebody shoots; otherwise there is no such value
     */
    public function __construct(
        public int $value,
        public float $loss,
        public int $worst,
        public float $worstLoss,
        public bool $serves,
    ) {
    }
}
