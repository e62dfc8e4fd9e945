<?php

declare(strict_types=1);

namespace RushHold\Causes\Kinds;

use RushHold\Causes\About;
use RushHold\Causes\Fix;
use RushHold\Hold\Setting;

/** The subject moved too far while the shutter was open. */
final class SubjectMotion
{
    public static function about(): About
    {
        return new About(
            common: 0.07,
            losses: [
                'subject smear' => 0.75,
            ],
            answers: [
                'course' => [0.06, 0.08, 0.1, 0.42, 0.08, 0.26],
                'sharp-where' => [0.52, 0.4, 0.02, 0.02, 0.04],
                'smear' => [0.08, 0.08, 0.76, 0.08],
            ],
            settings: static fn (Fix $fix): array => [
                Setting::Shutter->value => $fix->faster($fix->used->shutterS / 2, $fix->planned->shutterS),
            ],
        );
    }
}
