<?php

declare(strict_types=1);

namespace RushHold\Planning\Rules;

use RushHold\Hold\Setting;
use RushHold\Planning\Choices;
use RushHold\Planning\Rule;
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
            Rule::favour('technique.auto-first', Setting::Technique, ['auto' => 1.0],
                static fn (): bool => true,
                'The camera can see it, and finds it quicker than a hand on the ring.'),
            Rule::favour('technique.park-when-blind', Setting::Technique, ['park' => 3.0],
                static fn (Situation $s): bool => $blind($s) && $s->rush->path->repeats,
                static fn (Situation $s): string => sprintf('%d %% of the view is covered by nearer things, so no area can see it; but it keeps to one way, so set the distance and wait for it.', round(100 * $s->scene->frontClutter))),
            Rule::favour('technique.follow-when-blind', Setting::Technique, ['follow' => 2.0],
                static fn (Situation $s): bool => $blind($s) && $s->photographer->handFocus >= Thresholds::HAND_SKILL,
                'No area can see through this, and your hand on the ring is practised enough to keep up.'),
            Rule::favour('technique.pull-when-surprised', Setting::Technique, ['pull' => 2.0],
                static fn (Situation $s): bool => $blind($s) && $s->rush->path->noticeS < Thresholds::SURPRISE_S && $s->photographer->handFocus >= Thresholds::HAND_SKILL,
                'It comes without warning through clutter: sweep the ring one way while you fire, and a frame or two will be sharp.'),
            Rule::reject('technique.park-needs-a-known-way', Setting::Technique, ['park'],
                static fn (Situation $s): bool => ! $s->rush->path->repeats && ! $s->isStill(),
                'Parking focus needs a way you know beforehand, and this one does not repeat.'),
            Rule::reject('technique.ring-needs-practice', Setting::Technique, ['follow', 'pull'],
                static fn (Situation $s): bool => $s->photographer->handFocus < Thresholds::HAND_SKILL,
                static fn (Situation $s): string => sprintf('Working the ring on something that moves takes months of practice; yours is set to %s of 1.', round($s->photographer->handFocus, 2))),
            Rule::reject('technique.pinned-mode-by-hand', Setting::Technique, ['auto'],
                static fn (Situation $s, Choices $c): bool => $c->mode()?->value === 'manual',
                'With manual focus pinned, your hand has to do it.'),
            Rule::reject('technique.pinned-mode-auto', Setting::Technique, ['park', 'pull', 'follow'],
                static fn (Situation $s, Choices $c): bool => $c->mode() !== null && $c->mode()->value !== 'manual',
                'The focus mode is pinned to one that focuses by itself.'),
            Rule::favour('technique.park-repeats', Setting::Technique, ['park' => 0.5],
                static fn (Situation $s): bool => $s->rush->path->repeats,
                'It comes the same way again and again, so a parked focus catches some each time.'),
        ];
    }
}
