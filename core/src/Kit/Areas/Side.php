<?php

declare(strict_types=1);

namespace RushHold\Kit\Areas;

use RushHold\Kit\Area;

/** A third of the frame, from top to bottom. */
final class Side
{
    public static function about(): About
    {
        return new About(
            wide: 0.33,
            high: 0.9,
            smaller: Area::RingLarge,
            picksForItself: true,
            marks: [
                'clutter-small' => -2.5,
                'sides-for-entrances' => 2.0,
            ],
            ruledOut: ['blocks-take-the-clutter'],
        );
    }
}
