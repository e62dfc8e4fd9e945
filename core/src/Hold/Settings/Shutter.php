<?php

declare(strict_types=1);

namespace RushHold\Hold\Settings;

use RushHold\Hold\Kinds\Amount;
use RushHold\Quantity;

/** Exposure time, s. */
final class Shutter
{
    public static function about(): About
    {
        return new About(
            kind: Amount::shutter(),
            readAt: 130,
            property: 'shutterS',
            group: 'exposure',
            told: [Where::Pocket, Where::Ranking],
            changedAt: 10,
            by: Means::Dial,
            onControls: OnControls::Beside,
            matters: [0.8, 0.5],
            says: Quantity::shutter(...),
        );
    }
}
