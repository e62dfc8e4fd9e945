<?php

declare(strict_types=1);

namespace RushHold\Causes\Kinds;

use RushHold\Causes\About;
use RushHold\Causes\Fix;
use RushHold\Hold\Setting;
use RushHold\Kit\Response;

/** Focus never rests. */
final class Nervous
{
    public static function about(): About
    {
        return new About(
            common: 0.05,
            losses: [
                'own scatter' => 0.4,
                'leading' => 0.4,
            ],
            answers: [
                'course' => [0.03, 0.08, 0.46, 0.08, 0.03, 0.32],
                'size' => [0.56, 0.37, 0.07],
                'side' => [0.16, 0.84],
                'finder' => [0.14, 0.06, 0.8],
                'ahead-behind' => [0.2, 0.8],
                'mode' => [0.01, 0.9, 0.08, 0.01],
            ],
            settings: static fn (Fix $fix): array => [
                Setting::Nimbleness->value => Response::nearestNimble(
                    max(0.0, $fix->used->nimble - 0.5),
                    $fix->kit->body->nimbleSteps,
                ),
            ],
        );
    }
}
