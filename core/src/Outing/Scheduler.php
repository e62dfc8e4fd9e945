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

    /** @var list<list<float|null>> wanted frames kept by entry and quarter hour of beginning; null where it cannot */
    private array $values;

    /** @var list<int> quarter hours that each takes, with getting there */
    private array $lengths;

    /** @var list<int> of these, quarter hours of getting there */
    private array $setups;

    private int $steps;

    /**
     * @param  list<list<float>>  $rates  keeper rate by entry and quarter hour
     * @param  list<int>  $frames  of a pass, by entry
     */
    public function __construct(Outing $outing, array $rates, array $frames)
    {
        $this->steps = $outing->steps();
        $values = $lengths = [];
        foreach ($outing->entries as $e => $entry) {
            // One sets out, gets there, and only then it counts.
            $setup = $entry->setupSteps();
            $length = $entry->steps();
            $lengths[] = $setup + $length;
            $row = [];
            for ($s = 0; $s < $this->steps; $s++) {
                $row[] = $entry->mayBeginIn($outing, $s + $setup) ? $entry->wanted * $entry->times * $frames[$e] * array_sum(array_slice($rates[$e], $s + $setup, $length)) / $length : null;
            }
            $values[] = $row;
        }
        $this->values = $values;
        $this->lengths = $lengths;
        $this->setups = array_map(static fn (Entry $entry): int => $entry->setupSteps(), $outing->entries);
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
        // From the last: the most that those from one on keep from a quarter hour on, and where that one begins.
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
                    $value = $this->values[$order[$i]][$s];
                    if ($value !== null && $value + $most[$s + $this->lengths[$order[$i]]] > $next[$s]) {
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
        // The most that can still be kept from a quarter hour on with these rushes left.
        $most = array_fill(0, $this->steps + 1, array_fill(0, $all + 1, 0.0));
        $pick = [];
        for ($s = $this->steps - 1; $s >= 0; $s--) {
            for ($left = 1; $left <= $all; $left++) {
                $best = $most[$s + 1][$left];
                $chosen = null;
                foreach ($this->values as $e => $row) {
                    if (($left >> $e & 1) === 1 && $row[$s] !== null) {
                        $value = $row[$s] + $most[$s + $this->lengths[$e]][$left & ~(1 << $e)];
                        if ($value > $best) {
                            $best = $value;
                            $chosen = $e;
                        }
                    }
                }
                $most[$s][$left] = $best;
                $pick[$s][$left] = $chosen;
            }
        }
        $planned = [];
        for ($s = 0, $left = $all; $s < $this->steps && $left > 0;) {
            $e = $pick[$s][$left];
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
        $most = array_map(static fn (array $row): float => max([0.0, ...array_filter($row, is_float(...))]), $this->values);
        arsort($most);
        $taken = array_fill(0, $this->steps, false);
        $planned = [];
        foreach (array_keys($most) as $e) {
            $best = null;
            foreach ($this->values[$e] as $s => $value) {
                if ($value !== null && ($best === null || $value > $best->value) && ! in_array(true, array_slice($taken, $s, $this->lengths[$e]), true)) {
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
        return new Planned($entry, $from + $this->setups[$entry], $from + $this->lengths[$entry], (float) $this->values[$entry][$from], $from);
    }
}
