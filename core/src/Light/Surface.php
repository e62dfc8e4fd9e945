<?php

declare(strict_types=1);

namespace RushHold\Light;

use RushHold\Labelled;

/** What lies under the line of sight. */
enum Surface: string implements Labelled
{
    case Water = 'water';
    case Grass = 'grass';
    case Sand = 'sand';
    case Rock = 'rock';
    case Asphalt = 'asphalt';

    /** How warm it gets in sun against the air above it, relative to grass. */
    public function warmth(): float
    {
        return match ($this) {
            self::Water => 0.15,
            self::Grass => 1.0,
            self::Rock => 1.5,
            self::Sand => 1.6,
            self::Asphalt => 2.0,
        };
    }
}
