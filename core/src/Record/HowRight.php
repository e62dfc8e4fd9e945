<?php

declare(strict_types=1);

namespace RushHold\Record;

use RushHold\Rush\Photographer;

/**
 * How right predictions were: each burst against what the model alone says of it, and what was known from the days
 * before. Nothing is held against what it was learned from.
 */
final readonly class HowRight
{
    /** Days that are gone through; of a longer log the last. */
    private const DAYS = 24;

    /**
     * @param  array<int|string, array{frames: int, keepers: int, model: float, learned: float, low: float,
     *   high: float}>  $bursts  the first first
     * @param  array{frames: int, model: float, learned: float, even: float}|null  $brier  mean squares of what was
     *   missed for a frame; `even` is what somebody would score who always says one half; null without bursts
     */
    private function __construct(public array $bursts, public ?array $brier)
    {
    }

    /**
     * @param  list<Logged>  $logged
     * @param  list<SkillRates>  $rates  one for each
     * @param  array<int|string, string>  $days  of each burst, such as can be put in order
     * @param  array<int|string, float>  $wrong  chance that a burst was logged wrongly: what is not believed is not
     *   held against anybody
     */
    public static function of(Photographer $said, array $logged, array $rates, array $days, array $wrong = []): self
    {
        $all = array_values(
            array_unique(
                array_intersect_key(
                    $days,
                    array_replace([], ...array_map(static fn (Logged $l): array => $l->counts, $logged)),
                ),
            ),
        );
        sort($all);
        $bursts = [];
        foreach (array_slice($all, -self::DAYS) as $day) {
            $before = Learning::of($said, ...self::until($logged, $rates, $days, $day));
            foreach ($logged as $g => $l) {
                // The same for all bursts of the day.
                $rate = null;
                foreach ($l->counts as $name => [$keepers, $frames]) {
                    if (($days[$name] ?? null) === $day) {
                        $rate ??= $before->rate($rates[$g], $l->kit(), $l->key());
                        $bursts[$name] = [
                            'frames' => $frames,
                            'keepers' => $keepers,
                            'model' => round($rates[$g]->at($said->aim, $said->panning, $said->handFocus), 4),
                            'learned' => round($rate->mean, 4),
                            'low' => round($rate->low, 4),
                            'high' => round($rate->high, 4),
                        ];
                    }
                }
            }
        }

        return new self(
            $bursts,
            self::brier(
                array_filter(
                    $bursts,
                    static fn (int|string $name): bool => ($wrong[$name] ?? 0.0) < Learning::OUTLIER,
                    ARRAY_FILTER_USE_KEY,
                ),
            ),
        );
    }

    /**
     * What was logged before a day.
     *
     * @param  list<Logged>  $logged
     * @param  list<SkillRates>  $rates
     * @param  array<int|string, string>  $days
     * @return array{list<Logged>, list<SkillRates>}
     */
    private static function until(array $logged, array $rates, array $days, string $day): array
    {
        $before = $theirs = [];
        foreach ($logged as $g => $l) {
            $counts = array_filter(
                $l->counts,
                static fn (int|string $name): bool => ($days[$name] ?? $day) < $day,
                ARRAY_FILTER_USE_KEY,
            );
            if ($counts !== []) {
                $before[] = new Logged($l->rush, $l->hold, $counts, $l->days);
                $theirs[] = $rates[$g];
            }
        }

        return [$before, $theirs];
    }

    /**
     * @param  array<int|string, array{frames: int, keepers: int, model: float, learned: float, low: float,
     *   high: float}>  $bursts
     * @return array{frames: int, model: float, learned: float, even: float}|null
     */
    private static function brier(array $bursts): ?array
    {
        $frames = 0;
        $sums = ['model' => 0.0, 'learned' => 0.0];
        foreach ($bursts as $burst) {
            $frames += $burst['frames'];
            foreach (array_keys($sums) as $who) {
                $p = $burst[$who];
                $sums[$who] += $burst['keepers'] * (1 - $p) ** 2 + ($burst['frames'] - $burst['keepers']) * $p ** 2;
            }
        }

        return $frames === 0
            ? null
            : [
                'frames' => $frames,
                'model' => round($sums['model'] / $frames, 4),
                'learned' => round($sums['learned'] / $frames, 4),
                'even' => 0.25,
            ];
    }
}
