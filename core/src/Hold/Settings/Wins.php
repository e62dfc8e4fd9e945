<?php

declare(strict_types=1);

namespace RushHold\Hold\Settings;

use RushHold\Hold\Hold;
use RushHold\Hold\Kinds\Word;
use RushHold\Kit\FocusMode;
use RushHold\Kit\Kit;
use RushHold\Kit\Wins as Winners;

/** What an area takes where there is more than one thing in it. */
final class Wins
{
    public static function about(): About
    {
        return new About(
            kind: new Word(Winners::class),
            readAt: 90,
            property: 'wins',
            told: [Where::Card, Where::Ranking, Where::OwnWord],
            played: true,
            changedAt: 6,
            onControls: OnControls::InASet,
            idle: static fn (Hold $hold): bool => $hold->mode === FocusMode::Manual || ! $hold->area->picksForItself(),
            tried: static fn (Hold $hold, Kit $kit): array => $hold->area->picksForItself() ? Winners::cases() : [],
        );
    }
}
