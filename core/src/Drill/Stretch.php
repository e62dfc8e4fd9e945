<?php

declare(strict_types=1);

namespace RushHold\Drill;

/** One subject of a ring course: where it is from when it is seen to when it is gone. */
final readonly class Stretch
{
    /**
     * @param  float  $from  s from the start of the course
     * @param  float  $counts  s from the start, from when frames of it count
     * @param  list<array{float, float}>  $way  s from the start, and its distance in m; it goes evenly in between
     * @param  float|null  $markM  where it is going to land, m
     */
    public function __construct(
        public float $from,
        public float $counts,
        public float $to,
        public array $way,
        public ?float $markM = null,
    ) {
    }

    /** Its distance, m; before and after the stretch where it begins and ends. */
    public function at(float $t): float
    {
        $low = 0;
        $high = count($this->way) - 1;
        if ($t <= $this->way[0][0]) {
            return $this->way[0][1];
        }
        if ($t >= $this->way[$high][0]) {
            return $this->way[$high][1];
        }
        while ($high - $low > 1) {
            $middle = intdiv($low + $high, 2);
            $this->way[$middle][0] <= $t ? ($low = $middle) : ($high = $middle);
        }
        [$t0, $m0] = $this->way[$low];
        [$t1, $m1] = $this->way[$high];

        return $m0 + (($m1 - $m0) * ($t - $t0)) / max(1e-9, $t1 - $t0);
    }

    public function isStill(): bool
    {
        return count($this->way) === 1;
    }
}
