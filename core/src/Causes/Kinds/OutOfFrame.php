<?php

declare(strict_types=1);

namespace RushHold\Causes\Kinds;

use RushHold\Causes\About;

/** It was not in the frame. */
final class OutOfFrame
{
    public static function about(): About
    {
        return new About(
            common: 0.06,
            losses: [
                'out of frame' => 1.0,
            ],
            answers: [
                'course' => [0.06, 0.26, 0.18, 0.1, 0.1, 0.3],
                'sharp-where' => [0.5, 0.36, 0.1, 0.02, 0.02],
                'smear' => [0.7, 0.18, 0.1, 0.02],
                'jumped-when' => [0.06, 0.6, 0.34],
                'in-frame' => [0.08, 0.92],
            ],
        );
    }
}
