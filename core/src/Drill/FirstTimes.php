<?php

declare(strict_types=1);

namespace RushHold\Drill;

use RushHold\Range;
use RushHold\Refused;

/**
 * Timings with the real camera: from one subject to another until it is sharp, by autofocus and by hand. A trial that
 * went wrong counts as longer than all that went right, so that the median tells what is to be expected, not what is
 * best.
 */
final readonly class FirstTimes
{
    /** Fewer of a way say nothing yet. */
    public const FEWEST = 5;

    private const MOST = 200;

    private const MOST_S = 30.0;

    /** @param  list<array{by_hand: bool, seconds: float, missed: bool}>  $trials */
    private function __construct(public array $trials)
    {
    }

    /**
     * @param  list<array{float, float, float}>  $trace  0 by autofocus or 1 by hand, s until sharp or given up, 1 where
     *   it was missed
     *
     * @throws Refused if there are too many, or a time is out of range
     */
    public static function of(array $trace): self
    {
        if (count($trace) > self::MOST) {
            throw Refused::because('trace', 'drill-trace-many', most: self::MOST);
        }
        $trials = [];
        foreach ($trace as $i => [$byHand, $seconds, $missed]) {
            Range::share()->check("trace[$i][0]", $byHand);
            Range::share()->check("trace[$i][2]", $missed);
            $trials[] = [
                'by_hand' => $byHand > 0.5,
                'seconds' => Range::of(0.05, self::MOST_S, 's')->check("trace[$i][1]", $seconds),
                'missed' => $missed > 0.5,
            ];
        }

        return new self($trials);
    }

    /** @param  list<self>  $sessions */
    public static function together(array $sessions): self
    {
        return new self(
            array_slice(array_merge(...array_map(static fn (self $s): array => $s->trials, $sessions)), -self::MOST),
        );
    }

    public function count(bool $byHand): int
    {
        return count($this->some($byHand));
    }

    public function missed(bool $byHand): int
    {
        return count(array_filter($this->some($byHand), static fn (array $t): bool => $t['missed']));
    }

    /** The median, misses above all the rest, s; null where more than half were missed or there are too few. */
    public function medianS(bool $byHand): ?float
    {
        $some = $this->some($byHand);
        if (count($some) < self::FEWEST) {
            return null;
        }
        $median = (float) Median::of(
            array_map(static fn (array $t): float => $t['missed'] ? INF : $t['seconds'], $some),
        );

        return is_finite($median) ? round($median, 3) : null;
    }

    /** What is to be expected of a trial, misses with the time until they were given up, s. */
    public function meanS(bool $byHand): ?float
    {
        $some = $this->some($byHand);

        return $some === [] ? null : round(array_sum(array_column($some, 'seconds')) / count($some), 3);
    }

    /** @return list<array{by_hand: bool, seconds: float, missed: bool}> */
    private function some(bool $byHand): array
    {
        return array_values(array_filter($this->trials, static fn (array $t): bool => $t['by_hand'] === $byHand));
    }
}
