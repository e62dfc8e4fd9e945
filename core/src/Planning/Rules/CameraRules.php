<?php

declare(strict_types=1);

namespace RushHold\Planning\Rules;

use RushHold\Hold\Setting;
use RushHold\Kit\Support;
use RushHold\Planning\Choices;
use RushHold\Planning\Rule;
use RushHold\Quantity;
use RushHold\Situation\Situation;

/** Drive, stabiliser and support. */
final class CameraRules
{
    /** @return list<Rule> */
    public static function all(): array
    {
        $frames = static fn (Situation $s): float => $s->kit->body->framesPerS * $s->rush->path->seconds;
        $fast = static fn (Choices $c): bool => $c->number(Setting::Shutter) <= 1 / 950;
        $rests = static fn (Situation $s): bool => $s->support === Support::Tripod || $s->support === Support::Beanbag;
        $supports = [];
        foreach (Support::cases() as $support) {
            $supports[] = Rule::favour(
                "support.yours.{$support->value}",
                Setting::Support,
                [$support->value => 5.0],
                static fn (Situation $s): bool => $s->photographer->support === $support,
                static fn (): array => ['support' => $support],
                'support.yours',
            );
        }

        return [
            ...$supports,
            Rule::favour(
                'drive.long',
                Setting::Drive,
                ['long' => 2.0, 'short' => 1.0],
                static fn (Situation $s): bool => ! $s->isStill(),
                static fn (Situation $s): array => ['seconds' => Quantity::seconds($s->rush->path->seconds)],
            ),
            Rule::favour(
                'drive.buffer',
                Setting::Drive,
                ['short' => 2.5],
                static fn (Situation $s): bool => $frames($s) > $s->kit->body->bufferFrames,
                static fn (Situation $s): array => [
                    'buffer' => Quantity::count($s->kit->body->bufferFrames, 6),
                    'frames' => Quantity::figure(round($frames($s)), 3),
                ],
            ),
            Rule::favour(
                'drive.still',
                Setting::Drive,
                ['short' => 2.0, 'single' => 1.0],
                static fn (Situation $s): bool => $s->isStill(),
            ),
            Rule::favour(
                'stabiliser.rest',
                Setting::Stabiliser,
                ['off' => 2.0, 'on' => -0.1, 'panning' => -0.1],
                static fn (Situation $s): bool => $rests($s),
            ),
            Rule::favour(
                'stabiliser.fast',
                Setting::Stabiliser,
                ['off' => 1.5, 'on' => -0.1, 'panning' => -0.1],
                static fn (Situation $s, Choices $c): bool => ! $rests($s) && $fast($c),
            ),
            Rule::favour(
                'stabiliser.slow',
                Setting::Stabiliser,
                ['on' => 2.0],
                static fn (Situation $s, Choices $c): bool => ! $rests($s) && ! $fast($c) && ! $s->isAcross(),
            ),
            Rule::favour(
                'stabiliser.pan',
                Setting::Stabiliser,
                ['panning' => 2.0],
                static fn (Situation $s, Choices $c): bool => ! $rests($s) && ! $fast($c) && $s->isAcross(),
            ),
            Rule::reject(
                'stabiliser.none',
                Setting::Stabiliser,
                ['on', 'panning'],
                static fn (Situation $s): bool => $s->kit->lens->stabiliserStops <= 0.0,
            ),
        ];
    }
}
