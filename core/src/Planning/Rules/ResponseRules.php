<?php

declare(strict_types=1);

namespace RushHold\Planning\Rules;

use RushHold\Hold\Setting;
use RushHold\Planning\Choices;
use RushHold\Planning\Rule;
use RushHold\Quantity;
use RushHold\Situation\Situation;
use RushHold\Situation\Thresholds;

/** Patience, nimbleness and what wins: judged in the steps of `Response`, of which a body has some like them. */
final class ResponseRules
{
    /** @return list<Rule> */
    public static function all(): array
    {
        $byHand = static fn (Situation $s, Choices $c): bool => $c->byHand();

        return [
            Rule::favour('patience.by-hand', Setting::Patience, ['0.3' => 20.0], $byHand, null, 'response.by-hand'),
            Rule::favour('nimble.by-hand', Setting::Nimbleness, ['0.5' => 20.0], $byHand, null, 'response.by-hand'),
            Rule::favour('wins.by-hand', Setting::Wins, ['held' => 20.0], $byHand, null, 'response.by-hand'),
            Rule::favour(
                'patience.general',
                Setting::Patience,
                ['0.3' => 1.0, '0.12' => 0.5, '0.6' => 0.5],
                static fn (): bool => true,
            ),
            Rule::favour(
                'patience.crossings',
                Setting::Patience,
                ['0.6' => 3.0, '1.2' => 2.0, '0.3' => 1.0],
                static fn (Situation $s): bool => $s->scene->obstaclesPerS >= Thresholds::CROSSINGS_PER_S,
                static fn (Situation $s): array => ['seconds' => Quantity::seconds($s->scene->obstacleS, 1)],
            ),
            Rule::favour(
                'patience.long-crossings',
                Setting::Patience,
                ['1.2' => 2.0],
                static fn (Situation $s): bool => $s->scene->obstaclesPerS >= Thresholds::CROSSINGS_PER_S &&
                    $s->scene->obstacleS > 0.6,
            ),
            Rule::favour(
                'patience.clutter',
                Setting::Patience,
                ['0.6' => 1.6, '1.2' => 0.8],
                static fn (Situation $s): bool => $s->scene->frontClutter >= Thresholds::PICKY_CLUTTER,
            ),
            Rule::favour(
                'patience.appears',
                Setting::Patience,
                ['0.02' => 3.0, '0.12' => 2.2],
                static fn (Situation $s): bool => $s->rush->path->noticeS < Thresholds::SURPRISE_S &&
                    $s->scene->obstaclesPerS < Thresholds::CROSSINGS_PER_S,
            ),
            Rule::favour(
                'patience.weak-aim',
                Setting::Patience,
                ['0.6' => 1.4],
                static fn (Situation $s): bool => $s->aimMiss > 0.6 && $s->backgroundPulls(),
            ),
            Rule::favour(
                'nimble.general',
                Setting::Nimbleness,
                ['0.5' => 1.0, '0.0' => 0.3],
                static fn (): bool => true,
            ),
            Rule::favour(
                'nimble.changes',
                Setting::Nimbleness,
                ['1.0' => 2.5],
                static fn (Situation $s): bool => $s->rush->path->hardestChangeMps2() >= Thresholds::SPEED_CHANGE_MPS2,
                static fn (Situation $s): array => ['change' => Quantity::speed($s->rush->path->hardestChangeMps2())],
            ),
            Rule::favour(
                'nimble.erratic',
                Setting::Nimbleness,
                ['1.0' => 1.5],
                static fn (Situation $s): bool => $s->subject->erratic >= 0.35,
            ),
            Rule::favour(
                'nimble.steady',
                Setting::Nimbleness,
                ['0.0' => 1.5],
                static fn (Situation $s): bool => $s->rush->path->hardestChangeMps2() < 0.5 &&
                    $s->subject->erratic < 0.15 &&
                    $s->subject->contrast < 0.4,
            ),
            Rule::favour('wins.held', Setting::Wins, ['held' => 1.0], static fn (): bool => true),
            Rule::favour(
                'wins.leader',
                Setting::Wins,
                ['nearest' => 2.0],
                static fn (Situation $s): bool => $s->rush->group !== [] && $s->middle->closingMps > 1,
            ),
            Rule::favour(
                'wins.middle',
                Setting::Wins,
                ['middle' => 1.5],
                static fn (Situation $s): bool => $s->scene->obstaclesPerS >= Thresholds::CROSSINGS_PER_S &&
                    $s->aimMiss < 0.15 &&
                    $s->photographer->aim >= 0.8,
            ),
        ];
    }
}
