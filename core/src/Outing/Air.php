<?php

declare(strict_types=1);

namespace RushHold\Outing;

use RushHold\Labelled;

/** What hangs in the air between camera and subject. */
enum Air: string implements Labelled
{
    case Clear = 'clear';
    case Haze = 'haze';
    case Spray = 'spray';
    case Fog = 'fog';

    /** Share of the subject's contrast that comes through. */
    public function contrast(): float
    {
        return match ($this) {
            self::Clear => 1.0,
            self::Haze => 0.8,
            self::Spray => 0.7,
            self::Fog => 0.4,
        };
    }
}
