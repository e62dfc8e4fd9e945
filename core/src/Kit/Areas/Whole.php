<?php

declare(strict_types=1);

namespace RushHold\Kit\Areas;

use RushHold\Kit\Area;

/** All that the body can focus with. */
final class Whole
{
    public static function about(): About
    {
        return new About(
            wide: 0.96,
            high: 0.94,
            smaller: Area::RingLarge,
            picksForItself: true,
            spans: true,
            isCompared: true,
            marks: [
                'clutter-small' => -3.5,
                'some-clutter' => -1.5,
                'open-large' => 2.4,
                'detailed-background' => 0.3,
                'detailed-background-unaided' => -2.0,
                'crossings' => -2.5,
                'parts-at-different-depths' => -1.0,
            ],
            ruledOut: ['blocks-take-the-clutter', 'whole-needs-one-subject'],
        );
    }
}
