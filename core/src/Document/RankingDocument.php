<?php

declare(strict_types=1);

namespace RushHold\Document;

use RushHold\Focus\Trace;
use RushHold\Hold\Hold;
use RushHold\Hold\PartialHold;
use RushHold\Hold\Setting;
use RushHold\Hold\Settings\Where;
use RushHold\Planning\Candidate;
use RushHold\Planning\Chance;
use RushHold\Planning\Counterfactual;
use RushHold\Planning\Equals;
use RushHold\Planning\Importance;
use RushHold\Planning\Plan;
use RushHold\Planning\Ranking;
use RushHold\Planning\SchoolResult;
use RushHold\Planning\Softness;
use RushHold\Planning\WhatIf;
use RushHold\Quantity;
use RushHold\Said;
use RushHold\Units;
use RushHold\Words\Values;
use RushHold\Words\Words;

/** A ranking as JSON: a plan document with what the simulation adds. */
final class RankingDocument
{
    /** Set-ups shown of each technique, area and detection: the best response of each. */
    private const SHOWN = 24;

    /** @return array<string, mixed> */
    public static function write(Ranking $ranking, Units $units = Units::Metric): array
    {
        $plan = PlanDocument::write($ranking->plan, $units, $ranking->standing);

        return [
            ...$plan,
            'best' => [
                'hold' => HoldDocument::write($ranking->best->hold),
                ...OutcomeDocument::figures($ranking->best->outcome),
                'keepers' => array_map(static fn (float $n): float => round($n, 2), $ranking->keepers()),
            ],
            ...self::additions($ranking, $units),
        ];
    }

    /** @return array<string, mixed> */
    public static function additions(Ranking $ranking, Units $units = Units::Metric): array
    {
        $words = Words::in($units);
        $values = new Values($words);
        $shown = self::shown($ranking->candidates);
        $alike = Equals::alike($shown, $ranking->best);

        return [
            'important' => PlanDocument::important(
                Importance::of($ranking->plan->lines, $ranking->best->hold, $ranking->why),
            ),
            'tried' => count($ranking->candidates),
            'played_less' => $ranking->reduced ? $words->say(self::playedLess($ranking)) : null,
            'ties' => count($alike) > 1 ? $words->say(Said::of('ranking.ties', many: Quantity::count(count($alike)))) : null,
            'ranking' => [
                ...array_map(
                    static fn (Candidate $c): array => [...self::candidate($c, $ranking, $words), 'alike' => true],
                    $alike,
                ),
                ...array_map(
                    static fn (Candidate $c): array => self::candidate($c, $ranking, $words),
                    array_values(array_filter($shown, static fn (Candidate $c): bool => ! in_array($c, $alike, true))),
                ),
                ...array_map(
                    static fn (array $out): array => [
                        'hold' => HoldDocument::settings(PartialHold::nothing()->with($out['setting'], $out['value'])),
                        'keeper_rate' => 0.0,
                        'rejected_because' => $words->say($out['because']),
                    ],
                    $ranking->ruledOut,
                ),
            ],
            ...$ranking->fewestChanges === null
                ? []
                : ['fewest_changes' => self::candidate($ranking->fewestChanges, $ranking, $words)],
            ...$ranking->isExplained ? self::explanations($ranking, $words, $values) : [],
        ];
    }

    /** @return array<string, mixed> */
    private static function explanations(Ranking $ranking, Words $words, Values $values): array
    {
        $frames = $ranking->best->outcome->frames;

        return [
            'why' => array_map(
                static fn (Counterfactual $w): array => [
                    'setting' => $w->setting->value,
                    'from' => $w->setting->kind()->write($w->from),
                    'to' => $w->setting->kind()->write($w->to),
                    'keeper_rate_change' => round($w->change, 4),
                    'standard_error' => round($w->standardError, 4),
                    'says' => $words->say(
                        (new Chance($w->change, $w->standardError, $frames))->changing(
                            $values->of($w->setting, $w->to),
                        ),
                    ),
                ],
                $ranking->why,
            ),
            'what_if' => array_map(
                static fn (WhatIf $w): array => [
                    'change' => $w->change,
                    'sentence' => $words->say($w->sentence),
                    'keeper_rate_change' => round($w->gain, 4),
                    'standard_error' => round($w->standardError, 4),
                    'against' => $w->against?->value,
                    'helps' => $w->gain > 0 && (new Chance($w->gain, $w->standardError, $frames))->matters(),
                ],
                $ranking->whatIfs,
            ),
            'by_school' => array_map(
                static fn (SchoolResult $s): array => [
                    // Told from the best on the same chances, so that all sides and the best agree.
                    'school' => $s->school,
                    'side' => $s->side,
                    'keeper_rate' => round(self::against($ranking->best, $s->cost), 4),
                    'keepers' => round(self::against($ranking->best, $s->cost) * $frames, 2),
                    'cost' => round($s->cost, 4),
                    'standard_error' => round($s->standardError, 4),
                    'matters' => (new Chance($s->cost, $s->standardError, $frames))->matters(),
                    'hold' => HoldDocument::write($s->best->hold),
                ],
                $ranking->bySchool,
            ),
        ];
    }

    /** The keeper rate of what keeps so much less than the best. */
    private static function against(Candidate $best, float $cost): float
    {
        return max(0.0, min(1.0, $best->outcome->keeperRate - $cost));
    }

    private static function playedLess(Ranking $ranking): Said
    {
        $tried = count($ranking->candidates);

        return $tried < $ranking->possible
            ? Said::of(
                'ranking.fewer',
                tried: Quantity::count($tried, 6),
                possible: Quantity::count($ranking->possible, 6),
            )
            : Said::of('ranking.less');
    }

    /**
     * @param  Plan  $plan  of the hold that was played
     * @return array<string, mixed>
     */
    public static function trace(Trace $trace, int $run, Plan $plan): array
    {
        $softness = new Softness($plan->situation, $plan->hold);

        return [
            'run' => $run,
            'steps' => array_map(
                static fn (array $step): array => [
                    ...$step,
                    'discs' => $softness->at($step['focus_m'], $step['distance_m']),
                ],
                $trace->steps,
            ),
            'frames' => $trace->frames,
        ];
    }

    /** @return array<string, mixed> */
    private static function candidate(Candidate $candidate, Ranking $ranking, Words $words): array
    {
        $standing = $ranking->standing;
        [$cost, $error] =
            $candidate === $ranking->best ? [0.0, 0.0] : $ranking->best->outcome->minus($candidate->outcome);

        return [
            'hold' => HoldDocument::write($candidate->hold),
            ...OutcomeDocument::figures($candidate->outcome),
            'cost' => round($cost, 4),
            'matters' => (new Chance($cost, $error, $ranking->best->outcome->frames))->matters(),
            'unlike' => self::unlike($candidate->hold, $ranking->best->hold, $words),
            ...$standing === null ? [] : ['changes' => count($standing->changesTo($candidate->hold))],
        ];
    }

    /**
     * What a set-up does otherwise than the best, of what counts in it.
     *
     * @return list<array{setting: string, name: string, label: string}>
     */
    private static function unlike(Hold $hold, Hold $best, Words $words): array
    {
        $values = new Values($words);
        $told = array_filter(
            Setting::toldIn(Where::Ranking),
            static fn (Setting $s): bool => $s->in($hold) != $s->in($best) && ! $s->isIdleIn($hold),
        );

        return array_map(
            static fn (Setting $s): array => [
                'setting' => $s->value,
                'name' => Words::label($s),
                'label' => $values->of($s, $s->in($hold)),
            ],
            array_values($told),
        );
    }

    /**
     * @param  non-empty-list<Candidate>  $candidates  best first
     * @return non-empty-list<Candidate>
     */
    private static function shown(array $candidates): array
    {
        $seen = $shown = [];
        foreach ($candidates as $candidate) {
            $hold = $candidate->hold;
            $family = $hold->family();
            if (! isset($seen[$family]) && count($shown) < self::SHOWN) {
                $seen[$family] = true;
                $shown[] = $candidate;
            }
        }

        return $shown;
    }
}
