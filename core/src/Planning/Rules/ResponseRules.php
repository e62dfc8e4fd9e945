<?php

declare(strict_types=1);

namespace RushHold\Planning\Rules;

use RushHold\Hold\Setting;
use RushHold\Number;
use RushHold\Planning\Choices;
use RushHold\Planning\Rule;
use RushHold\Situation\Situation;
use RushHold\Situation\Thresholds;

/** Patience, nimbleness and what wins: judged in the steps of `Response`, of which a body has some like them. */
final class ResponseRules
{
    /** @return list<Rule> */
    public static function all(): array
    {
        $byHand = static fn (Situation $s, Choices $c): bool => $c->byHand();
        $idle = 'Focus is by hand, so the body’s response plays no part.';

        return [
            Rule::favour('patience.by-hand', Setting::Patience, ['0.3' => 20.0], $byHand, $idle),
            Rule::favour('nimble.by-hand', Setting::Nimbleness, ['0.5' => 20.0], $byHand, $idle),
            Rule::favour('wins.by-hand', Setting::Wins, ['held' => 20.0], $byHand, $idle),
            Rule::favour('patience.general', Setting::Patience, ['0.3' => 1.0, '0.12' => 0.5, '0.6' => 0.5],
                static fn (): bool => true,
                'Nothing here asks for more patience or less; the middle serves.'),
            Rule::favour('patience.crossings', Setting::Patience, ['0.6' => 3.0, '1.2' => 2.0, '0.3' => 1.0],
                static fn (Situation $s): bool => $s->scene->obstaclesPerS >= Thresholds::CROSSINGS_PER_S,
                static fn (Situation $s): string => sprintf('Something passes in front for about %s s at a time: wait it out instead of jumping to it.', Number::significant($s->scene->obstacleS, 1))),
            Rule::favour('patience.long-crossings', Setting::Patience, ['1.2' => 2.0],
                static fn (Situation $s): bool => $s->scene->obstaclesPerS >= Thresholds::CROSSINGS_PER_S && $s->scene->obstacleS > 0.6,
                'What hides it hides it long: never let go.'),
            Rule::favour('patience.clutter', Setting::Patience, ['0.6' => 1.6, '1.2' => 0.8],
                static fn (Situation $s): bool => $s->scene->frontClutter >= Thresholds::PICKY_CLUTTER,
                'Clutter comes and goes in front: keep the distance you have.'),
            Rule::favour('patience.appears', Setting::Patience, ['0.02' => 3.0, '0.12' => 2.2],
                static fn (Situation $s): bool => $s->rush->path->noticeS < Thresholds::SURPRISE_S && $s->scene->obstaclesPerS < Thresholds::CROSSINGS_PER_S,
                'It appears without warning: let go of the background at once.'),
            Rule::favour('patience.weak-aim', Setting::Patience, ['0.6' => 1.4],
                static fn (Situation $s): bool => $s->aimMiss > 0.6 && $s->backgroundPulls(),
                'Your aim will slip off it now and then; a little patience bridges that.'),
            Rule::favour('nimble.general', Setting::Nimbleness, ['0.5' => 1.0, '0.0' => 0.3],
                static fn (): bool => true,
                'Its speed is neither steady nor jumpy: the middle serves.'),
            Rule::favour('nimble.changes', Setting::Nimbleness, ['1.0' => 2.5],
                static fn (Situation $s): bool => $s->rush->path->hardestChangeMps2() >= Thresholds::SPEED_CHANGE_MPS2,
                static fn (Situation $s): string => sprintf('It changes speed by {%s m/s} each second; a steady prediction would overrun it.', Number::significant($s->rush->path->hardestChangeMps2()))),
            Rule::favour('nimble.erratic', Setting::Nimbleness, ['1.0' => 1.5],
                static fn (Situation $s): bool => $s->subject->erratic >= 0.35,
                'It turns as it likes: believe every change.'),
            Rule::favour('nimble.steady', Setting::Nimbleness, ['0.0' => 1.5],
                static fn (Situation $s): bool => $s->rush->path->hardestChangeMps2() < 0.5 && $s->subject->erratic < 0.15 && $s->subject->contrast < 0.4,
                'It keeps its speed and is hard to measure: a calm prediction evens out the noise.'),
            Rule::favour('wins.held', Setting::Wins, ['held' => 1.0],
                static fn (): bool => true,
                'Keep what you caught.'),
            Rule::favour('wins.leader', Setting::Wins, ['nearest' => 2.0],
                static fn (Situation $s): bool => $s->rush->group !== [] && $s->middle->closingMps > 1,
                'A bunch comes at you: the leader is the nearest.'),
            Rule::favour('wins.middle', Setting::Wins, ['middle' => 1.5],
                static fn (Situation $s): bool => $s->scene->obstaclesPerS >= Thresholds::CROSSINGS_PER_S && $s->aimMiss < 0.15 && $s->photographer->aim >= 0.8,
                'Others come into the area, and your aim is sure: what you point at is what you want.'),
        ];
    }
}
