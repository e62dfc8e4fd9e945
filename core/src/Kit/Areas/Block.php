<?php

declare(strict_types=1);

namespace RushHold\Kit\Areas;

use RushHold\Kit\Area;

/** A block of the frame. */
final class Block
{
    public static function about(): About
    {
        return new About(
            wide: 0.36,
            high: 0.4,
            smaller: Area::RingMedium,
            picksForItself: true,
            isCompared: true,
            marks: [
                'clutter-small' => -2.0,
                'some-clutter' => -0.5,
                'open-large' => 3.0,
                'detailed-background' => 2.0,
                'detailed-background-unaided' => -0.5,
                'hard-to-hold' => 1.0,
                'across-wide' => 0.5,
                'crossings' => 0.5,
                'parts-at-different-depths' => -1.0,
            ],
            ruledOut: ['blocks-take-the-clutter'],
        );
    }
}
