<?php

declare(strict_types=1);

namespace RushHold\Planning\Rules;

use RushHold\Blur\Verdict;
use RushHold\Hold\Setting;
use RushHold\Planning\Choices;
use RushHold\Planning\Rule;
use RushHold\Quantity;
use RushHold\Situation\Situation;
use RushHold\Situation\Thresholds;

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
            Rule::reject(
                'mode.hand-is-manual',
                Setting::Mode,
                ['single', 'continuous', 'auto-switch', 'single-then-ring'],
                static fn (Situation $s, Choices $c): bool => ! $auto($c),
            ),
            Rule::favour(
                'mode.by-hand',
                Setting::Mode,
                ['manual' => 1.0],
                static fn (Situation $s, Choices $c): bool => ! $auto($c),
            ),
            Rule::reject(
                'mode.auto-is-not-manual',
                Setting::Mode,
                ['manual'],
                static fn (Situation $s, Choices $c): bool => $auto($c),
            ),
            Rule::favour(
                'mode.keep-measuring',
                Setting::Mode,
                ['continuous' => 3.0],
                static fn (Situation $s, Choices $c): bool => $auto($c) && ! $s->isStill(),
                static fn (Situation $s): array => [
                    'closes' => $s->closingMps > 0.3,
                    'speed' => Quantity::speed($s->closingMps),
                ],
            ),
            Rule::reject(
                'mode.lock-once-drifts',
                Setting::Mode,
                ['single', 'single-then-ring'],
                static fn (Situation $s, Choices $c): bool => $auto($c) && $leavesIn($s) < 0.5,
                static fn (Situation $s): array => ['seconds' => Quantity::seconds($leavesIn($s), 1)],
            ),
            Rule::favour(
                'mode.still',
                Setting::Mode,
                ['single' => 2.0, 'single-then-ring' => 1.5, 'continuous' => 0.5],
                static fn (Situation $s, Choices $c): bool => $auto($c) &&
                    $s->isStill() &&
                    $s->subject->erratic < Thresholds::STIRS,
            ),
            Rule::favour(
                'mode.may-stir',
                Setting::Mode,
                ['continuous' => 2.5],
                static fn (Situation $s, Choices $c): bool => $auto($c) &&
                    $s->isStill() &&
                    $s->subject->erratic >= Thresholds::STIRS,
            ),
            Rule::favour(
                'mode.no-guessing',
                Setting::Mode,
                ['auto-switch' => -2.0],
                static fn (Situation $s, Choices $c): bool => $auto($c),
            ),
        ];
    }
}
