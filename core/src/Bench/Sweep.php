<?php

declare(strict_types=1);

namespace RushHold\Bench;

use RushHold\Refused;

/**
 * A session at the bench: sweeps over the fine-tune values of a body with a lens, at one or more distances and focal
 * lengths.
 */
final readonly class Sweep
{
    public const MOST_FRAMES = 3000;

    private const MOST_SERIES = 12;

    /** Fewer values are no curve. */
    private const FEWEST = 3;

    private const MOST_VALUES = 61;

    /** Distances that differ by less are one. */
    private const SAME_DISTANCE = 1.08;

    /** What the value that is best across them may lose at most where somebody shoots, as a share of the best there. */
    private const TOLERABLE = 0.1;

    /** From this share of all frames on a distance matters for itself. */
    private const MATTERS = 0.1;

    /** @var non-empty-list<Series> nearest first, then shortest */
    public array $series;

    /**
     * @param  list<Trial>  $trials  3 to 3000
     * @param  list<array{float, float}>  $uses  distances really shot, m, and the share of frames; empty: all series
     *   count the same
     * @param  bool  $byDistance  whether the lens stores a value for each distance
     *
     * @throws Refused if there are too few values, or too many
     */
    public function __construct(public array $trials, public array $uses = [], public bool $byDistance = false)
    {
        $values = array_values(array_unique(array_map(static fn (Trial $t): int => $t->value, $trials)));
        sort($values);
        if ($trials === [] || count($values) < self::FEWEST || count($trials) > self::MOST_FRAMES) {
            throw Refused::because('frames', 'sweep-few', least: self::FEWEST, most: self::MOST_FRAMES);
        }
        if (count($values) > self::MOST_VALUES) {
            throw Refused::because('frames', 'sweep-values', most: self::MOST_VALUES);
        }
        $groups = self::grouped($trials);
        if (count($groups) > self::MOST_SERIES) {
            throw Refused::because('frames', 'sweep-series', most: self::MOST_SERIES);
        }
        $this->series = array_map(static fn (array $group): Series => Series::of($group, $values), $groups);
    }

    /**
     * @param  non-empty-list<Trial>  $trials
     * @return non-empty-list<non-empty-list<Trial>>
     */
    private static function grouped(array $trials): array
    {
        usort(
            $trials,
            static fn (Trial $a, Trial $b): int => [$a->focalMm, $a->distanceM] <=> [$b->focalMm, $b->distanceM],
        );
        $groups = [];
        foreach ($trials as $trial) {
            $last = $groups === [] ? null : $groups[count($groups) - 1][0];
            if (
                $last !== null &&
                $trial->focalMm === $last->focalMm &&
                $trial->distanceM <= self::SAME_DISTANCE * $last->distanceM
            ) {
                $groups[count($groups) - 1][] = $trial;
            } else {
                $groups[] = [$trial];
            }
        }

        return $groups;
    }

    /**
     * @return list<array{value: int, probability: float}> the three values most likely to be best over all series, by
     *   what is lost at each
     */
    public function best(): array
    {
        $weights = $this->weights();
        $draws = array_map(
            static fn (Series $s, int $i): array => $s->curve->drawn(1000, 41 + $i),
            $this->series,
            array_keys($this->series),
        );
        $values = $this->series[0]->values;
        $best = array_fill_keys($values, 0.0);
        foreach (array_keys($draws[0]) as $d) {
            $losses = array_fill(0, count($values), 0.0);
            foreach ($draws as $s => $of) {
                $top = max($of[$d]);
                foreach ($of[$d] as $i => $score) {
                    $losses[$i] += $weights[$s] * (1 - $score / max(1e-9, $top));
                }
            }
            $best[$values[array_keys($losses, min($losses), true)[0]]] += 1 / count($draws[0]);
        }
        arsort($best);
        $three = [];
        foreach (array_slice($best, 0, 3, true) as $value => $probability) {
            $three[] = ['value' => $value, 'probability' => $probability];
        }

        return $three;
    }

    /**
     * @return list<array{value: int, distance_m: float, focal_mm: float, frames: int}> what to take again, no more than
     *   decides it
     */
    public function retest(): array
    {
        $again = [];
        $weights = $this->weights();
        foreach ($this->series as $s => $series) {
            // Where hardly anybody shoots nothing is decided.
            if ($weights[$s] < self::MATTERS && ! $this->byDistance) {
                continue;
            }
            foreach ($series->retest() as $value => $frames) {
                $again[] = [
                    'value' => $value,
                    'distance_m' => $series->distanceM,
                    'focal_mm' => $series->focalMm,
                    'frames' => $frames,
                ];
            }
        }

        return $again;
    }

    /**
     * How much each series counts, by the distances really shot: each of these goes to the nearest one, in proportion
     * of distance.
     *
     * @return non-empty-list<float> adding up to one
     */
    public function weights(): array
    {
        $weights = array_fill(0, count($this->series), 0.0);
        foreach ($this->uses as [$distance, $share]) {
            $apart = array_map(
                static fn (Series $s): float => round(abs(log($s->distanceM / $distance)), 6),
                $this->series,
            );
            $nearest = array_keys($apart, min($apart), true);
            foreach ($nearest as $s) {
                // Both ends of a zoom at one distance share it.
                $weights[$s] += $share / count($nearest);
            }
        }
        $all = array_sum($weights);

        return $all > 0
            ? array_values(array_map(static fn (float $w): float => $w / $all, $weights))
            : array_fill(0, count($this->series), 1 / count($this->series));
    }

    /**
     * The value that loses least over all distances and focal lengths.
     *
     * @return Across with whether it will do
     */
    public function across(): Across
    {
        $weights = $this->weights();
        $values = $this->series[0]->values;
        $losses = [];
        foreach ($values as $i => $value) {
            foreach ($this->series as $s => $series) {
                $losses[$value][$s] = max(0.0, 1 - $series->curve->mean[$i] / max(1e-9, max($series->curve->mean)));
            }
        }
        $together = array_map(
            static fn (array $of): float => array_sum(
                array_map(static fn (float $loss, float $w): float => $loss * $w, $of, $weights),
            ),
            $losses,
        );
        $value = array_keys($together, min($together), true)[0];
        $worst = 0;
        foreach ($this->series as $s => $series) {
            $worst =
                $weights[$s] >= self::MATTERS &&
                ($losses[$value][$s] > $losses[$value][$worst] || $weights[$worst] < self::MATTERS)
                    ? $s
                    : $worst;
        }

        return new Across(
            $value,
            $together[$value],
            $worst,
            $losses[$value][$worst],
            $losses[$value][$worst] <= self::TOLERABLE,
        );
    }
}
