<?php

declare(strict_types=1);

namespace RushHold\Hold\Settings;

use RushHold\Hold\Kinds\Word;
use RushHold\Kit\Support as Supports;

/** What camera and lens rest on. */
final class Support
{
    public static function about(): About
    {
        return new About(
            kind: new Word(Supports::class),
            readAt: 180,
            property: 'support',
            group: 'shooting',
            told: [Where::Card, Where::Ranking],
        );
    }
}
