<?php

declare(strict_types=1);

namespace RushHold\Kit\Areas;

use RushHold\Kit\Area;

/** The widest ring of helpers. */
final class RingLarge
{
    public static function about(): About
    {
        return new About(
            wide: 0.22,
            high: 0.32,
            smaller: Area::RingSmall,
            hasHelpers: true,
            marks: [
                'open-large' => 1.8,
                'detailed-background' => 1.8,
                'detailed-background-unaided' => 2.0,
                'hard-to-hold' => 1.5,
            ],
        );
    }
}
