<?php

declare(strict_types=1);

namespace RushHold\Planning;

use RushHold\Motion\PathPoint;

/** One moment of the rush: the subject, the focus, and what is sharp around the focus. */
final readonly class LaneSample
{
    public function __construct(
        public PathPoint $point,
        public float $focusM,
        public float $nearM,
        public float $farM,
        /** Size of a metre on the sensor, mm. */
        public float $mmPerM,
    ) {
    }
}
