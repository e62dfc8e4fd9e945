<?php

declare(strict_types=1);

namespace RushHold\Rush;

use RushHold\Range;
use RushHold\Refused;

/** Somebody beside the subject who has to be sharp in the same frame. */
final readonly class Companion
{
    /** Distance of the plane through it, square to the lens's axis, m: what depth of field is measured by. */
    public float $planeM;

    /**
     * @param  float  $distanceM  from the camera when the rush starts, 0.05 to 10000 m; it goes with the subject
     * @param  float  $acrossM  to the right of the line of sight, negative to the left, less than the distance
     *
     * @throws Refused if a value is out of range
     */
    public function __construct(public float $distanceM, public float $acrossM = 0.0, string $field = 'group')
    {
        Range::of(0.05, 10000, 'm')->check("{$field}.distance_m", $distanceM);
        Range::depending(-0.9 * $distanceM, 0.9 * $distanceM, 'm')->check("{$field}.across_m", $acrossM);
        $this->planeM = sqrt($distanceM ** 2 - $acrossM ** 2);
    }
}
