<?php

declare(strict_types=1);

namespace RushHold\Kit;

use RushHold\Range;

/** The focusing ring of a lens as a hand turns it. */
final readonly class FocusRing
{
    /**
     * @param  float  $throwDeg  from the nearest distance to infinity, 30 to 720°
     * @param  bool  $rightIsNearer  whether turning it right, seen from behind the camera, focuses nearer
     */
    public function __construct(public float $throwDeg = 180.0, public bool $rightIsNearer = false)
    {
        Range::of(30, 720, '°')->check('kit.lens.ring.throw_deg', $throwDeg);
    }
}
