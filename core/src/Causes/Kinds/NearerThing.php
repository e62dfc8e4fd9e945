<?php

declare(strict_types=1);

namespace RushHold\Causes\Kinds;

use RushHold\Causes\About;
use RushHold\Causes\Fix;
use RushHold\Hold\Setting;
use RushHold\Kit\Wins;

/** Focus went to something in front. */
final class NearerThing
{
    public static function about(): About
    {
        return new About(
            common: 0.07,
            losses: [
                'hidden' => 0.6,
                'on something nearer' => 0.7,
                'turned away' => 0.5,
            ],
            answers: [
                'course' => [0.04, 0.32, 0.14, 0.18, 0.07, 0.25],
                'size' => [0.05, 0.3, 0.65],
                'side' => [0.94, 0.06],
                'sharp-where' => [0.12, 0.04, 0.74, 0.06, 0.04],
                'jumped-when' => [0.46, 0.1, 0.44],
            ],
            settings: static fn (Fix $fix): array => [
                Setting::Area->value => $fix->smaller(),
                Setting::Wins->value => Wins::Held,
                Setting::Patience->value => $fix->patience(Fix::LONGER),
            ],
        );
    }
}
