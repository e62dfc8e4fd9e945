<?php

declare(strict_types=1);

namespace RushHold\Hold\Settings;

use RushHold\Hold\Hold;
use RushHold\Hold\Kinds\Word;
use RushHold\Kit\Area as Areas;
use RushHold\Kit\FocusMode;

/** Where in the frame the body measures, and how large. */
final class Area
{
    public static function about(): About
    {
        return new About(
            kind: new Word(Areas::class),
            readAt: 30,
            property: 'area',
            told: [Where::Card, Where::Pocket, Where::Ranking, Where::Short, Where::OwnWord],
            played: true,
            changedAt: 3,
            by: Means::Quick,
            onControls: OnControls::InASet,
            matters: [1.0, 0.0],
            idle: static fn (Hold $hold): bool => $hold->mode === FocusMode::Manual,
            checked: static fn (Hold $hold): Areas => $hold->area,
        );
    }
}
