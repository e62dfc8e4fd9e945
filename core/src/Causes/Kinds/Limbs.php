<?php

declare(strict_types=1);

namespace RushHold\Causes\Kinds;

use RushHold\Causes\About;
use RushHold\Causes\Fix;
use RushHold\Hold\Setting;

/** Only wings, legs or wheels moved too far. */
final class Limbs
{
    public static function about(): About
    {
        return new About(
            common: 0.04,
            losses: [
                'subject smear' => 0.25,
                'bent' => 1.0,
            ],
            answers: [
                'size' => [0.72, 0.2, 0.08],
                'sharp-where' => [0.24, 0.04, 0.02, 0.08, 0.62],
                'smear' => [0.1, 0.02, 0.1, 0.78],
            ],
            settings: static fn (Fix $fix): array => [
                Setting::Shutter->value => $fix->faster(
                    $fix->used->shutterS / Fix::SURELY_FAST,
                    $fix->planned->shutterS,
                ),
            ],
        );
    }
}
