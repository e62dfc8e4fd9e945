<?php

declare(strict_types=1);

namespace RushHold\Planning\Rules;

use RushHold\Blur\Verdict;
use RushHold\Hold\Setting;
use RushHold\Kit\Area;
use RushHold\Kit\FocusMode;
use RushHold\Planning\Choices;
use RushHold\Planning\Rule;
use RushHold\Quantity;
use RushHold\Situation\Situation;
use RushHold\Situation\Thresholds;

/** How much of the frame to focus with. */
final class AreaRules
{
    private const BLOCKS = ['block', 'band', 'column', 'side', 'whole'];

    /** @return list<Rule> */
    public static function all(): array
    {
        return [
            ...self::forbidden(),
            Rule::favour(
                'area.by-hand',
                Setting::Area,
                ['point' => 10.0],
                static fn (Situation $s, Choices $c): bool => $c->byHand(),
            ),
            Rule::favour(
                'area.clutter-small',
                Setting::Area,
                [
                    'point' => 3.0,
                    'plus' => 2.6,
                    'ring-small' => 1.2,
                    'speck' => 1.0,
                    'block' => -2.0,
                    'band' => -2.5,
                    'column' => -2.5,
                    'side' => -2.5,
                    'whole' => -3.5,
                    'follow' => -1.0,
                ],
                static fn (Situation $s): bool => $s->scene->frontClutter >= Thresholds::PICKY_CLUTTER,
                static fn (Situation $s): array => ['covered' => Quantity::share($s->scene->frontClutter)],
            ),
            Rule::reject(
                'area.blocks-take-the-clutter',
                Setting::Area,
                self::BLOCKS,
                static fn (Situation $s, Choices $c): bool => ! $c->byHand() && $s->scene->frontClutter >= 0.5,
            ),
            Rule::reject(
                'area.pattern-breaks-behind-clutter',
                Setting::Area,
                ['follow'],
                static fn (Situation $s): bool => $s->scene->frontClutter >= 0.4,
            ),
            Rule::favour(
                'area.some-clutter',
                Setting::Area,
                ['plus' => 1.5, 'ring-small' => 2.0, 'point' => 1.0, 'whole' => -1.5, 'block' => -0.5],
                static fn (Situation $s): bool => $s->scene->frontClutter >= 0.1 &&
                    $s->scene->frontClutter < Thresholds::PICKY_CLUTTER,
            ),
            Rule::favour(
                'area.open-large',
                Setting::Area,
                [
                    'block' => 3.0,
                    'whole' => 2.4,
                    'band' => 1.5,
                    'column' => 0.8,
                    'ring-large' => 1.8,
                    'ring-medium' => 1.0,
                    'follow' => 1.0,
                ],
                static fn (Situation $s): bool => $s->isOpen() && ! $s->isStill(),
            ),
            Rule::favour(
                'area.detailed-background',
                Setting::Area,
                [
                    'block' => 2.0,
                    'ring-large' => 1.8,
                    'ring-medium' => 1.2,
                    'ring-small' => 0.8,
                    'whole' => 0.3,
                    'point' => -1.0,
                ],
                static fn (Situation $s): bool => $s->backgroundPulls() &&
                    $s->scene->frontClutter < 0.1 &&
                    ! $s->isStill() &&
                    $s->canDetect(),
            ),
            Rule::favour(
                'area.detailed-background-unaided',
                Setting::Area,
                ['ring-large' => 2.0, 'ring-small' => 1.6, 'plus' => 1.0, 'whole' => -2.0, 'block' => -0.5],
                static fn (Situation $s): bool => $s->backgroundPulls() &&
                    $s->scene->frontClutter < 0.1 &&
                    ! $s->isStill() &&
                    ! $s->canDetect(),
            ),
            Rule::favour(
                'area.hard-to-hold',
                Setting::Area,
                [
                    'speck' => -4.0,
                    'point' => -2.5,
                    'plus' => -1.2,
                    'ring-large' => 1.5,
                    'ring-medium' => 1.0,
                    'block' => 1.0,
                ],
                static fn (Situation $s): bool => $s->aimMiss > 0.5 && ! $s->isStill(),
                static fn (Situation $s): array => [
                    'miss' => $s->aimMiss > 1.5 ? 'more' : ($s->aimMiss > 0.8 ? 'whole' : 'half'),
                ],
            ),
            Rule::favour(
                'area.easy-to-hold',
                Setting::Area,
                ['point' => 1.0, 'plus' => 1.4, 'ring-small' => 1.0],
                static fn (Situation $s): bool => $s->aimMiss <= 0.25 && ! $s->isOpen() && ! $s->isStill(),
            ),
            Rule::favour(
                'area.still-precise',
                Setting::Area,
                ['point' => 3.0, 'plus' => 2.0, 'speck' => 1.5],
                static fn (Situation $s): bool => $s->isStill(),
            ),
            Rule::favour(
                'area.across-wide',
                Setting::Area,
                ['band' => 3.4, 'block' => 0.5],
                static fn (Situation $s): bool => $s->isAcross() && $s->isOpen() && $s->widthInFrame < 0.5,
            ),
            Rule::favour(
                'area.rising-tall',
                Setting::Area,
                ['column' => 4.0, 'band' => -1.0],
                static fn (Situation $s): bool => $s->isVertical() &&
                    $s->scene->frontClutter < Thresholds::PICKY_CLUTTER,
            ),
            Rule::favour(
                'area.crossings',
                Setting::Area,
                ['ring-small' => 2.6, 'ring-medium' => 2.2, 'plus' => 1.0, 'block' => 0.5, 'whole' => -2.5],
                static fn (Situation $s): bool => $s->scene->obstaclesPerS >= Thresholds::CROSSINGS_PER_S,
            ),
            Rule::favour(
                'area.parts-at-different-depths',
                Setting::Area,
                ['plus' => -0.6, 'block' => -1.0, 'whole' => -1.0, 'point' => 0.8],
                static function (Situation $s): bool {
                    $depth = $s->depthAt($s->middle->distanceM, $s->kit->widest(), Verdict::KEEPER_LIMIT)->depthM();

                    return ! $s->canDetect() &&
                        $s->widthInFrame > 0.3 &&
                        $s->subject->depthM > 2 * $depth &&
                        $s->aimMiss < 0.5;
                },
            ),
            Rule::reject(
                'area.pattern-needs-contrast',
                Setting::Area,
                ['follow'],
                static fn (Situation $s): bool => $s->scene->backgroundAlike >= 0.5 || $s->subject->distinct < 0.35,
            ),
            Rule::reject(
                'area.whole-needs-one-subject',
                Setting::Area,
                ['whole'],
                static fn (Situation $s): bool => $s->rush->group !== [],
            ),
            Rule::favour(
                'area.sides-for-entrances',
                Setting::Area,
                ['side' => 2.0],
                static fn (Situation $s): bool => $s->isAcross() &&
                    $s->isOpen() &&
                    $s->rush->path->noticeS < Thresholds::SURPRISE_S,
            ),
            Rule::favour(
                'area.easier-smaller',
                Setting::Area,
                ['speck' => -1.0],
                static fn (Situation $s): bool => $s->pointingError > 0.01,
                static fn (Situation $s): array => ['wander' => Quantity::share($s->pointingError, 1)],
            ),
        ];
    }

    /** @return list<Rule> one for each area the body lacks or does not allow with the mode */
    private static function forbidden(): array
    {
        $rules = [];
        foreach (Area::cases() as $area) {
            $rules[] = Rule::reject(
                "area.body-lacks.{$area->value}",
                Setting::Area,
                [$area->value],
                static fn (Situation $s): bool => ! isset($s->kit->body->areas[$area->value]),
                null,
                'area.body-lacks',
            );
            $rules[] = Rule::reject(
                "area.mode-forbids.{$area->value}",
                Setting::Area,
                [$area->value],
                static function (Situation $s, Choices $c) use ($area): bool {
                    $shape = $s->kit->body->areas[$area->value] ?? null;

                    return $shape !== null && $c->mode() !== null && ! $shape->allows($c->mode());
                },
                static fn (Situation $s, Choices $c): array => ['mode' => $c->mode() ?? FocusMode::Continuous],
                'area.mode-forbids',
            );
        }

        return $rules;
    }
}
