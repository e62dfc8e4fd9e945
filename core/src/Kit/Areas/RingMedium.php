<?php

declare(strict_types=1);

namespace RushHold\Kit\Areas;

use RushHold\Kit\Area;

/** A wider ring of helpers. */
final class RingMedium
{
    public static function about(): About
    {
        return new About(
            wide: 0.15,
            high: 0.22,
            smaller: Area::RingSmall,
            hasHelpers: true,
            marks: [
                'open-large' => 1.0,
                'detailed-background' => 1.2,
                'hard-to-hold' => 1.0,
                'crossings' => 2.2,
            ],
        );
    }
}
