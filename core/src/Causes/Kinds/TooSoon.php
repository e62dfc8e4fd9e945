<?php

declare(strict_types=1);

namespace RushHold\Causes\Kinds;

use RushHold\Causes\About;
use RushHold\Causes\Fix;
use RushHold\Hold\Setting;

/** The shutter went before focus was there. */
final class TooSoon
{
    public static function about(): About
    {
        return new About(
            common: 0.04,
            losses: [
                'not caught' => 0.3,
            ],
            answers: [
                'course' => [0.02, 0.03, 0.04, 0.18, 0.66, 0.07],
                'size' => [0.06, 0.24, 0.7],
                'finder' => [0.4, 0.52, 0.08],
            ],
            settings: static fn (Fix $fix): array => [Setting::StartAt->value => $fix->planned->startAtM],
        );
    }
}
