<?php

declare(strict_types=1);

namespace RushHold\Planning;

use RushHold\Hold\Setting;
use RushHold\Planning\Rules\AimRules;
use RushHold\Planning\Rules\AreaRules;
use RushHold\Planning\Rules\CameraRules;
use RushHold\Planning\Rules\DetectionRules;
use RushHold\Planning\Rules\ModeRules;
use RushHold\Planning\Rules\ResponseRules;
use RushHold\Planning\Rules\TechniqueRules;
use RushHold\Said;
use RushHold\Situation\Situation;

/**
 * All rules, and how they are weighed: ruled-out values go, the points of the rest add up, the most points win,
 * and the simpler value wins a tie.
 */
final readonly class RuleBook
{
    /** @param  array<string, list<Rule>>  $rules  by setting */
    private function __construct(private array $rules)
    {
    }

    /** The rules from practice. */
    public static function standard(): self
    {
        /** @var self|null $standard */
        static $standard = null;

        return $standard ??= self::of([
            ...TechniqueRules::all(),
            ...ModeRules::all(),
            ...AreaRules::all(),
            ...DetectionRules::all(),
            ...AimRules::all(),
            ...ResponseRules::all(),
            ...CameraRules::all(),
        ]);
    }

    /** @param  list<Rule>  $rules */
    public static function of(array $rules): self
    {
        $bySetting = [];
        foreach ($rules as $rule) {
            $bySetting[$rule->setting->value][] = $rule;
        }

        return new self($bySetting);
    }

    /** @return list<Rule> */
    public function for(Setting $setting): array
    {
        return $this->rules[$setting->value] ?? [];
    }

    /** @return array<string, Rule> by value, the rule that keeps it out */
    public function ruledOut(Setting $setting, Situation $situation, Choices $choices): array
    {
        $out = [];
        foreach ($this->for($setting) as $rule) {
            foreach ($rule->rejects !== [] && $rule->applies($situation, $choices) ? $rule->rejects : [] as $value) {
                $out[(string) $value] ??= $rule;
            }
        }

        return $out;
    }

    /**
     * @param  non-empty-list<string|int>  $values  all there are, simplest first
     * @param  non-empty-list<string|int>|null  $possible  those that this body has at all; all of them when left out
     */
    public function judge(
        Setting $setting,
        array $values,
        Situation $situation,
        Choices $choices,
        ?array $possible = null,
    ): Judgement {
        $possible ??= $values;
        $applying = array_values(
            array_filter($this->for($setting), static fn (Rule $r): bool => $r->applies($situation, $choices)),
        );

        $rejected = [];
        $points = array_fill_keys($values, 0.0);
        foreach ($applying as $rule) {
            foreach ($rule->rejects as $value) {
                $rejected[$value] ??= $rule;
            }
            foreach ($rule->points as $value => $n) {
                if (array_key_exists($value, $points)) {
                    $points[$value] += $n;
                }
            }
        }
        $left = array_values(array_filter($possible, static fn (string|int $v): bool => ! isset($rejected[$v])));
        // When everything is ruled out, the least unsuitable is still better than no answer.
        $candidates = $left === [] ? $possible : $left;
        $winner = $candidates[0];
        foreach ($candidates as $value) {
            if ($points[$value] > $points[$winner]) {
                $winner = $value;
            }
        }

        $best = self::strongestFor($applying, $winner);
        $others = array_values(array_filter($values, static fn (string|int $v): bool => $v !== $winner));
        usort(
            $others,
            static fn (string|int $a, string|int $b): int => [isset($rejected[$a]), -$points[$a]] <=> [
                isset($rejected[$b]),
                -$points[$b],
            ],
        );

        return new Judgement(
            $winner,
            $best?->reason($situation, $choices) ?? Said::of('rule.none'),
            array_map(
                static fn (string|int $value): Alternative => isset($rejected[$value])
                    ? new Alternative($value, $rejected[$value]->reason($situation, $choices), false)
                    : new Alternative(
                        $value,
                        self::speaksOf($value, $applying, $best)?->reason($situation, $choices) ??
                            match (true) {
                                $points[$value] === $points[$winner] => Said::of('alternative.as-well'),
                                ($best->points[$value] ?? 0) > 0 => Said::of('alternative.less'),
                                $setting === Setting::Support => Said::of('alternative.support'),
                                default => Said::of('alternative.nothing'),
                            },
                        true,
                    ),
                $others,
            ),
            $best->id ?? '',
        );
    }

    /** @param  list<Rule>  $rules */
    private static function strongestFor(array $rules, string|int $value): ?Rule
    {
        $best = null;
        foreach ($rules as $rule) {
            if (($rule->points[$value] ?? 0) > ($best->points[$value] ?? 0)) {
                $best = $rule;
            }
        }

        return $best;
    }

    /**
     * What has most to say of a value that was not chosen, for it or against it, unless the same already speaks for the
     * winner.
     *
     * @param  list<Rule>  $rules
     */
    private static function speaksOf(string|int $value, array $rules, ?Rule $decided): ?Rule
    {
        $loudest = null;
        foreach ($rules as $rule) {
            if ($rule !== $decided && abs($rule->points[$value] ?? 0) > abs($loudest->points[$value] ?? 0)) {
                $loudest = $rule;
            }
        }

        return $loudest;
    }
}
