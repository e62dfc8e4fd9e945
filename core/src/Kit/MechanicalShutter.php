<?php

declare(strict_types=1);

namespace RushHold\Kit;

use RushHold\Range;

/** What a body does with its mechanical shutter, where it has one beside the electronic. */
final readonly class MechanicalShutter
{
    /**
     * @param  float  $framesPerS  0.5 to 60
     * @param  float  $fastestS  shortest exposure, s
     */
    public function __construct(public float $framesPerS, public float $fastestS = 1 / 8000)
    {
        Range::of(0.5, 60, 'frames/s')->check('kit.body.mechanical.frames_per_s', $framesPerS);
        Range::of(1 / 64000, 1 / 100, 's')->check('kit.body.mechanical.fastest_shutter_s', $fastestS);
    }
}
