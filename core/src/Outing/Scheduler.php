<?php

declare(strict_types=1);

namespace RushHold\Outing;

/**
 * Gives each rush its time, so that most wanted frames are kept: no two at once, none outside its window, and what
 * cannot fit is left out. Exact for up to `EXACT` rushes; beyond that each takes the best time that is left, the most
 * wanted first.
 */
final readonly class Scheduler
{
    public const EXACT = 10;

    /** Of what keeps as much within this, what begins sooner is taken. */
    private const SAME = 1e-9;

    /** @var list<array<int, float>> wanted frames kept by entry and minute of setting out; only where it can */
    private array $values;

    /** @var list<int> minutes that each takes, with getting there */
    private array $lengths;

    /** @var list<int> of these, minutes of getting there */
    private array $setups;

    /** Minutes of the outing. */
    private int $steps;

    /**
     * @param  list<list<float>>  $rates  keeper rate by entry and quarter hour
     * @param  list<int>  $frames  of a pass, by entry
     */
    public function __construct(Outing $outing, array $rates, array $frames)
    {
        $this->steps = $outing->minutes();
        $this->lengths = array_map(
            static fn (Entry $entry): int => $entry->setupMin + $entry->minutes,
            $outing->entries,
        );
        $this->setups = array_map(static fn (Entry $entry): int => $entry->setupMin, $outing->entries);
        $values = [];
        foreach ($outing->entries as $e => $entry) {
            $until = self::until($rates[$e], $this->steps);
            $row = [];
            // One sets out, gets there, and only then it counts.
            for ($begins = $entry->setupMin; $begins + $entry->minutes <= $this->steps; $begins++) {
                if ($entry->mayBegin($outing, $begins)) {
                    $row[$begins - $entry->setupMin] =
                        ($entry->wanted *
                            $entry->times *
                            $frames[$e] *
                            ($until[$begins + $entry->minutes] - $until[$begins])) /
                        $entry->minutes;
                }
            }
            $values[] = $row;
        }
        $this->values = $values;
    }

    /**
     * Sum of the rate over the minutes before each, straight between the quarter hours.
     *
     * @param  list<float>  $rates  by quarter hour
     * @return list<float>
     */
    private static function until(array $rates, int $minutes): array
    {
        $last = count($rates) - 1;
        $sums = [($sum = 0.0)];
        for ($minute = 0; $minute < $minutes; $minute++) {
            $low = min($last, intdiv($minute, Outing::STEP_MIN));
            $part = (($minute % Outing::STEP_MIN) + 0.5) / Outing::STEP_MIN;
            $sums[] = $sum += $rates[$low] + ($rates[min($last, $low + 1)] - $rates[$low]) * $part;
        }

        return $sums;
    }

    /** @return list<Planned> in order of time */
    public function best(): array
    {
        return count($this->values) <= self::EXACT ? $this->exact() : $this->oneByOne();
    }

    /**
     * The best times for an order somebody wants; what does not fit is left out.
     *
     * @param  list<int>  $order  numbers of entries
     * @return list<Planned>
     */
    public function inOrder(array $order): array
    {
        // From the last: the most that those from one on keep from a minute on, and where that one begins.
        $most = array_fill(0, $this->steps + 1, 0.0);
        $begins = [];
        for ($i = count($order) - 1; $i >= 0; $i--) {
            $next = array_fill(0, $this->steps + 1, 0.0);
            for ($s = $this->steps; $s >= 0; $s--) {
                $next[$s] = $most[$s];
                $begins[$i][$s] = null;
                if ($s < $this->steps) {
                    if ($next[$s + 1] > $next[$s]) {
                        $next[$s] = $next[$s + 1];
                        $begins[$i][$s] = $begins[$i][$s + 1];
                    }
                    $value = $this->values[$order[$i]][$s] ?? null;
                    if (
                        $value !== null &&
                        $value > 0.0 &&
                        $value + $most[$s + $this->lengths[$order[$i]]] > $next[$s] - self::SAME
                    ) {
                        $next[$s] = $value + $most[$s + $this->lengths[$order[$i]]];
                        $begins[$i][$s] = $s;
                    }
                }
            }
            $most = $next;
        }
        $planned = [];
        $s = 0;
        foreach ($order as $i => $entry) {
            $at = $begins[$i][$s] ?? null;
            if ($at !== null) {
                $planned[] = $this->planned($entry, $at);
                $s = $at + $this->lengths[$entry];
            }
        }

        return $planned;
    }

    /** @param  list<Planned>  $planned */
    public static function kept(array $planned): float
    {
        return array_sum(array_map(static fn (Planned $p): float => $p->value, $planned));
    }

    /** @return list<Planned> */
    private function exact(): array
    {
        $all = (1 << count($this->values)) - 1;
        // The most that can still be kept from a minute on with these rushes left.
        $most = array_fill(0, $this->steps + 1, array_fill(0, $all + 1, 0.0));
        $pick = [];
        for ($s = $this->steps - 1; $s >= 0; $s--) {
            // In most minutes nothing begins.
            $most[$s] = $most[$s + 1];
            foreach ($this->values as $e => $row) {
                if (($row[$s] ?? 0.0) <= 0.0) {
                    continue;
                }
                $after = $most[$s + $this->lengths[$e]];
                for ($left = 1 << $e; $left <= $all; $left++) {
                    $value = (($left >> $e) & 1) === 1 ? $row[$s] + $after[$left & ~(1 << $e)] : -1.0;
                    if ($value > $most[$s][$left] - self::SAME) {
                        $most[$s][$left] = $value;
                        $pick[$s][$left] = $e;
                    }
                }
            }
        }
        $planned = [];
        for ($s = 0, $left = $all; $s < $this->steps && $left > 0;) {
            $e = $pick[$s][$left] ?? null;
            if ($e === null) {
                $s++;

                continue;
            }
            $planned[] = $this->planned($e, $s);
            $s += $this->lengths[$e];
            $left &= ~(1 << $e);
        }

        return $planned;
    }

    /** @return list<Planned> */
    private function oneByOne(): array
    {
        $most = array_map(static fn (array $row): float => max([0.0, ...$row]), $this->values);
        arsort($most);
        $taken = array_fill(0, $this->steps, false);
        $planned = [];
        foreach (array_keys($most) as $e) {
            $best = null;
            foreach ($this->values[$e] as $s => $value) {
                if (
                    ($best === null || $value > $best->value) &&
                    ! in_array(true, array_slice($taken, $s, $this->lengths[$e]), true)
                ) {
                    $best = $this->planned($e, $s);
                }
            }
            if ($best !== null) {
                $planned[] = $best;
                for ($s = $best->since; $s < $best->to; $s++) {
                    $taken[$s] = true;
                }
            }
        }
        usort($planned, static fn (Planned $a, Planned $b): int => $a->from <=> $b->from);

        return $planned;
    }

    private function planned(int $entry, int $from): Planned
    {
        return new Planned(
            $entry,
            $from + $this->setups[$entry],
            $from + $this->lengths[$entry],
            (float) $this->values[$entry][$from],
            $from,
        );
    }
}
