<?php

declare(strict_types=1);

namespace RushHold\Hold\Settings;

use RushHold\Hold\Hold;
use RushHold\Hold\Kinds\Amount;
use RushHold\Kit\FocusMode;
use RushHold\Quantity;
use RushHold\Said;

/** How long the body waits before it believes something new, s. */
final class Patience
{
    public static function about(): About
    {
        return new About(
            kind: Amount::patience(),
            readAt: 70,
            property: 'patienceS',
            told: [Where::Card, Where::Pocket, Where::Ranking, Where::OwnWord],
            steps: ['0.3', '0.12', '0.6', '0.02', '1.2'],
            played: true,
            changedAt: 4,
            onControls: OnControls::InASet,
            idle: static fn (Hold $hold): bool => $hold->mode === FocusMode::Manual || $hold->mode->locksOnce(),
            says: static fn (float $s): Said => Said::of('value.patience', seconds: Quantity::seconds($s, 3)),
            checked: static fn (Hold $hold): Said => Said::of(
                'check.patience',
                seconds: Quantity::seconds($hold->patienceS, 3),
            ),
        );
    }
}
