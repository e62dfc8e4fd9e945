<?php

declare(strict_types=1);

namespace RushHold\Kit\Areas;

/** The smallest the body has: a hair of the frame. */
final class Speck
{
    public static function about(): About
    {
        return new About(
            wide: 0.012,
            high: 0.018,
            modes: About::SINGLE,
            detects: false,
            isSmall: true,
            isFine: true,
            marks: [
                'clutter-small' => 1.0,
                'hard-to-hold' => -4.0,
                'still-precise' => 1.5,
                'easier-smaller' => -1.0,
            ],
        );
    }
}
