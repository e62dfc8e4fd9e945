<?php

declare(strict_types=1);

namespace RushHold\Causes\Kinds;

use RushHold\Causes\About;
use RushHold\Causes\Fix;
use RushHold\Hold\Setting;
use RushHold\Kit\Wins;

/** Focus went to what is behind. */
final class Background
{
    public static function about(): About
    {
        return new About(
            common: 0.07,
            losses: [
                'on the background' => 0.75,
            ],
            answers: [
                'course' => [0.04, 0.2, 0.08, 0.38, 0.1, 0.2],
                'size' => [0.05, 0.3, 0.65],
                'side' => [0.96, 0.04],
                'sharp-where' => [0.1, 0.84, 0.02, 0.02, 0.02],
                'jumped-when' => [0.08, 0.42, 0.5],
            ],
            settings: static fn (Fix $fix): array => [
                Setting::Area->value => $fix->smaller(),
                Setting::Wins->value => Wins::Held,
                Setting::StartAt->value => $fix->planned->startAtM,
            ],
        );
    }
}
