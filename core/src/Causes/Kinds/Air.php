<?php

declare(strict_types=1);

namespace RushHold\Causes\Kinds;

use RushHold\Causes\About;

/** The air shimmers. */
final class Air
{
    public static function about(): About
    {
        return new About(
            common: 0.05,
            losses: [
                'air' => 1.0,
            ],
            answers: [
                'course' => [0.03, 0.04, 0.18, 0.45, 0.04, 0.26],
                'size' => [0.55, 0.4, 0.05],
                'sharp-where' => [0.93, 0.02, 0.02, 0.01, 0.02],
                'smear' => [0.9, 0.06, 0.02, 0.02],
                'still-target' => [0.16, 0.06, 0.78],
                'near-at-the-hour' => [0.94, 0.06],
                'finder' => [0.6, 0.12, 0.28],
            ],
        );
    }
}
