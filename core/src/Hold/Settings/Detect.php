<?php

declare(strict_types=1);

namespace RushHold\Hold\Settings;

use RushHold\Hold\Hold;
use RushHold\Hold\Kinds\Word;
use RushHold\Kit\Detection;
use RushHold\Kit\FocusMode;
use RushHold\Said;

/** What kind of subject the body looks for. */
final class Detect
{
    public static function about(): About
    {
        return new About(
            kind: new Word(Detection::class),
            readAt: 50,
            property: 'detect',
            told: [Where::Card, Where::Pocket, Where::Ranking, Where::Short, Where::OwnWord],
            played: true,
            changedAt: 1,
            by: Means::Quick,
            onControls: OnControls::InASet,
            matters: [0.4, 0.0],
            idle: static fn (Hold $hold): bool => $hold->mode === FocusMode::Manual,
            checked: static fn (Hold $hold): Said => Said::of('check.detect', kind: $hold->detect),
        );
    }
}
