<?php

declare(strict_types=1);

namespace RushHold\Hold\Settings;

use RushHold\Hold\Kinds\Word;
use RushHold\Hold\Technique as Techniques;

/** Who focuses: the body, or a hand on the ring, and how. */
final class Technique
{
    public static function about(): About
    {
        return new About(
            kind: new Word(Techniques::class),
            readAt: 10,
            property: 'technique',
            told: [Where::Card, Where::Pocket, Where::Ranking],
            played: true,
            matters: [0.6, 1.0],
        );
    }
}
