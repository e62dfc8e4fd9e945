<?php

declare(strict_types=1);

namespace RushHold\Planning\Rules;

use RushHold\Hold\Setting;
use RushHold\Kit\Support;
use RushHold\Planning\Choices;
use RushHold\Planning\Rule;
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
            $supports[] = Rule::favour("support.yours.{$support->value}", Setting::Support, [$support->value => 5.0],
                static fn (Situation $s): bool => $s->photographer->support === $support,
                $support === Support::Handheld ? 'Hand-held, as you said: free to turn with it.' : 'As you said; it takes most of the shake away and steadies your aim.');
        }

        return [
            ...$supports,
            Rule::favour('drive.long', Setting::Drive, ['long' => 2.0, 'short' => 1.0],
                static fn (Situation $s): bool => ! $s->isStill(),
                static fn (Situation $s): string => sprintf('The moment lasts %s s; keep firing through it.', round($s->rush->path->seconds, 1))),
            Rule::favour('drive.buffer', Setting::Drive, ['short' => 2.5],
                static fn (Situation $s): bool => $frames($s) > $s->kit->body->bufferFrames,
                static fn (Situation $s): string => sprintf('The buffer takes %d frames and the rush is %d long: place short bursts.', $s->kit->body->bufferFrames, round($frames($s)))),
            Rule::favour('drive.still', Setting::Drive, ['short' => 2.0, 'single' => 1.0],
                static fn (Situation $s): bool => $s->isStill(),
                'It keeps still: two or three frames for the one without a twitch.'),
            Rule::favour('stabiliser.rest', Setting::Stabiliser, ['off' => 2.0],
                static fn (Situation $s): bool => $rests($s),
                'The support does its work; a stabiliser only adds drift.'),
            Rule::favour('stabiliser.fast', Setting::Stabiliser, ['off' => 1.5],
                static fn (Situation $s, Choices $c): bool => ! $rests($s) && $fast($c),
                'At this shutter speed shake hardly shows, and a stabiliser fights the movement you follow.'),
            Rule::favour('stabiliser.slow', Setting::Stabiliser, ['on' => 2.0],
                static fn (Situation $s, Choices $c): bool => ! $rests($s) && ! $fast($c) && ! $s->isAcross(),
                'This shutter is slow enough for shake to show.'),
            Rule::favour('stabiliser.pan', Setting::Stabiliser, ['panning' => 2.0],
                static fn (Situation $s, Choices $c): bool => ! $rests($s) && ! $fast($c) && $s->isAcross(),
                'Slow shutter and a pan: steady the other direction only.'),
            Rule::reject('stabiliser.none', Setting::Stabiliser, ['on', 'panning'],
                static fn (Situation $s): bool => $s->kit->lens->stabiliserStops <= 0.0,
                'The lens has none.'),
        ];
    }
}
