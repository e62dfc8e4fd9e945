<?php

declare(strict_types=1);

namespace RushHold\Kit\Areas;

use RushHold\Kit\Area;

/** A point and its four neighbours, which help. */
final class Plus
{
    public static function about(): About
    {
        return new About(
            wide: 0.08,
            high: 0.12,
            smaller: Area::Point,
            detects: false,
            hasHelpers: true,
            isSmall: true,
            isFine: true,
            marks: [
                'clutter-small' => 2.6,
                'some-clutter' => 1.5,
                'detailed-background-unaided' => 1.0,
                'hard-to-hold' => -1.2,
                'easy-to-hold' => 1.4,
                'still-precise' => 2.0,
                'crossings' => 1.0,
                'parts-at-different-depths' => -0.6,
            ],
        );
    }
}
