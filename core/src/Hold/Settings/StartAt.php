<?php

declare(strict_types=1);

namespace RushHold\Hold\Settings;

use RushHold\Hold\Hold;
use RushHold\Hold\Kinds\Amount;
use RushHold\Hold\Technique as Techniques;
use RushHold\Kit\Kit;

/** The distance focus stands at before the rush, m. */
final class StartAt
{
    /** It is tried so much nearer and farther. */
    private const TRIED = [0.85, 1.18];

    public static function about(): About
    {
        return new About(
            kind: Amount::distance(),
            readAt: 110,
            property: 'startAtM',
            told: [Where::Card, Where::Pocket],
            matters: [0.0, 0.75],
            tried: static fn (Hold $hold, Kit $kit): array => $hold->technique === Techniques::Auto
                ? array_map(
                    static fn (float $share): float => max($kit->lens->nearestM, $hold->startAtM * $share),
                    self::TRIED,
                )
                : [],
        );
    }
}
