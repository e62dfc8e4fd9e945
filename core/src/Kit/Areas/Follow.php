<?php

declare(strict_types=1);

namespace RushHold\Kit\Areas;

use RushHold\Kit\Area;
use RushHold\Kit\FocusMode;

/** A point that goes with what it was put on. */
final class Follow
{
    public static function about(): About
    {
        return new About(
            wide: 0.05,
            high: 0.07,
            smaller: Area::RingSmall,
            modes: [FocusMode::Continuous],
            marks: [
                'clutter-small' => -1.0,
                'open-large' => 1.0,
            ],
            ruledOut: ['pattern-breaks-behind-clutter', 'pattern-needs-contrast'],
        );
    }
}
