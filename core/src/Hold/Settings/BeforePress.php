<?php

declare(strict_types=1);

namespace RushHold\Hold\Settings;

use RushHold\Hold\Drive as Drives;
use RushHold\Hold\Hold;
use RushHold\Hold\Kinds\Amount;
use RushHold\Quantity;
use RushHold\Range;
use RushHold\Said;

/** Frames a body keeps from before the shutter is down, s; they come in while the button is half pressed. */
final class BeforePress
{
    /**
     * What is seen is pressed so much later, s: a simple reaction to something seen takes a fifth to a quarter of a
     * second.
     */
    private const REACTION_S = 0.22;

    public static function about(): About
    {
        return new About(
            kind: Amount::plain(Range::of(0, 3, 's'), 0.05),
            readAt: 165,
            group: 'shooting',
            told: [Where::Card, Where::Ranking, Where::OwnWord],
            played: true,
            changedAt: 13,
            idle: static fn (Hold $hold): bool => $hold->drive === Drives::SingleFrame,
            says: static fn (float $s): Said => $s > 0
                ? Said::of('value.before-press', seconds: Quantity::seconds($s))
                : Said::of('value.off'),
            usual: 0.0,
            catches: true,
            effect: static fn (float $s): Effect => new Effect(soonerS: min($s, self::REACTION_S), spentS: $s),
        );
    }
}
