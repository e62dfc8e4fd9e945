<?php

declare(strict_types=1);

namespace RushHold\Hold\Settings;

use RushHold\Hold\Kinds\Place;

/** Where the area stands in the frame. */
final class AreaAt
{
    public static function about(): About
    {
        return new About(
            kind: new Place(),
            readAt: 40,
            property: 'areaAt',
            told: [Where::Card, Where::Pocket],
            by: Means::Moving,
        );
    }
}
