<?php

declare(strict_types=1);

namespace RushHold\Review;

/**
 * Which colours are more those of what was marked than of what is around it: in sixteen steps of each of three, as
 * logarithms.
 */
final readonly class Palette
{
    private const STEPS = 16;

    /** Nothing is told by more than this. */
    private const MOST = 4.0;

    /** So many pixels more than were counted, so that what was seen once decides nothing. */
    private const UNSEEN = 4.0;

    /** @param  list<float>  $odds */
    private function __construct(private array $odds)
    {
    }

    /**
     * @param  list<array{float, float, float}>  $mine  colours of what was marked, 0 to 1
     * @param  list<array{float, float, float}>  $others
     */
    public static function of(array $mine, array $others): self
    {
        $counts = [];
        foreach ([$mine, $others] as $colours) {
            $count = array_fill(0, self::STEPS ** 3, 0.0);
            foreach ($colours as [$r, $g, $b]) {
                // Colours beside it are nearly the same.
                [$i, $j, $k] = [self::step($r), self::step($g), self::step($b)];
                foreach (
                    [
                        [0, 0, 0, 1.0],
                        [1, 0, 0, 0.5],
                        [-1, 0, 0, 0.5],
                        [0, 1, 0, 0.5],
                        [0, -1, 0, 0.5],
                        [0, 0, 1, 0.5],
                        [0, 0, -1, 0.5],
                        [1, 1, 1, 0.5],
                        [-1, -1, -1, 0.5],
                    ] as [$di, $dj, $dk, $much]
                ) {
                    [$p, $q, $t] = [$i + $di, $j + $dj, $k + $dk];
                    if ($p >= 0 && $q >= 0 && $t >= 0 && $p < self::STEPS && $q < self::STEPS && $t < self::STEPS) {
                        $count[($p * self::STEPS + $q) * self::STEPS + $t] += $much;
                    }
                }
            }
            $counts[] = [$count, max(1, count($colours))];
        }
        $odds = [];
        [[$its, $all], [$theirs, $rest]] = $counts;
        foreach ($its as $i => $n) {
            $odds[] = round(
                max(
                    -self::MOST,
                    min(
                        self::MOST,
                        log(
                            ((($n + (self::UNSEEN * $all) / ($all + $rest)) / $all) * $rest) /
                                ($theirs[$i] + (self::UNSEEN * $rest) / ($all + $rest)),
                        ),
                    ),
                ),
                2,
            );
        }

        return new self($odds);
    }

    /**
     * How much each pixel has its colours, −1 to 1.
     *
     * @param  list<array{float, float, float}>  $colours
     */
    public function seen(int $wide, int $high, array $colours): Patch
    {
        $light = [];
        foreach ($colours as [$r, $g, $b]) {
            $light[] =
                $this->odds[(self::step($r) * self::STEPS + self::step($g)) * self::STEPS + self::step($b)] /
                self::MOST;
        }

        return new Patch($wide, $high, $light);
    }

    private static function step(float $light): int
    {
        return max(0, min(self::STEPS - 1, (int) ($light * self::STEPS)));
    }
}
