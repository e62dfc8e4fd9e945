<?php

declare(strict_types=1);

namespace RushHold\Drill;

use RushHold\Range;
use RushHold\Refused;

/** What a hand did with the ring and the shutter. */
final readonly class RingTrace
{
    public const MOST = 12_000;

    /** Samples a second that are needed to judge at all. */
    private const LEAST_RATE = 8;

    private const LONGEST_GAP_S = 1.0;

    /**
     * @param  list<array{float, float, float}>  $samples  s from the start, turn of the ring from 0 at infinity to 1,
     *   and 1 while the shutter is pressed
     *
     * @throws Refused if it is too short, too sparse or out of order
     */
    public function __construct(public array $samples, float $seconds)
    {
        $least = (int) (self::LEAST_RATE * $seconds);
        if (count($samples) < $least || count($samples) > self::MOST) {
            throw Refused::beyond(
                'trace',
                Range::of($least, self::MOST, 'samples'),
                'drill-trace-few',
                least: $least,
                most: self::MOST,
                came: count($samples),
            );
        }
        $before = -1e-9;
        foreach ($samples as $i => [$t, $turn, $fires]) {
            Range::of(0, $seconds + 5, 's')->check("trace[$i][0]", $t);
            Range::share()->check("trace[$i][1]", $turn);
            Range::share()->check("trace[$i][2]", $fires);
            if ($t <= $before) {
                throw Refused::because("trace[$i][0]", 'drill-trace-order');
            }
            if ($t - max(0.0, $before) > self::LONGEST_GAP_S) {
                throw Refused::because('trace', 'drill-trace-break', seconds: (int) ceil($seconds));
            }
            $before = $t;
        }
        if ($before < $seconds - self::LONGEST_GAP_S) {
            throw Refused::because('trace', 'drill-trace-break', seconds: (int) ceil($seconds));
        }
    }

    /** How far the ring is turned at a time. */
    public function turn(float $t): float
    {
        $i = $this->before($t);
        [$t0, $u0] = $this->samples[$i];
        [$t1, $u1] = $this->samples[$i + 1] ?? $this->samples[$i];

        return $t1 > $t0 && $t > $t0 ? $u0 + ($u1 - $u0) * min(1.0, ($t - $t0) / ($t1 - $t0)) : $u0;
    }

    public function fires(float $t): bool
    {
        return $this->samples[$this->before($t)][2] > 0.5;
    }

    /** @return list<float> when the shutter was pressed, s */
    public function presses(): array
    {
        $presses = [];
        $fired = false;
        foreach ($this->samples as [$t, , $fires]) {
            if ($fires > 0.5 && ! $fired) {
                $presses[] = $t;
            }
            $fired = $fires > 0.5;
        }

        return $presses;
    }

    private function before(float $t): int
    {
        $low = 0;
        $high = count($this->samples) - 1;
        while ($low < $high) {
            $middle = intdiv($low + $high + 1, 2);
            $this->samples[$middle][0] <= $t ? ($low = $middle) : ($high = $middle - 1);
        }

        return $low;
    }
}
