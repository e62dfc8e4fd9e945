<?php

declare(strict_types=1);

namespace RushHold\Causes\Kinds;

use RushHold\Causes\About;
use RushHold\Causes\Fix;
use RushHold\Hold\Setting;

/** Something was still set for another rush. */
final class Leftover
{
    public static function about(): About
    {
        return new About(
            common: 0.15,
            losses: [
                'not caught' => 0.15,
            ],
            answers: [
                'course' => [0.1, 0.08, 0.03, 0.62, 0.08, 0.09],
                'size' => [0.08, 0.22, 0.7],
                'finder' => [0.2, 0.72, 0.08],
                'ahead-behind' => [0.28, 0.72],
                'left-over' => [0.9, 0.1],
                'mode' => [0.35, 0.55, 0.06, 0.04],
            ],
            settings: static fn (Fix $fix): array => array_combine(
                array_map(static fn (Setting $s): string => $s->value, Setting::keptByCamera()),
                array_map(fn (Setting $s): mixed => $s->in($fix->planned), Setting::keptByCamera()),
            ),
        );
    }
}
