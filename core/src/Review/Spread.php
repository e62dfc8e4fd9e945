<?php

declare(strict_types=1);

namespace RushHold\Review;

use RushHold\Blur\Ellipse;

/** How far points are spread in a patch of a picture, from the widths of its edges by the way across them. */
final readonly class Spread
{
    /** Fewer edges say nothing. */
    private const FEWEST = 6;

    /** Smoothing before edges are looked for, pixels: the more, the more noise there is beside the steepest slope. */
    private const SMOOTHING = [0.0, 0.7, 1.0, 1.4];

    /** How much noise, as a share of the steepest slope, each of these is good for. */
    private const GOOD_FOR = [0.012, 0.06, 0.12];

    /** Variance that gathering light over a pixel makes alone. */
    private const PIXEL = 1 / 12;

    /** One way counts no more than so many of the middle one, so that a fence does not decide alone. */
    private const SHARE = 3.0;

    private function __construct(
        public Ellipse $ellipse,
        /** How many edges say so. */
        public int $edges,
        /** How unsure the width is, as a share of it: one standard deviation. */
        public float $unsure,
    ) {
    }

    /**
     * @param  float  $noise  standard deviation, as a share of white
     * @return self|null null where there are no edges to go by
     */
    public static function of(Patch $patch, float $noise, int $most = 900): ?self
    {
        $smoothing = self::smoothing($patch, $noise);
        $edges = Edges::of($patch->smoothed($smoothing), $noise, $smoothing, $most);
        if (count($edges) < self::FEWEST) {
            return null;
        }
        $ways = array_fill(0, Edges::WAYS, []);
        foreach ($edges as [$variance, $counts, $angle]) {
            $ways[((int) floor($angle / M_PI * Edges::WAYS + 0.5) % Edges::WAYS + Edges::WAYS) % Edges::WAYS][] = [$variance, $counts];
        }
        $points = [];
        foreach ($ways as $way => $list) {
            if (count($list) >= 2) {
                $points[] = [$way * M_PI / Edges::WAYS, self::middle($list), sqrt(array_sum(array_column($list, 1)))];
            }
        }

        return $points === [] ? null : self::fitted($points, $edges);
    }

    private static function smoothing(Patch $patch, float $noise): float
    {
        if ($noise <= 0) {
            return self::SMOOTHING[0];
        }
        $steepest = 1e-6;
        $step = 0.0;
        [$w, $g] = [$patch->wide, $patch->light];
        for ($y = 2; $y < $patch->high - 2; $y += 2) {
            for ($x = 2, $i = $y * $w + 2; $x < $w - 2; $x += 2, $i += 2) {
                // Over four pixels, so that it is not the noise that is steep.
                $step = max(abs($g[$i + 2] + $g[$i + 1] - $g[$i - 1] - $g[$i - 2]), abs($g[$i + 2 * $w] + $g[$i + $w] - $g[$i - $w] - $g[$i - 2 * $w])) / 6;
                $steepest = $step > $steepest ? $step : $steepest;
            }
        }
        foreach (self::GOOD_FOR as $i => $most) {
            if ($noise / $steepest < $most) {
                return self::SMOOTHING[$i];
            }
        }

        return self::SMOOTHING[3];
    }

    /**
     * The ellipse whose variance in each way comes nearest to what the edges of that way say: a + b·cos 2φ + c·sin 2φ, by least
     * squares.
     *
     * @param  non-empty-list<array{float, float, float}>  $points  way, variance, how much it counts
     * @param  list<array{float, float, float}>  $edges
     */
    private static function fitted(array $points, array $edges): self
    {
        $weights = array_column($points, 2);
        sort($weights);
        $most = self::SHARE * $weights[intdiv(count($weights), 2)];
        $n = array_fill(0, 3, array_fill(0, 4, 0.0));
        foreach ($points as [$way, $variance, $counts]) {
            $row = [1.0, cos(2 * $way), sin(2 * $way), $variance];
            // A wide one is as unsure as it is wide.
            $weight = min($counts, $most) / max(0.3, $variance);
            for ($i = 0; $i < 3; $i++) {
                for ($j = 0; $j < 4; $j++) {
                    $n[$i][$j] += $weight * $row[$i] * $row[$j];
                }
            }
        }
        // With edges in few ways the ellipse stays round.
        $n[1][1] += 0.05 * $n[0][0];
        $n[2][2] += 0.05 * $n[0][0];
        [$a, $b, $c] = self::solved($n);
        $middle = max(0.02, $a);
        // Nothing is narrower than a pixel makes it.
        $ellipse = Ellipse::of(max(self::PIXEL, $a + $b), max(self::PIXEL, $a - $b), $c);
        $off = 0.0;
        $all = 0.0;
        foreach ($edges as [$variance, $counts, $angle]) {
            $off += $counts * min(4.0, (($variance - $a - $b * cos(2 * $angle) - $c * sin(2 * $angle)) / $middle) ** 2);
            $all += $counts;
        }

        // Neighbours along an edge say the same: a tenth of them count.
        return new self($ellipse, count($edges), 0.5 * sqrt($off / max(1e-12, $all) / max(1.0, count($edges) / 10)));
    }

    /**
     * @param  list<array{float, float}>  $list
     */
    private static function middle(array $list): float
    {
        usort($list, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
        $half = array_sum(array_column($list, 1)) / 2;
        $sum = 0.0;
        foreach ($list as [$value, $counts]) {
            $sum += $counts;
            if ($sum >= $half) {
                return $value;
            }
        }

        return $list[count($list) - 1][0];
    }

    /**
     * Three equations.
     *
     * @param  array<int, array<int, float>>  $n
     * @return array{float, float, float}
     */
    private static function solved(array $n): array
    {
        for ($i = 0; $i < 3; $i++) {
            for ($j = $i + 1; $j < 3; $j++) {
                $share = $n[$j][$i] / max(1e-12, $n[$i][$i]);
                for ($k = $i; $k < 4; $k++) {
                    $n[$j][$k] -= $share * $n[$i][$k];
                }
            }
        }
        $c = $n[2][3] / max(1e-12, $n[2][2]);
        $b = ($n[1][3] - $n[1][2] * $c) / max(1e-12, $n[1][1]);

        return [($n[0][3] - $n[0][1] * $b - $n[0][2] * $c) / max(1e-12, $n[0][0]), $b, $c];
    }
}
