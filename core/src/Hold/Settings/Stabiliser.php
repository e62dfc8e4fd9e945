<?php

declare(strict_types=1);

namespace RushHold\Hold\Settings;

use RushHold\Hold\Hold;
use RushHold\Hold\Kinds\Word;
use RushHold\Hold\Stabiliser as Stabilisers;
use RushHold\Kit\Kit;
use RushHold\Said;

/** What steadies the picture. */
final class Stabiliser
{
    public static function about(): About
    {
        return new About(
            kind: new Word(Stabilisers::class),
            readAt: 170,
            property: 'stabiliser',
            group: 'shooting',
            told: [Where::Card, Where::Pocket, Where::Ranking, Where::OwnWord],
            played: true,
            changedAt: 9,
            by: Means::Switch,
            onControls: OnControls::Beside,
            checked: static fn (Hold $hold): Said => Said::of('check.stabiliser', how: $hold->stabiliser),
            tried: static fn (Hold $hold, Kit $kit): array => $kit->lens->stabiliserStops > 0
                ? Stabilisers::cases()
                : [],
        );
    }
}
