<?php

declare(strict_types=1);

namespace RushHold\Causes\Kinds;

use RushHold\Causes\About;
use RushHold\Causes\Fix;
use RushHold\Hold\Setting;

/** Focus took a part of the subject that is nearer than the one that was meant. */
final class NearerPart
{
    public static function about(): About
    {
        return new About(
            common: 0.05,
            losses: [
                'too little depth' => 0.3,
                'nearer part' => 1.0,
            ],
            answers: [
                'size' => [0.62, 0.34, 0.04],
                'side' => [0.94, 0.06],
                'sharp-where' => [0.06, 0.02, 0.2, 0.56, 0.16],
                'stopped-down' => [0.36, 0.64],
            ],
            settings: static fn (Fix $fix): array => [...$fix->part(), Setting::Aperture->value => $fix->stopped(1.0)],
        );
    }
}
