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
    /** @return list<Rule> */
    public static function all(): array
    {
        return [
            ...self::forbidden(),
            Rule::favour(
                'area.by-hand',
                Setting::Area,
                Area::marks('by-hand'),
                static fn (Situation $s, Choices $c): bool => $c->byHand(),
            ),
            Rule::favour(
                'area.clutter-small',
                Setting::Area,
                Area::marks('clutter-small'),
                static fn (Situation $s): bool => $s->scene->frontClutter >= Thresholds::PICKY_CLUTTER,
                static fn (Situation $s): array => ['covered' => Quantity::share($s->scene->frontClutter)],
            ),
            Rule::reject(
                'area.blocks-take-the-clutter',
                Setting::Area,
                Area::ruledOut('blocks-take-the-clutter'),
                static fn (Situation $s, Choices $c): bool => ! $c->byHand() && $s->scene->frontClutter >= 0.5,
            ),
            Rule::reject(
                'area.pattern-breaks-behind-clutter',
                Setting::Area,
                Area::ruledOut('pattern-breaks-behind-clutter'),
                static fn (Situation $s): bool => $s->scene->frontClutter >= 0.4,
            ),
            Rule::favour(
                'area.some-clutter',
                Setting::Area,
                Area::marks('some-clutter'),
                static fn (Situation $s): bool => $s->scene->frontClutter >= 0.1 &&
                    $s->scene->frontClutter < Thresholds::PICKY_CLUTTER,
            ),
            Rule::favour(
                'area.open-large',
                Setting::Area,
                Area::marks('open-large'),
                static fn (Situation $s): bool => $s->isOpen() && ! $s->isStill(),
            ),
            Rule::favour(
                'area.detailed-background',
                Setting::Area,
                Area::marks('detailed-background'),
                static fn (Situation $s): bool => $s->backgroundPulls() &&
                    $s->scene->frontClutter < 0.1 &&
                    ! $s->isStill() &&
                    $s->canDetect(),
            ),
            Rule::favour(
                'area.detailed-background-unaided',
                Setting::Area,
                Area::marks('detailed-background-unaided'),
                static fn (Situation $s): bool => $s->backgroundPulls() &&
                    $s->scene->frontClutter < 0.1 &&
                    ! $s->isStill() &&
                    ! $s->canDetect(),
            ),
            Rule::favour(
                'area.hard-to-hold',
                Setting::Area,
                Area::marks('hard-to-hold'),
                static fn (Situation $s): bool => $s->aimMiss > 0.5 && ! $s->isStill(),
                static fn (Situation $s): array => [
                    'miss' => $s->aimMiss > 1.5 ? 'more' : ($s->aimMiss > 0.8 ? 'whole' : 'half'),
                ],
            ),
            Rule::favour(
                'area.easy-to-hold',
                Setting::Area,
                Area::marks('easy-to-hold'),
                static fn (Situation $s): bool => $s->aimMiss <= 0.25 && ! $s->isOpen() && ! $s->isStill(),
            ),
            Rule::favour(
                'area.still-precise',
                Setting::Area,
                Area::marks('still-precise'),
                static fn (Situation $s): bool => $s->isStill(),
            ),
            Rule::favour(
                'area.across-wide',
                Setting::Area,
                Area::marks('across-wide'),
                static fn (Situation $s): bool => $s->isAcross() && $s->isOpen() && $s->widthInFrame < 0.5,
            ),
            Rule::favour(
                'area.rising-tall',
                Setting::Area,
                Area::marks('rising-tall'),
                static fn (Situation $s): bool => $s->isVertical() &&
                    $s->scene->frontClutter < Thresholds::PICKY_CLUTTER,
            ),
            Rule::favour(
                'area.crossings',
                Setting::Area,
                Area::marks('crossings'),
                static fn (Situation $s): bool => $s->scene->obstaclesPerS >= Thresholds::CROSSINGS_PER_S,
            ),
            Rule::favour(
                'area.parts-at-different-depths',
                Setting::Area,
                Area::marks('parts-at-different-depths'),
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
                Area::ruledOut('pattern-needs-contrast'),
                static fn (Situation $s): bool => $s->scene->backgroundAlike >= 0.5 || $s->subject->distinct < 0.35,
            ),
            Rule::reject(
                'area.whole-needs-one-subject',
                Setting::Area,
                Area::ruledOut('whole-needs-one-subject'),
                static fn (Situation $s): bool => $s->rush->group !== [],
            ),
            Rule::favour(
                'area.sides-for-entrances',
                Setting::Area,
                Area::marks('sides-for-entrances'),
                static fn (Situation $s): bool => $s->isAcross() &&
                    $s->isOpen() &&
                    $s->rush->path->noticeS < Thresholds::SURPRISE_S,
            ),
            Rule::favour(
                'area.easier-smaller',
                Setting::Area,
                Area::marks('easier-smaller'),
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
