<?php

declare(strict_types=1);

namespace RushHold\Roll;

use RushHold\Labelled;

/** What speaks for a burst being of a rush. */
enum Sign: string implements Labelled
{
    case Day = 'day';
    case Only = 'only';
    case Hour = 'hour';
    case Turn = 'turn';
    case FocalLength = 'focal-length';
    case Distance = 'distance';

    /** How much it says, in points. */
    public function points(): float
    {
        return match ($this) {
            self::Hour => 3.0,
            self::Turn, self::Only => 1.5,
            self::Day, self::FocalLength, self::Distance => 1.0,
        };
    }
}
