<?php

declare(strict_types=1);

namespace RushHold\Hold\Settings;

use RushHold\Hold\Hold;
use RushHold\Hold\Kinds\Word;
use RushHold\Kit\FocusMode;

/** How often the body focuses while its button is down. */
final class Mode
{
    public static function about(): About
    {
        return new About(
            kind: new Word(FocusMode::class),
            readAt: 20,
            property: 'mode',
            told: [Where::Card, Where::Pocket, Where::Ranking, Where::Short, Where::OwnWord],
            played: true,
            changedAt: 0,
            by: static fn (mixed $from, mixed $to): Means => $from === FocusMode::Manual || $to === FocusMode::Manual
                ? Means::Switch
                : Means::Quick,
            onControls: OnControls::InASet,
            matters: [0.2, 0.0],
            checked: static fn (Hold $hold): FocusMode => $hold->mode,
        );
    }
}
