<?php

declare(strict_types=1);

namespace RushHold\Causes\Kinds;

use RushHold\Causes\About;
use RushHold\Causes\Fix;
use RushHold\Hold\Setting;
use RushHold\Hold\Stabiliser;

/** The camera shook. */
final class Shake
{
    public static function about(): About
    {
        return new About(
            common: 0.07,
            losses: [
                'shake' => 1.0,
            ],
            answers: [
                'course' => [0.03, 0.06, 0.2, 0.31, 0.04, 0.36],
                'sharp-where' => [0.92, 0.03, 0.02, 0.01, 0.02],
                'smear' => [0.1, 0.82, 0.06, 0.02],
                'still-target' => [0.5, 0.05, 0.45],
                'near-at-the-hour' => [0.35, 0.65],
            ],
            settings: static fn (Fix $fix): array => [
                Setting::Shutter->value => $fix->faster($fix->used->shutterS / 2, $fix->planned->shutterS),
                Setting::Stabiliser->value => $fix->used->stabiliser === Stabiliser::Off ? $fix->planned->stabiliser : $fix->used->stabiliser,
            ],
        );
    }
}
