<?php

declare(strict_types=1);

namespace RushHold\Causes\Kinds;

use RushHold\Causes\About;
use RushHold\Causes\Fix;
use RushHold\Hold\Setting;

/** Grain hides the detail. */
final class Noise
{
    public static function about(): About
    {
        return new About(
            common: 0.03,
            answers: [
                'course' => [0.02, 0.02, 0.05, 0.7, 0.03, 0.18],
                'size' => [0.82, 0.16, 0.02],
                'grain' => [0.1, 0.9],
                'sharp-where' => [0.9, 0.03, 0.03, 0.02, 0.02],
                'smear' => [0.95, 0.02, 0.02, 0.01],
                'still-target' => [0.4, 0.02, 0.58],
                'stopped-down' => [0.03, 0.97],
                'near-at-the-hour' => [0.3, 0.7],
            ],
            settings: static fn (Fix $fix): array => [
                Setting::Shutter->value => max($fix->used->shutterS, $fix->planned->shutterS),
                Setting::Aperture->value => min($fix->used->aperture, $fix->planned->aperture),
            ],
        );
    }
}
