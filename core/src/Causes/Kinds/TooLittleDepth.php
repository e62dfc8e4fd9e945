<?php

declare(strict_types=1);

namespace RushHold\Causes\Kinds;

use RushHold\Causes\About;
use RushHold\Causes\Fix;
use RushHold\Hold\Setting;

/** It is deeper than what is sharp. */
final class TooLittleDepth
{
    public static function about(): About
    {
        return new About(
            common: 0.05,
            losses: [
                'too little depth' => 0.7,
                'own scatter' => 0.6,
                'others out of depth' => 1.0,
            ],
            answers: [
                'size' => [0.72, 0.26, 0.02],
                'sharp-where' => [0.16, 0.06, 0.04, 0.18, 0.56],
                'still-target' => [0.78, 0.1, 0.12],
                'stopped-down' => [0.6, 0.4],
            ],
            settings: static fn (Fix $fix): array => [Setting::Aperture->value => $fix->stopped(1.5)],
        );
    }
}
