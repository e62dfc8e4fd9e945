<?php

declare(strict_types=1);

namespace RushHold\Causes\Kinds;

use RushHold\Causes\About;
use RushHold\Causes\Fix;
use RushHold\Hold\Setting;

/** The lens is soft at this opening or with what is on it. */
final class LensSoft
{
    public static function about(): About
    {
        return new About(
            common: 0.04,
            answers: [
                'course' => [0.02, 0.03, 0.05, 0.74, 0.03, 0.13],
                'size' => [0.74, 0.24, 0.02],
                'sharp-where' => [0.94, 0.02, 0.02, 0.01, 0.01],
                'smear' => [0.93, 0.04, 0.02, 0.01],
                'still-target' => [0.05, 0.08, 0.87],
                'stopped-down' => [0.88, 0.12],
                'near-at-the-hour' => [0.06, 0.94],
            ],
            settings: static fn (Fix $fix): array => [Setting::Aperture->value => $fix->stopped(1.0)],
        );
    }
}
