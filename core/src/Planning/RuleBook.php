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
            ...TechniqueRules::all(), ...ModeRules::all(), ...AreaRules::all(), ...DetectionRules::all(),
            ...AimRules::all(), ...ResponseRules::all(), ...CameraRules::all(),
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
    public function judge(Setting $setting, array $values, Situation $situation, Choices $choices, ?array $possible = null): Judgement
    {
        $possible ??= $values;
        $applying = array_values(array_filter($this->for($setting), static fn (Rule $r): bool => $r->applies($situation, $choices)));

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

        $best = null;
        foreach ($applying as $rule) {
            if (($rule->points[$winner] ?? 0) > ($best?->points[$winner] ?? 0)) {
                $best = $rule;
            }
        }
        $others = array_values(array_filter($values, static fn (string|int $v): bool => $v !== $winner));
        usort($others, static fn (string|int $a, string|int $b): int => [isset($rejected[$a]), -$points[$a]] <=> [isset($rejected[$b]), -$points[$b]]);

        return new Judgement(
            $winner,
            $best?->reason($situation, $choices) ?? 'Nothing speaks for another choice.',
            array_map(function (string|int $value) use ($rejected, $applying, $winner, $situation, $choices): Alternative {
                $rule = $rejected[$value] ?? self::whatDecided($applying, $winner, $value);

                return new Alternative($value, $rule?->reason($situation, $choices) ?? 'Does as well; the other is simpler.', ! isset($rejected[$value]));
            }, $others),
            $best->id ?? '',
        );
    }

    /** @param  list<Rule>  $rules */
    private static function whatDecided(array $rules, string|int $winner, string|int $loser): ?Rule
    {
        $decisive = null;
        $most = 0.0;
        foreach ($rules as $rule) {
            $gap = ($rule->points[$winner] ?? 0) - ($rule->points[$loser] ?? 0);
            if ($gap > $most) {
                $most = $gap;
                $decisive = $rule;
            }
        }

        return $decisive;
    }
}
