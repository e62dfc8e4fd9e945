<?php

declare(strict_types=1);

namespace RushHold\Hold\Settings;

use RushHold\Hold\Hold;
use RushHold\Hold\Kinds\Flag;
use RushHold\Kit\FocusMode;

/** Whether the body focuses on what is before it while no button is pressed. */
final class Unpressed
{
    /**
     * A finger that lies on the button presses it so much later than the eye is there, s: half of a simple reaction.
     */
    private const FINGER_S = 0.12;

    /** Of so many comings focus waits on what is behind, as that is what it was shown until then. */
    private const STRAYS = 0.6;

    public static function about(): About
    {
        return new About(
            kind: new Flag(),
            readAt: 115,
            told: [Where::Card, Where::Ranking, Where::OwnWord],
            played: true,
            changedAt: 14,
            idle: static fn (Hold $hold): bool => $hold->mode === FocusMode::Manual,
            usual: false,
            effect: static fn (float $on): Effect => new Effect(
                soonerS: $on * self::FINGER_S,
                strays: $on * self::STRAYS,
            ),
        );
    }
}
