<?php

declare(strict_types=1);

namespace RushHold\Kit\Areas;

use RushHold\Kit\Area;

/** A point with a ring of helpers close around it. */
final class RingSmall
{
    public static function about(): About
    {
        return new About(
            wide: 0.1,
            high: 0.15,
            smaller: Area::Plus,
            detects: false,
            hasHelpers: true,
            isSmall: true,
            isCompared: true,
            marks: [
                'clutter-small' => 1.2,
                'some-clutter' => 2.0,
                'detailed-background' => 0.8,
                'detailed-background-unaided' => 1.6,
                'easy-to-hold' => 1.0,
                'crossings' => 2.6,
            ],
        );
    }
}
