<?php

declare(strict_types=1);

namespace RushHold\Hold\Settings;

use RushHold\Hold\Hold;
use RushHold\Hold\Kinds\Flag;
use RushHold\Kit\Detection;
use RushHold\Kit\FocusMode;

/** Whether the body goes for the eye of what it has found; where it looks for nothing there is none to find. */
final class Eye
{
    public static function about(): About
    {
        return new About(
            kind: new Flag(),
            readAt: 60,
            property: 'eye',
            told: [Where::Card, Where::Pocket, Where::Ranking, Where::OwnWord],
            steps: ['false', 'true'],
            played: true,
            changedAt: 2,
            by: Means::Quick,
            onControls: OnControls::InASet,
            idle: static fn (Hold $hold): bool => $hold->mode === FocusMode::Manual || $hold->detect === Detection::Off,
        );
    }
}
