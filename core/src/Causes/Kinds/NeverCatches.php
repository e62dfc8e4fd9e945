<?php

declare(strict_types=1);

namespace RushHold\Causes\Kinds;

use RushHold\Causes\About;
use RushHold\Causes\Fix;
use RushHold\Hold\Setting;

/** Focus never locked on. */
final class NeverCatches
{
    public static function about(): About
    {
        return new About(
            common: 0.06,
            losses: [
                'not caught' => 0.55,
                'hunting' => 1.0,
                'lens too slow' => 0.5,
            ],
            answers: [
                'course' => [0.02, 0.05, 0.03, 0.68, 0.16, 0.06],
                'size' => [0.04, 0.16, 0.8],
                'grain' => [0.84, 0.16],
                'finder' => [0.1, 0.84, 0.06],
            ],
            settings: static fn (Fix $fix): array => [
                Setting::Detect->value => $fix->planned->detect,
                Setting::Eye->value => $fix->planned->eye,
                Setting::Area->value => $fix->planned->area,
                Setting::StartAt->value => $fix->planned->startAtM,
                Setting::RangeLimit->value => $fix->planned->range,
            ],
        );
    }
}
