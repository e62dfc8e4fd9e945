<?php

declare(strict_types=1);

namespace RushHold\Causes\Kinds;

use RushHold\Causes\About;
use RushHold\Causes\Fix;
use RushHold\Hold\Setting;

/** The outer points of a mirror body measure one direction only. */
final class OuterPoints
{
    public static function about(): About
    {
        return new About(
            common: 0.03,
            answers: [
                'size' => [0.14, 0.34, 0.52],
                'only-outer' => [0.88, 0.12],
            ],
            settings: static fn (Fix $fix): array => [Setting::AreaAt->value => [0.0, 0.0]],
        );
    }
}
