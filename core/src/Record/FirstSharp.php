<?php

declare(strict_types=1);

namespace RushHold\Record;

use RushHold\Focus\Noise;
use RushHold\NineInTen;

/**
 * How long it takes to the first sharp frame: the expected time, in which a burst without any counts in full. What gets
 * there soonest when it works is not what gets there soonest.
 *
 * How sure that is comes of weighing the bursts anew many times by chance (Rubin's Bayesian bootstrap), which supposes
 * nothing about how the times are spread.
 */
final readonly class FirstSharp
{
    private const DRAWS = 2000;

    /** Fewer say nothing. */
    public const FEWEST = 3;

    /**
     * @param  list<array{float, bool}>  $times  of each burst: s to its first sharp frame, or to its end, and whether
     *   there was one
     */
    public function __construct(public array $times)
    {
    }

    /** @param  list<LoggedBurst>  $bursts  those whose frames have times are looked at */
    public static function of(array $bursts): self
    {
        return new self(array_values(array_filter(array_map(self::first(...), $bursts))));
    }

    /** @return array{float, bool}|null */
    private static function first(LoggedBurst $burst): ?array
    {
        $first = $last = null;
        foreach ($burst->measured as $frame) {
            if ($frame->tS === null) {
                return null;
            }
            $last = max($last ?? 0.0, $frame->tS);
            $first = $frame->kept ? min($first ?? INF, $frame->tS) : $first;
        }

        return $last === null ? null : [$first ?? $last, $first !== null];
    }

    public function known(): bool
    {
        return count($this->times) >= self::FEWEST;
    }

    /** Expected time, s. */
    public function meanS(): float
    {
        return array_sum(array_column($this->times, 0)) / max(1, count($this->times));
    }

    /** Bursts without a sharp frame. */
    public function missed(): int
    {
        return count(array_filter($this->times, static fn (array $time): bool => ! $time[1]));
    }

    /**
     * @return array{sooner: float, mean: float, low: float, high: float} chance that this is there sooner, and how much
     *   later it is, s, with the interval that lies in nine times in ten
     */
    public function against(self $other): array
    {
        $mine = self::drawn($this->times, 3);
        $theirs = self::drawn($other->times, 4);
        $differences = array_map(static fn (float $a, float $b): float => $a - $b, $mine, $theirs);
        sort($differences);

        return [
            'sooner' => count(array_filter($differences, static fn (float $d): bool => $d < 0)) / self::DRAWS,
            'mean' => $this->meanS() - $other->meanS(),
            'low' => $differences[(int) (NineInTen::BELOW * self::DRAWS)],
            'high' => $differences[(int) ((1 - NineInTen::BELOW) * self::DRAWS)],
        ];
    }

    /**
     * @param  list<array{float, bool}>  $times
     * @return list<float>
     */
    private static function drawn(array $times, int $seed): array
    {
        $even = Noise::even($seed);
        $drawn = [];
        $at = 0;
        for ($i = 0; $i < self::DRAWS; $i++) {
            $sum = $all = 0.0;
            foreach ($times as [$s]) {
                // An exponential weight for each, which together are evenly spread.
                $weight = -log(1e-9 + $even[$at++ & Noise::MASK]);
                $sum += $weight * $s;
                $all += $weight;
            }
            $drawn[] = $sum / max(1e-9, $all);
        }

        return $drawn;
    }
}
