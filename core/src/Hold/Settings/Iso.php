<?php

declare(strict_types=1);

namespace RushHold\Hold\Settings;

use RushHold\Hold\Kinds\Amount;
use RushHold\Quantity;

/** Sensitivity, ISO. */
final class Iso
{
    public static function about(): About
    {
        return new About(
            kind: Amount::iso(),
            readAt: 150,
            property: 'iso',
            group: 'exposure',
            told: [Where::Pocket],
            changedAt: 12,
            matters: null,
            says: Quantity::iso(...),
        );
    }
}
