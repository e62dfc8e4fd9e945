<?php

declare(strict_types=1);

namespace RushHold\Causes\Kinds;

use RushHold\Causes\About;
use RushHold\Causes\Fix;
use RushHold\Hold\Setting;
use RushHold\Kit\FocusMode;

/** Focus was locked once, and the subject went on. */
final class LockedOnce
{
    public static function about(): About
    {
        return new About(
            common: 0.05,
            answers: [
                'course' => [0.55, 0.16, 0.02, 0.14, 0.03, 0.1],
                'size' => [0.14, 0.4, 0.46],
                'side' => [0.9, 0.1],
                'ahead-behind' => [0.22, 0.78],
                'mode' => [0.8, 0.04, 0.15, 0.01],
            ],
            settings: static fn (Fix $fix): array => [Setting::Mode->value => FocusMode::Continuous],
        );
    }
}
