<?php

declare(strict_types=1);

namespace RushHold\Planning;

use RushHold\Blur\BlurParts;
use RushHold\Blur\Verdict;

/** One frame of the burst, with what blurs it if the aim is true. */
final readonly class LaneFrame
{
    public function __construct(
        public float $t,
        public float $distanceM,
        public BlurParts $blur,
        public Verdict $verdict,
        /** What blurs it most, in words; empty for a crisp frame. */
        public string $mostly,
    ) {
    }
}
