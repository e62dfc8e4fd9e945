<?php

declare(strict_types=1);

namespace RushHold\Planning\Rules;

use RushHold\Blur\Verdict;
use RushHold\Hold\Setting;
use RushHold\Kit\Area;
use RushHold\Number;
use RushHold\Planning\Choices;
use RushHold\Planning\Rule;
use RushHold\Situation\Situation;
use RushHold\Situation\Thresholds;

/** How much of the frame to focus with. */
final class AreaRules
{
    private const BLOCKS = ['block', 'band', 'column', 'side', 'whole'];

    /** @return list<Rule> */
    public static function all(): array
    {
        $percent = static fn (float $share): int => (int) round(100 * $share);

        return [
            ...self::forbidden(),
            Rule::favour('area.by-hand', Setting::Area, ['point' => 10.0],
                static fn (Situation $s, Choices $c): bool => $c->byHand(),
                'With focus by hand the area only marks where the magnified view opens.'),
            Rule::favour('area.clutter-small', Setting::Area,
                ['point' => 3.0, 'plus' => 2.6, 'ring-small' => 1.2, 'speck' => 1.0, 'block' => -2.0, 'band' => -2.5, 'column' => -2.5, 'side' => -2.5, 'whole' => -3.5, 'follow' => -1.0],
                static fn (Situation $s): bool => $s->scene->frontClutter >= Thresholds::PICKY_CLUTTER,
                static fn (Situation $s): string => sprintf('Nearer things cover %d %% of the view; a small area held on it keeps them out.', $percent($s->scene->frontClutter))),
            Rule::reject('area.blocks-take-the-clutter', Setting::Area, self::BLOCKS,
                static fn (Situation $s, Choices $c): bool => ! $c->byHand() && $s->scene->frontClutter >= 0.5,
                'Whatever is nearest inside a block wins, and here that is the clutter.'),
            Rule::reject('area.pattern-breaks-behind-clutter', Setting::Area, ['follow'],
                static fn (Situation $s): bool => $s->scene->frontClutter >= 0.4,
                'Twigs and stems with strong lines take over the pattern it follows.'),
            Rule::favour('area.some-clutter', Setting::Area, ['plus' => 1.5, 'ring-small' => 2.0, 'point' => 1.0, 'whole' => -1.5, 'block' => -0.5],
                static fn (Situation $s): bool => $s->scene->frontClutter >= 0.1 && $s->scene->frontClutter < Thresholds::PICKY_CLUTTER,
                'A little clutter in front: large enough to forgive your aim, small enough to leave most of it outside.'),
            Rule::favour('area.open-large', Setting::Area, ['block' => 3.0, 'whole' => 2.4, 'band' => 1.5, 'column' => 0.8, 'ring-large' => 1.8, 'ring-medium' => 1.0, 'follow' => 1.0],
                static fn (Situation $s): bool => $s->isOpen() && ! $s->isStill(),
                'Nothing near it to fall for: a large area forgives your aim.'),
            Rule::favour('area.detailed-background', Setting::Area, ['block' => 2.0, 'ring-large' => 1.8, 'ring-medium' => 1.2, 'ring-small' => 0.8, 'whole' => 0.3, 'point' => -1.0],
                static fn (Situation $s): bool => $s->backgroundPulls() && $s->scene->frontClutter < 0.1 && ! $s->isStill() && $s->canDetect(),
                'The background has detail to catch on; a middling area with detection holds the subject against it.'),
            Rule::favour('area.detailed-background-unaided', Setting::Area, ['ring-large' => 2.0, 'ring-small' => 1.6, 'plus' => 1.0, 'whole' => -2.0, 'block' => -0.5],
                static fn (Situation $s): bool => $s->backgroundPulls() && $s->scene->frontClutter < 0.1 && ! $s->isStill() && ! $s->canDetect(),
                'The background has detail to catch on and nothing detects the subject: keep the area little larger than it.'),
            Rule::favour('area.hard-to-hold', Setting::Area, ['speck' => -4.0, 'point' => -2.5, 'plus' => -1.2, 'ring-large' => 1.5, 'ring-medium' => 1.0, 'block' => 1.0],
                static fn (Situation $s): bool => $s->aimMiss > 0.5 && ! $s->isStill(),
                static fn (Situation $s): string => sprintf('Your aim will miss by about %s of its size; a single box would often look past it.', $s->aimMiss > 1.5 ? 'more than the whole' : ($s->aimMiss > 0.8 ? 'the whole' : 'half'))),
            Rule::favour('area.easy-to-hold', Setting::Area, ['point' => 1.0, 'plus' => 1.4, 'ring-small' => 1.0],
                static fn (Situation $s): bool => $s->aimMiss <= 0.25 && ! $s->isOpen() && ! $s->isStill(),
                'Your aim is sure enough here to keep a small area on it.'),
            Rule::favour('area.still-precise', Setting::Area, ['point' => 3.0, 'plus' => 2.0, 'speck' => 1.5],
                static fn (Situation $s): bool => $s->isStill(),
                'It keeps still, so put a small box exactly where it has to be sharp.'),
            Rule::favour('area.across-wide', Setting::Area, ['band' => 3.4, 'block' => 0.5],
                static fn (Situation $s): bool => $s->isAcross() && $s->isOpen() && $s->widthInFrame < 0.5,
                'It travels across: a long low block gives it room ahead and behind without reaching above or below.'),
            Rule::favour('area.rising-tall', Setting::Area, ['column' => 4.0, 'band' => -1.0],
                static fn (Situation $s): bool => $s->isVertical() && $s->scene->frontClutter < Thresholds::PICKY_CLUTTER,
                'It goes up or down: a tall narrow block gives it room there.'),
            Rule::favour('area.crossings', Setting::Area, ['ring-small' => 2.6, 'ring-medium' => 2.2, 'plus' => 1.0, 'block' => 0.5, 'whole' => -2.5],
                static fn (Situation $s): bool => $s->scene->obstaclesPerS >= Thresholds::CROSSINGS_PER_S,
                'Others pass in front: the less the area takes in, the fewer of them it meets.'),
            Rule::favour('area.parts-at-different-depths', Setting::Area, ['plus' => -0.6, 'block' => -1.0, 'whole' => -1.0, 'point' => 0.8],
                static function (Situation $s): bool {
                    $depth = $s->depthAt($s->middle->distanceM, $s->kit->widest(), Verdict::KEEPER_LIMIT)->depthM();

                    return ! $s->canDetect() && $s->widthInFrame > 0.3 && $s->subject->depthM > 2 * $depth && $s->aimMiss < 0.5;
                },
                'It is large and deep in the frame: a wider area would settle on the wing or shoulder nearest to you.'),
            Rule::reject('area.pattern-needs-contrast', Setting::Area, ['follow'],
                static fn (Situation $s): bool => $s->scene->backgroundAlike >= 0.5 || $s->subject->distinct < 0.35,
                'It looks too much like what is behind it to be followed by its pattern.'),
            Rule::reject('area.whole-needs-one-subject', Setting::Area, ['whole'],
                static fn (Situation $s): bool => $s->rush->group !== [],
                'With several subjects in the frame the body would choose among them.'),
            Rule::favour('area.sides-for-entrances', Setting::Area, ['side' => 2.0],
                static fn (Situation $s): bool => $s->isAcross() && $s->isOpen() && $s->rush->path->noticeS < Thresholds::SURPRISE_S,
                'It enters from the side without warning: cover the side it comes from.'),
            Rule::favour('area.easier-smaller', Setting::Area, ['speck' => -1.0],
                static fn (Situation $s): bool => $s->pointingError > 0.01,
                static fn (Situation $s): string => sprintf('A speck is smaller than the wander of your aim, about %s %% of the frame width.', Number::significant(100 * $s->pointingError, 1))),
        ];
    }

    /** @return list<Rule> one for each area the body lacks or does not allow with the mode */
    private static function forbidden(): array
    {
        $rules = [];
        foreach (Area::cases() as $area) {
            $rules[] = Rule::reject("area.body-lacks.{$area->value}", Setting::Area, [$area->value],
                static fn (Situation $s): bool => ! isset($s->kit->body->areas[$area->value]),
                'Your body does not offer it.');
            $rules[] = Rule::reject("area.mode-forbids.{$area->value}", Setting::Area, [$area->value],
                static function (Situation $s, Choices $c) use ($area): bool {
                    $shape = $s->kit->body->areas[$area->value] ?? null;

                    return $shape !== null && $c->mode() !== null && ! $shape->allows($c->mode());
                },
                static fn (Situation $s, Choices $c): string => sprintf('Your body does not offer it in %s focus.', strtolower($c->mode()?->label() ?? 'this')));
        }

        return $rules;
    }
}
