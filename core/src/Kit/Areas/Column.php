<?php

declare(strict_types=1);

namespace RushHold\Kit\Areas;

use RushHold\Kit\Area;

/** A tall stripe over most of the height. */
final class Column
{
    public static function about(): About
    {
        return new About(
            wide: 0.22,
            high: 0.85,
            smaller: Area::RingMedium,
            picksForItself: true,
            spans: true,
            marks: [
                'clutter-small' => -2.5,
                'open-large' => 0.8,
                'rising-tall' => 4.0,
            ],
            ruledOut: ['blocks-take-the-clutter'],
        );
    }
}
