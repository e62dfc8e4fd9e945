<?php

declare(strict_types=1);

namespace RushHold\Drill;

use RushHold\Range;
use RushHold\Refused;

/** How soon the area came to each place and stayed there. */
final readonly class AreaScore
{
    /** It has arrived when it stays so long, s. */
    private const STAYS_S = 0.25;

    private const MOST = 12000;

    /**
     * @param  list<array{seconds: float|null, over: int}>  $moves  for each place: until it had arrived; how often it
     *   ran past
     */
    private function __construct(public AreaCourse $course, public array $moves)
    {
    }

    /**
     * @param  list<array{float, float, float}>  $trace  s from the start, and the middle of the area from then on,
     *   frame widths and
     *     heights from the middle of the frame
     *
     * @throws Refused if it is out of order or out of the frame
     */
    public static function of(AreaCourse $course, array $trace): self
    {
        if (count($trace) > self::MOST) {
            throw Refused::because('trace', 'drill-trace-many', most: self::MOST);
        }
        $before = 0.0;
        foreach ($trace as $i => [$t, $x, $y]) {
            Range::of(0, $course->seconds + 5, 's')->check("trace[$i][0]", $t);
            Range::of(-0.5, 0.5, 'of the frame')->check("trace[$i][1]", $x);
            Range::of(-0.5, 0.5, 'of the frame')->check("trace[$i][2]", $y);
            $t < $before && throw Refused::because("trace[$i][0]", 'drill-trace-order');
            $before = $t;
        }
        $moves = [];
        $k = 0;
        $place = [0.0, 0.0];
        foreach ($course->targets as ['from' => $from, 'to' => $to, 'at' => $at]) {
            $since = self::isNear($place, $at) ? $from : null;
            $arrived = null;
            $over = 0;
            for (; $k < count($trace) && $trace[$k][0] < $to; $k++) {
                [$t, $x, $y] = $trace[$k];
                if ($t >= $from && $since !== null && $arrived === null && $t - $since >= self::STAYS_S) {
                    $arrived = $since - $from;
                }
                $place = [$x, $y];
                if ($t < $from) {
                    $since = self::isNear($place, $at) ? $from : null;
                } elseif (! self::isNear($place, $at)) {
                    $over += $since !== null && $arrived === null ? 1 : 0;
                    $since = null;
                } else {
                    $since ??= $t;
                }
            }
            if ($arrived === null && $since !== null && $to - $since >= self::STAYS_S) {
                $arrived = $since - $from;
            }
            $moves[] = ['seconds' => $arrived, 'over' => $over];
        }

        return new self($course, $moves);
    }

    /** Share of the places that were reached in time, 0 to 1. */
    public function share(): float
    {
        return count($this->times()) / count($this->moves);
    }

    /** What a move took, s, a place that was not reached for longer than all that were; null where most were not. */
    public function medianS(): ?float
    {
        $times = [...$this->times(), ...array_fill(0, count($this->moves) - count($this->times()), INF)];
        $median = Median::of($times);

        return $median === null || is_infinite($median) ? null : $median;
    }

    public function overshoots(): int
    {
        return array_sum(array_column($this->moves, 'over'));
    }

    /** @return list<float> of the moves that arrived */
    public function times(): array
    {
        return array_values(array_filter(array_column($this->moves, 'seconds'), is_float(...)));
    }

    /**
     * @param  array{float, float}  $place
     * @param  array{float, float}  $at
     */
    private static function isNear(array $place, array $at): bool
    {
        return abs($place[0] - $at[0]) <= AreaCourse::NEAR[0] && abs($place[1] - $at[1]) <= AreaCourse::NEAR[1];
    }
}
