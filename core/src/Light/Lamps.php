<?php

declare(strict_types=1);

namespace RushHold\Light;

use RushHold\Labelled;

/**
 * Light that is made. Usual light values of exposure tables; what is there differs by two stops either way, so a meter
 * knows better. Lamps on the mains brighten and fade twice in each of its cycles: 100 or 120 times a second.
 */
enum Lamps: string implements Labelled
{
    case Floodlights = 'floodlights';
    case Hall = 'hall';
    case Street = 'street';
    case Stage = 'stage';

    /** Shortest exposures that take in a whole pulse on a mains of 50 and of 60 Hz, s. */
    public const PULSES_S = [1 / 100, 1 / 120];

    /** Light value where they shine, EV at ISO 100. */
    public function ev100(): float
    {
        return match ($this) {
            self::Floodlights => 8.7,
            self::Hall => 7.5,
            self::Stage => 6.0,
            self::Street => 4.0,
        };
    }

    /** With daylight beside: light adds up. */
    public static function with(float $ev100, ?self $lamps): float
    {
        return $lamps === null ? $ev100 : log(2 ** $ev100 + 2 ** $lamps->ev100(), 2);
    }
}
