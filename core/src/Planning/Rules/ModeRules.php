<?php

declare(strict_types=1);

namespace RushHold\Planning\Rules;

use RushHold\Blur\Verdict;
use RushHold\Hold\Setting;
use RushHold\Number;
use RushHold\Planning\Choices;
use RushHold\Planning\Rule;
use RushHold\Situation\Situation;

/** Focus once, or keep focusing. */
final class ModeRules
{
    /** @return list<Rule> */
    public static function all(): array
    {
        $auto = static fn (Choices $c): bool => ! $c->byHand();
        // Time the subject takes to leave the sharp zone of the widest opening.
        $leavesIn = static function (Situation $s): float {
            $depth = $s->depthAt($s->middle->distanceM, $s->kit->widest(), Verdict::KEEPER_LIMIT);

            return $s->closingMps < 1e-6 ? INF : ($depth->farM - $depth->nearM) / 2 / $s->closingMps;
        };

        return [
            Rule::reject('mode.hand-is-manual', Setting::Mode, ['single', 'continuous', 'auto-switch', 'single-then-ring'],
                static fn (Situation $s, Choices $c): bool => ! $auto($c),
                'With focus by hand the body must keep out of it.'),
            Rule::favour('mode.by-hand', Setting::Mode, ['manual' => 1.0],
                static fn (Situation $s, Choices $c): bool => ! $auto($c),
                'Only the ring moves the focus, so nothing pulls it away while you wait.'),
            Rule::reject('mode.auto-is-not-manual', Setting::Mode, ['manual'],
                static fn (Situation $s, Choices $c): bool => $auto($c),
                'The camera is to focus here.'),
            Rule::favour('mode.keep-measuring', Setting::Mode, ['continuous' => 3.0],
                static fn (Situation $s, Choices $c): bool => $auto($c) && ! $s->isStill(),
                static fn (Situation $s): string => $s->closingMps > 0.3
                    ? sprintf('Its distance changes by up to {%s m/s}; focus has to be measured all the way.', Number::significant($s->closingMps))
                    : 'It moves, and a body that keeps measuring follows every change of distance.'),
            Rule::reject('mode.lock-once-drifts', Setting::Mode, ['single', 'single-then-ring'],
                static fn (Situation $s, Choices $c): bool => $auto($c) && $leavesIn($s) < 0.5,
                static fn (Situation $s): string => sprintf('It would freeze the first distance, and the subject leaves that zone within %s s.', Number::significant($leavesIn($s), 1))),
            Rule::favour('mode.still', Setting::Mode, ['single' => 2.0, 'single-then-ring' => 1.5, 'continuous' => 0.5],
                static fn (Situation $s, Choices $c): bool => $auto($c) && $s->isStill() && $s->subject->erratic < 0.15,
                'It keeps still: focus once on the aim part and shoot.'),
            Rule::favour('mode.may-stir', Setting::Mode, ['continuous' => 2.5],
                static fn (Situation $s, Choices $c): bool => $auto($c) && $s->isStill() && $s->subject->erratic >= 0.15,
                'It sits, but stirs; keep measuring while you hold the area on it.'),
            Rule::favour('mode.no-guessing', Setting::Mode, ['auto-switch' => -2.0],
                static fn (Situation $s, Choices $c): bool => $auto($c),
                'Left to decide by itself, the body notices movement late or imagines it.'),
        ];
    }
}
