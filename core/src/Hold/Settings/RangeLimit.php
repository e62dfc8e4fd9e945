<?php

declare(strict_types=1);

namespace RushHold\Hold\Settings;

use RushHold\Hold\Kinds\Limits;

/** Between which distances the lens looks, m. */
final class RangeLimit
{
    public static function about(): About
    {
        return new About(
            kind: new Limits(),
            readAt: 120,
            property: 'range',
            told: [Where::Card, Where::OwnWord],
            changedAt: 7,
            by: Means::Switch,
            onControls: OnControls::Beside,
        );
    }
}
