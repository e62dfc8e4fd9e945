<?php

declare(strict_types=1);

namespace RushHold\Causes\Kinds;

use RushHold\Causes\About;
use RushHold\Causes\Fix;
use RushHold\Hold\Setting;

/** The lens is stopped down too far. */
final class Diffraction
{
    public static function about(): About
    {
        return new About(
            common: 0.02,
            answers: [
                'course' => [0.02, 0.02, 0.04, 0.76, 0.03, 0.13],
                'size' => [0.8, 0.19, 0.01],
                'sharp-where' => [0.95, 0.02, 0.01, 0.01, 0.01],
                'smear' => [0.95, 0.02, 0.02, 0.01],
                'still-target' => [0.08, 0.03, 0.89],
                'stopped-down' => [0.02, 0.98],
                'near-at-the-hour' => [0.08, 0.92],
            ],
            settings: static fn (Fix $fix): array => [Setting::Aperture->value => $fix->opened()],
        );
    }
}
