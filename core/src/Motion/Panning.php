<?php

declare(strict_types=1);

namespace RushHold\Motion;

use RushHold\Range;

/** What following with the camera takes out of the movement across the frame. */
final class Panning
{
    /**
     * Share of the movement removed: 0.6 for a first try, 0.97 for a master. Whoever keeps the subject in the
     * frame at all removes most of its movement, so even no skill is far from nothing.
     *
     * @param  float  $skill  0 to 1
     */
    public static function removed(float $skill): float
    {
        Range::share()->check('photographer.panning', $skill);

        return 0.6 + 0.37 * $skill;
    }
}
