<?php

declare(strict_types=1);

namespace RushHold\Hold\Settings;

use RushHold\Hold\AimPoint;
use RushHold\Hold\Hold;
use RushHold\Hold\Kinds\Word;
use RushHold\Kit\Kit;

/** Which part of the subject has to be sharp. */
final class Aim
{
    public static function about(): About
    {
        return new About(
            kind: new Word(AimPoint::class),
            readAt: 100,
            property: 'aim',
            told: [Where::Card, Where::Pocket],
            matters: null,
            tried: static fn (Hold $hold, Kit $kit): array => $hold->area->picksForItself() ? [] : [AimPoint::Edge],
        );
    }
}
