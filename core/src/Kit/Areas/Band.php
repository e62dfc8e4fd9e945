<?php

declare(strict_types=1);

namespace RushHold\Kit\Areas;

use RushHold\Kit\Area;

/** A wide stripe over most of the width. */
final class Band
{
    public static function about(): About
    {
        return new About(
            wide: 0.85,
            high: 0.22,
            smaller: Area::RingMedium,
            picksForItself: true,
            spans: true,
            marks: [
                'clutter-small' => -2.5,
                'open-large' => 1.5,
                'across-wide' => 3.4,
                'rising-tall' => -1.0,
            ],
            ruledOut: ['blocks-take-the-clutter'],
        );
    }
}
