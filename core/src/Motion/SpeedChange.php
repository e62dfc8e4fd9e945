<?php

declare(strict_types=1);

namespace RushHold\Motion;

use RushHold\Range;

/** From $atS on the speed goes evenly to $toMps, within $overS seconds. */
final readonly class SpeedChange
{
    public function __construct(public float $atS, public float $toMps, public float $overS)
    {
        Range::of(0, 60, 's')->check('path.speed_changes.at_s', $atS);
        Range::of(0, 120, 'm/s')->check('path.speed_changes.to_mps', $toMps);
        Range::of(0, 60, 's')->check('path.speed_changes.over_s', $overS);
    }
}
