<?php

declare(strict_types=1);

namespace RushHold\Causes\Kinds;

use RushHold\Causes\About;
use RushHold\Causes\Fix;
use RushHold\Hold\Setting;
use RushHold\Kit\Response;

/** Focus comes late where the subject changes, or runs ahead. */
final class LagsOrLeads
{
    public static function about(): About
    {
        return new About(
            common: 0.06,
            losses: [
                'lens too slow' => 0.5,
                'lagging' => 1.0,
                'leading' => 0.6,
            ],
            answers: [
                'course' => [0.12, 0.14, 0.1, 0.18, 0.2, 0.26],
                'side' => [0.48, 0.52],
                'sharp-where' => [0.52, 0.2, 0.16, 0.06, 0.06],
                'finder' => [0.62, 0.18, 0.2],
                'ahead-behind' => [0.84, 0.16],
            ],
            settings: static fn (Fix $fix): array => [
                Setting::Nimbleness->value => Response::nearestNimble(
                    min(1.0, $fix->used->nimble + 0.5),
                    $fix->kit->body->nimbleSteps,
                ),
            ],
        );
    }
}
