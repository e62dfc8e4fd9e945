<?php

declare(strict_types=1);

namespace RushHold\Causes\Kinds;

use RushHold\Causes\About;
use RushHold\Causes\Fix;
use RushHold\Hold\Setting;
use RushHold\Kit\Wins;

/** Focus was on it and left it at once. */
final class JumpsOff
{
    public static function about(): About
    {
        return new About(
            common: 0.06,
            losses: [
                'hidden' => 0.4,
                'on the background' => 0.25,
                'on something nearer' => 0.3,
                'turned away' => 0.5,
            ],
            answers: [
                'course' => [0.06, 0.52, 0.08, 0.06, 0.06, 0.22],
                'size' => [0.06, 0.3, 0.64],
                'side' => [0.5, 0.5],
                'sharp-where' => [0.34, 0.32, 0.26, 0.04, 0.04],
                'jumped-when' => [0.7, 0.22, 0.08],
                'mode' => [0.02, 0.92, 0.05, 0.01],
            ],
            settings: static fn (Fix $fix): array => [
                Setting::Patience->value => $fix->patience(max(Fix::LONGER, 2 * $fix->used->patienceS)),
                Setting::Wins->value => Wins::Held,
            ],
        );
    }
}
