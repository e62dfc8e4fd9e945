<?php

declare(strict_types=1);

namespace RushHold\Hold\Settings;

use RushHold\Hold\Drive as Drives;
use RushHold\Hold\Hold;
use RushHold\Hold\Kinds\Word;

/** How long a burst is. */
final class Drive
{
    public static function about(): About
    {
        return new About(
            kind: new Word(Drives::class),
            readAt: 160,
            property: 'drive',
            group: 'shooting',
            told: [Where::Card, Where::OwnWord],
            changedAt: 8,
            matters: null,
            checked: static fn (Hold $hold): Drives => $hold->drive,
        );
    }
}
