<?php

declare(strict_types=1);

namespace RushHold\Hold\Settings;

use RushHold\Hold\Hold;
use RushHold\Hold\Kinds\Amount;
use RushHold\Kit\FocusMode;
use RushHold\Quantity;
use RushHold\Said;

/** How far the body believes a change of speed, 0 to 1. */
final class Nimbleness
{
    public static function about(): About
    {
        return new About(
            kind: Amount::nimbleness(),
            readAt: 80,
            property: 'nimble',
            told: [Where::Card, Where::Pocket, Where::Ranking, Where::OwnWord],
            steps: ['0.5', '0.0', '1.0'],
            played: true,
            changedAt: 5,
            onControls: OnControls::InASet,
            idle: static fn (Hold $hold): bool => $hold->mode === FocusMode::Manual || $hold->mode->locksOnce(),
            says: static fn (float $n): Said => Said::of('value.nimbleness', nimble: Quantity::figure($n)),
        );
    }
}
