<?php

declare(strict_types=1);

namespace RushHold\Controls;

use RushHold\Kit\ControlPlace;

/** Which controls a hand reaches while it is busy with the subject. */
final class Reachable
{
    /** While the lens is held and panned, the eye at the finder: neither the screen nor the stick can be worked. */
    public static function whilePanning(ControlPlace $place): bool
    {
        return $place !== ControlPlace::Touch && $place !== ControlPlace::Stick;
    }
}
