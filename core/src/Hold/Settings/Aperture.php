<?php

declare(strict_types=1);

namespace RushHold\Hold\Settings;

use RushHold\Hold\Kinds\Amount;
use RushHold\Quantity;

/** The f-number. */
final class Aperture
{
    public static function about(): About
    {
        return new About(
            kind: Amount::aperture(),
            readAt: 140,
            property: 'aperture',
            group: 'exposure',
            told: [Where::Pocket, Where::Ranking],
            changedAt: 11,
            by: Means::DialOfTwo,
            onControls: OnControls::Beside,
            matters: [0.0, 0.25],
            says: Quantity::fNumber(...),
        );
    }
}
