<?php

declare(strict_types=1);

namespace RushHold\Planning\Rules;

use RushHold\Hold\Setting;
use RushHold\Planning\Choices;
use RushHold\Planning\Rule;
use RushHold\Quantity;
use RushHold\Situation\Situation;
use RushHold\Situation\Thresholds;

/** Autofocus or by hand. */
final class TechniqueRules
{
    /** @return list<Rule> */
    public static function all(): array
    {
        $blind = static fn (Situation $s): bool => $s->scene->frontClutter >= Thresholds::BLIND_CLUTTER;

        return [
            Rule::favour('technique.auto-first', Setting::Technique, ['auto' => 1.0], static fn (): bool => true),
            Rule::favour(
                'technique.park-when-blind',
                Setting::Technique,
                ['park' => 3.0],
                static fn (Situation $s): bool => $blind($s) && $s->rush->path->repeats,
                static fn (Situation $s): array => ['covered' => Quantity::share($s->scene->frontClutter)],
            ),
            Rule::favour(
                'technique.follow-when-blind',
                Setting::Technique,
                ['follow' => 2.0],
                static fn (Situation $s): bool => $blind($s) && $s->photographer->handFocus >= Thresholds::HAND_SKILL,
            ),
            Rule::favour(
                'technique.pull-when-surprised',
                Setting::Technique,
                ['pull' => 2.0],
                static fn (Situation $s): bool => $blind($s) &&
                    $s->rush->path->noticeS < Thresholds::SURPRISE_S &&
                    $s->photographer->handFocus >= Thresholds::HAND_SKILL,
            ),
            Rule::reject(
                'technique.park-needs-a-known-way',
                Setting::Technique,
                ['park'],
                static fn (Situation $s): bool => ! $s->rush->path->repeats && ! $s->isStill(),
            ),
            Rule::reject(
                'technique.ring-needs-practice',
                Setting::Technique,
                ['follow', 'pull'],
                static fn (Situation $s): bool => $s->photographer->handFocus < Thresholds::HAND_SKILL,
                static fn (Situation $s): array => ['skill' => Quantity::share($s->photographer->handFocus)],
            ),
            Rule::reject(
                'technique.pinned-mode-by-hand',
                Setting::Technique,
                ['auto'],
                static fn (Situation $s, Choices $c): bool => $c->mode()?->value === 'manual',
            ),
            Rule::reject(
                'technique.pinned-mode-auto',
                Setting::Technique,
                ['park', 'pull', 'follow'],
                static fn (Situation $s, Choices $c): bool => $c->mode() !== null && $c->mode()->value !== 'manual',
            ),
            Rule::favour(
                'technique.park-repeats',
                Setting::Technique,
                ['park' => 0.5],
                static fn (Situation $s): bool => $s->rush->path->repeats,
            ),
        ];
    }
}
