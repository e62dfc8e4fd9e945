<?php

declare(strict_types=1);

namespace RushHold\Causes\Kinds;

use RushHold\Causes\About;

/** The lens focuses in front or behind. */
final class FineTune
{
    public static function about(): About
    {
        return new About(
            common: 0.05,
            answers: [
                'course' => [0.03, 0.04, 0.06, 0.62, 0.04, 0.21],
                'size' => [0.48, 0.47, 0.05],
                'side' => [0.96, 0.04],
                'sharp-where' => [0.58, 0.16, 0.13, 0.07, 0.06],
                'still-target' => [0.05, 0.85, 0.1],
                'stopped-down' => [0.3, 0.7],
                'near-at-the-hour' => [0.25, 0.75],
            ],
        );
    }
}
