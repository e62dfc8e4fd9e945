<?php

declare(strict_types=1);

namespace RushHold\Planning;

use RushHold\Blur\Verdict;
use RushHold\Hold\Hold;
use RushHold\Hold\PartialHold;
use RushHold\Hold\Setting;
use RushHold\Hold\Stabiliser;
use RushHold\Hold\Technique;
use RushHold\Kit\Area;
use RushHold\Kit\AreaShape;
use RushHold\Light\Shimmer;
use RushHold\Planning\Solve\DistanceSolver;
use RushHold\Planning\Solve\ExposureSolver;
use RushHold\Refused;
use RushHold\Rush\Rush;
use RushHold\Said;
use RushHold\Situation\Situation;
use RushHold\Situation\Thresholds;

/** Chooses a hold for a rush by stated rules and closed formulas, around whatever is pinned. */
final readonly class Chooser
{
    public function __construct(private RuleBook $rules)
    {
    }

    public static function standard(): self
    {
        return new self(RuleBook::standard());
    }

    public function choose(Rush $rush, ?PartialHold $pins = null): Plan
    {
        [$situation, $choices, $judged, $exposure, $startReason, $rangeReason, $placeReason] = $this->decided(
            $rush,
            $pins,
        );
        $hold = $choices->hold();

        $air = Shimmer::of(
            $rush->light->sunHeightDeg(),
            $rush->light->sky,
            $rush->scene->surface,
            $situation->middle->distanceM,
            $rush->scene->lineHeightM,
            $rush->scene->wind,
        );
        $lane = Lane::of($situation, $hold, $air);
        $middle = $lane->samples[intdiv(count($lane->samples), 2)];
        $blur = (new FrameBlur($situation, $hold, $air))->at($situation->middle, $middle->focusM);

        return new Plan(
            situation: $situation,
            hold: $hold,
            lines: (new Lines($situation, $hold, $exposure, $blur, $choices->pins, $judged))->all(
                $startReason,
                $rangeReason,
                $placeReason,
            ),
            exposure: $exposure,
            lane: $lane,
            blur: $blur,
            limbBlurUm: $situation->motions[intdiv(count($situation->motions), 2)]->limbBlurUm(
                $hold->shutterS,
                $rush->subject->limbSpeedMps,
            ),
            depth: $situation->depthAt($situation->middle->distanceM, $hold->aperture, Verdict::KEEPER_LIMIT),
            air: $air,
            misfits: [...$exposure->misfits, ...Misfits::of($situation, $hold, $lane)],
            cautions: Cautions::for($situation),
        );
    }

    /** The hold alone, without what explains it. */
    public function hold(Rush $rush, ?PartialHold $pins = null): Hold
    {
        return $this->decided($rush, $pins)[1]->hold();
    }

    /**
     * @return array{Situation, Choices, array<string, Judgement>, ExposureSolver, Said, Said, Said} what is chosen,
     *   with the reasons for start, range and place
     */
    private function decided(Rush $rush, ?PartialHold $pins): array
    {
        $situation = new Situation($rush, $pins);
        $choices = new Choices($pins ?? PartialHold::nothing());
        /** @var array<string, Judgement> $judged */
        $judged = [];

        // The stabiliser's rules look at the shutter.
        foreach (
            array_filter(Setting::cases(), static fn (Setting $s): bool => $s->isJudged() && $s !== Setting::Stabiliser) as $setting
        ) {
            $judged[$setting->value] = $this->decide($setting, $situation, $choices);
        }

        // Bodies have some steps only, or sell their responses as presets.
        [$patience, $nimble] = $rush->kit->body->nearestResponse(
            $choices->number(Setting::Patience),
            $choices->number(Setting::Nimbleness),
        );
        $choices->pins->has(Setting::Patience) || $choices->decide(Setting::Patience, $patience);
        $choices->pins->has(Setting::Nimbleness) || $choices->decide(Setting::Nimbleness, $nimble);

        $technique = self::chosen($choices, Setting::Technique, Technique::class);
        [$startAt, $startReason] = DistanceSolver::startAt($situation, $technique);
        $choices->decide(Setting::StartAt, $choices->pins->get(Setting::StartAt) ?? $startAt);
        $startAtM = $choices->number(Setting::StartAt);
        [$range, $rangeReason] = DistanceSolver::range($situation, $startAtM);
        if (! $choices->pins->has(Setting::RangeLimit)) {
            $choices->decide(Setting::RangeLimit, $range);
        }
        $limit = $choices->get(Setting::RangeLimit);

        $exposure = ExposureSolver::solve($situation, $choices);
        $choices->decide(Setting::Shutter, $exposure->shutterS);
        $judged[Setting::Stabiliser->value] = $this->decide(Setting::Stabiliser, $situation, $choices);

        [$place, $placeReason] = self::areaPlace($situation, $choices);
        $reached = $rush->kit->body->reachable(self::chosen($choices, Setting::Area, Area::class), $place);
        if ($reached != $place) {
            $place = $reached;
            $placeReason = Said::of('place.points');
        }
        $choices->decide(Setting::AreaAt, $place);
        $choices->decide(Setting::Aperture, $exposure->aperture);
        $choices->decide(Setting::Iso, $exposure->iso);
        foreach (Setting::rare() as $setting) {
            $setting->isLackedBy($rush->kit->body) ||
                $choices->pins->has($setting) ||
                $choices->decide($setting, $setting->about()->usual);
        }

        return [$situation, $choices, $judged, $exposure, $startReason, $rangeReason, $placeReason];
    }

    /**
     * The rush changed a little: solved again with what focuses left as playing chose it, until it is played again.
     * What the kit no longer has is chosen anew.
     */
    public function carrying(Rush $rush, PartialHold $pins, PartialHold $played): Plan
    {
        return $this->over($this->choose($rush, $pins), $pins, $played);
    }

    /** A plan by the rules with what focuses as playing chose it. */
    public function over(Plan $byRules, PartialHold $pins, PartialHold $played): Plan
    {
        $rush = $byRules->situation->rush;
        try {
            $kept = $played->only(...Setting::played())->fitting($rush->kit);
            $plan = $this->choose($rush, $kept->and($pins));
        } catch (Refused) {
            return $byRules;
        }
        $carried = Said::of('line.carried');

        return $plan->pinnedAs(
            $pins,
            $byRules,
            array_combine(
                array_map(static fn (Setting $s): string => $s->value, $kept->settings()),
                array_fill(0, count($kept->settings()), $carried),
            ),
        );
    }

    private function decide(Setting $setting, Situation $s, Choices $c): Judgement
    {
        $values = $setting->about()->judged();
        assert($values !== []);
        $judgement = $this->rules->judge(
            $setting,
            $values,
            $s,
            $c,
            $setting === Setting::Area ? self::areasFor($s, $c) : null,
        );
        if (! $c->pins->has($setting)) {
            $c->decide($setting, self::valueOf($setting, $judgement->value));
        }

        return $judgement;
    }

    /**
     * @return non-empty-list<string> the areas of the body, simplest first: those that go with the mode, if there are
     *   any
     */
    private static function areasFor(Situation $s, Choices $c): array
    {
        $shapes = $s->kit->body->areas;
        $mode = $c->mode();
        $fitting =
            $mode === null ? [] : array_filter($shapes, static fn (AreaShape $shape): bool => $shape->allows($mode));
        $has = array_keys($fitting === [] ? $shapes : $fitting);
        $ordered = array_values(
            array_intersect(array_map(static fn (Area $a): string => $a->value, Area::cases()), $has),
        );
        assert($ordered !== []);

        return $ordered;
    }

    private static function valueOf(Setting $setting, string|int $value): mixed
    {
        $words = $setting->about()->words();

        return match (true) {
            $words !== null => $words::from($value),
            $setting === Setting::Eye => $value === 'true',
            default => (float) $value,
        };
    }

    /**
     * @template T of object
     *
     * @param  class-string<T>  $words
     * @return T
     */
    private static function chosen(Choices $c, Setting $setting, string $words): object
    {
        $value = $c->get($setting);
        assert($value instanceof $words);

        return $value;
    }

    /**
     * Leave room where it will go.
     *
     * @return array{array{float, float}, Said}
     */
    private static function areaPlace(Situation $s, Choices $c): array
    {
        $pinned = $c->pins->areaAt();
        if ($pinned !== null) {
            return [$pinned, Said::of('line.pinned')];
        }
        $area = $c->area();
        $movesAside = ! $s->isStill() && hypot($s->middle->acrossMps, $s->middle->upMps) > abs($s->middle->closingMps);
        $fits = $s->widthInFrame < 0.5 && $s->heightInFrame < 0.5;
        if ($area?->about()->spans === true || ! $movesAside || ! $fits) {
            return [[0.0, 0.0], Said::of($movesAside && ! $fits ? 'place.full' : 'place.middle')];
        }
        if (
            $s->rush->path->noticeS < Thresholds::UNWARNED_S &&
            $s->subject->erratic >= Thresholds::EITHER_SIDE &&
            ! $s->rush->path->repeats
        ) {
            return [[0.0, 0.0], Said::of('place.either')];
        }
        if ($s->isVertical()) {
            $up = $s->middle->upMps > 0;

            return [[0.0, $up ? 0.15 : -0.15], Said::of($up ? 'place.below' : 'place.above')];
        }
        $right = $s->middle->acrossMps > 0;

        return [[$right ? -0.12 : 0.12, 0.0], Said::of($right ? 'place.left' : 'place.right')];
    }
}
