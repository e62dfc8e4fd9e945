<?php

declare(strict_types=1);

namespace RushHold\Kit\Areas;

use RushHold\Kit\Area;

/** One point. */
final class Point
{
    public static function about(): About
    {
        return new About(
            wide: 0.035,
            high: 0.05,
            smaller: Area::Speck,
            detects: false,
            isSmall: true,
            isFine: true,
            isCompared: true,
            marks: [
                'by-hand' => 10.0,
                'clutter-small' => 3.0,
                'some-clutter' => 1.0,
                'detailed-background' => -1.0,
                'hard-to-hold' => -2.5,
                'easy-to-hold' => 1.0,
                'still-precise' => 3.0,
                'parts-at-different-depths' => 0.8,
            ],
        );
    }
}
