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

    /** Ways across an edge that are held apart here. */
    private const WAYS = 24;

    /** Widths that are tried, and how many of them make one e times as wide. */
    private const WIDTHS = 48;

    private const PER_E = 10;

    /** How many steps longer ellipses are than wide. */
    private const LONGER = [0, 4, 8, 12, 16, 20, 25];

    /**
     * What an edge that is e times wider than a width has against it; the rest to one, what one has that is e times
     * narrower.
     */
    private const BELOW = 0.4;

    /** What edges near and far are apart makes a width so unsure. */
    private const APART = 0.45;

    /** No edge has more than this against any. */
    private const MOST_AGAINST = 0.5;

    /** What an ellipse that is e times longer than wide has against it. */
    private const ROUNDER = 0.01;

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

    /** One that was measured before. */
    public static function known(Ellipse $ellipse, int $edges, float $unsure): self
    {
        return new self($ellipse, $edges, $unsure);
    }

    /**
     * @param  float  $noise  standard deviation, as a share of white
     * @param  list<bool>|null  $within  whether each pixel is of what it is about; null: all are
     * @param  array{float, float}|null  $at  what in it was marked, pixels; null: nothing
     * @return self|null null where there are no edges to go by
     */
    public static function of(
        Patch $patch,
        float $noise,
        int $most = 900,
        ?array $within = null,
        ?array $at = null,
    ): ?self {
        $edges = self::edges($patch, $noise, $most, $within);
        $spread = self::fromEdges($edges);

        return $spread === null || $at === null || $edges === []
            ? $spread
            : new self(
                $spread->ellipse,
                $spread->edges,
                hypot($spread->unsure, self::APART * self::apart($edges, $spread->ellipse, $patch->wide, $at)),
            );
    }

    /**
     * The edges of a patch.
     *
     * @param  float  $noise  standard deviation, as a share of white
     * @param  list<bool>|null  $within  whether each pixel is of what it is about; null: all are
     * @return list<array{float, float, float, int}> as `Edges` tells them
     */
    public static function edges(Patch $patch, float $noise, int $most = 900, ?array $within = null): array
    {
        $smoothing = self::smoothing($patch, $noise);

        return Edges::of($patch->smoothed($smoothing), $noise, $smoothing, $most, $within);
    }

    /**
     * What edges say together, of one patch or of several.
     *
     * @param  list<array{float, float, float, int}>  $edges
     * @return self|null null where they are too few
     */
    public static function fromEdges(array $edges): ?self
    {
        return $edges === [] || count($edges) < self::FEWEST ? null : self::fitted($edges);
    }

    /** Variance along a way, from the horizontal, anticlockwise as seen. */
    public function along(float $angleDeg): float
    {
        $share = cos(deg2rad($angleDeg - $this->ellipse->angleDeg)) ** 2;

        return $this->ellipse->short ** 2 + ($this->ellipse->long ** 2 - $this->ellipse->short ** 2) * $share;
    }

    /** The same where the patch was so many times smaller than the picture: told in pixels of that. */
    public function enlarged(int $by): self
    {
        // What putting pixels together spreads is not the picture's.
        $together = ($by ** 2 - 1) / 12;
        $variance = static fn (float $deviation): float => max(self::PIXEL, ($deviation * $by) ** 2 - $together);

        return new self(
            Ellipse::fromAxes(
                sqrt($variance($this->ellipse->long)),
                sqrt($variance($this->ellipse->short)),
                $this->ellipse->angleDeg,
            ),
            $this->edges,
            $this->unsure,
        );
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
                $step =
                    max(
                        abs($g[$i + 2] + $g[$i + 1] - $g[$i - 1] - $g[$i - 2]),
                        abs($g[$i + 2 * $w] + $g[$i + $w] - $g[$i - $w] - $g[$i - 2 * $w]),
                    ) / 6;
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
     * The ellipse that edges of all ways speak for most.
     *
     * What a mark on a coat is soft by itself makes edges wider, never narrower, and a few edges of something else may
     * be narrower: each edge votes for widths a little below its own, by how many times it is wider, and none counts
     * against a width by more than so much. So widths are held against one another as logarithms, and all ellipses of a
     * grid are tried.
     *
     * @param  non-empty-list<array{float, float, float, int}>  $edges  variance, how much it counts, way
     */
    private static function fitted(array $edges): self
    {
        $against = self::against($edges);
        $tried = [];
        $coarse = self::grid();
        foreach ($coarse as $e => [$steps, , $longer]) {
            $tried[$e] = self::sum($against, $steps, $longer);
        }
        $best = min($tried);
        $nearest = (int) array_search($best, $tried, true);
        // Neighbours along an edge say the same: a tenth of them count.
        $sharp = count($edges) / 10 / max(0.05, $best);
        [$one, $mean, $square] = [0.0, 0.0, 0.0];
        foreach ($tried as $e => $sum) {
            $weight = exp(-($sum - $best) * $sharp);
            $width = log($coarse[$e][1][3]);
            $one += $weight;
            $mean += $weight * $width;
            $square += $weight * $width ** 2;
        }
        $fine = array_map(
            static fn (array $one): array => self::ellipse(...$one),
            self::fine(...self::coarse()[$nearest]),
        );
        $close = array_map(static fn (array $e): float => self::sum($against, $e[0], $e[2]), $fine);
        $best = min($close);
        $sums = [0.0, 0.0, 0.0, 0.0];
        foreach ($close as $e => $sum) {
            $weight = exp(-($sum - $best) * $sharp * 4);
            [$xx, $yy, $xy] = $fine[$e][1];
            $sums[0] += $weight;
            $sums[1] += $weight * $xx;
            $sums[2] += $weight * $yy;
            $sums[3] += $weight * $xy;
        }
        $ellipse = Ellipse::of($sums[1] / $sums[0], $sums[2] / $sums[0], $sums[3] / $sums[0]);

        return new self(
            $ellipse->scaled(self::between($edges, $ellipse)),
            count($edges),
            sqrt(max(0.0, $square / $one - ($mean / $one) ** 2)),
        );
    }

    /**
     * By how much edges near a place are wider or narrower than those farther off: where they differ, some may be of
     * something else.
     *
     * @param  non-empty-list<array{float, float, float, int}>  $edges
     * @param  array{float, float}  $at
     * @return float as a logarithm, 0 or more
     */
    private static function apart(array $edges, Ellipse $ellipse, int $wide, array $at): float
    {
        $all = [];
        foreach ($edges as [$variance, , $angle, $i]) {
            $all[] = [hypot(($i % $wide) - $at[0], intdiv($i, $wide) - $at[1]), self::off($variance, $angle, $ellipse)];
        }
        usort($all, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
        $third = intdiv(count($all), 3);
        if ($third < self::FEWEST) {
            return 0.0;
        }
        $middles = [];
        foreach ([array_slice($all, 0, $third), array_slice($all, -$third)] as $some) {
            $off = array_column($some, 1);
            sort($off);
            $middles[] = $off[intdiv(count($off), 2)];
        }

        return abs($middles[0] - $middles[1]);
    }

    /**
     * By how much an ellipse has to be larger or smaller for the edges near it: it lies between two steps of the grid.
     *
     * @param  non-empty-list<array{float, float, float, int}>  $edges
     */
    private static function between(array $edges, Ellipse $ellipse): float
    {
        $near = [];
        $all = 0.0;
        foreach ($edges as [$variance, $counts, $angle]) {
            $off = self::off($variance, $angle, $ellipse);
            if (abs($off) < 2 / self::PER_E) {
                $near[] = [$off, $counts];
                $all += $counts;
            }
        }
        usort($near, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
        $sum = 0.0;
        foreach ($near as [$off, $counts]) {
            $sum += $counts;
            if ($sum >= self::BELOW * $all) {
                return exp($off);
            }
        }

        return 1.0;
    }

    /** By how much an edge is wider than an ellipse lets expect across it, as a logarithm. */
    private static function off(float $variance, float $angle, Ellipse $ellipse): float
    {
        $along = cos($angle + deg2rad($ellipse->angleDeg)) ** 2;

        return log(
            max(self::PIXEL, $variance) /
                max(self::PIXEL, $ellipse->short ** 2 + ($ellipse->long ** 2 - $ellipse->short ** 2) * $along),
        ) / 2;
    }

    /**
     * What all edges have against an ellipse.
     *
     * @param  array<int, list<float>>  $against
     * @param  list<int>  $steps
     */
    private static function sum(array $against, array $steps, float $longer): float
    {
        $sum = self::ROUNDER * $longer;
        foreach ($against as $way => $each) {
            $sum += $each[$steps[$way]];
        }

        return $sum;
    }

    /**
     * What the edges of each way have against each width.
     *
     * @param  non-empty-list<array{float, float, float, int}>  $edges
     * @return array<int, list<float>> by way, over the widths; together a mean over all edges
     */
    private static function against(array $edges): array
    {
        $ways = [];
        foreach ($edges as [$variance, $counts, $angle]) {
            $way = (((int) round(($angle / M_PI) * self::WAYS) % self::WAYS) + self::WAYS) % self::WAYS;
            $ways[$way][] = [log(max(self::PIXEL, $variance)) / 2, $counts];
        }
        $sums = array_map(static fn (array $list): float => array_sum(array_column($list, 1)), $ways);
        sort($sums);
        $most = self::SHARE * $sums[intdiv(count($sums), 2)];
        $against = [];
        $all = 0.0;
        foreach ($ways as $way => $list) {
            $sum = array_sum(array_column($list, 1));
            $counts = min($sum, $most);
            $all += $counts;
            $each = array_fill(0, self::WIDTHS, 0.0);
            foreach ($list as [$width, $one]) {
                for ($k = 0; $k < self::WIDTHS; $k++) {
                    $off = $width - self::width($k);
                    $each[$k] +=
                        ($one / $sum) *
                        $counts *
                        min(self::MOST_AGAINST, $off > 0 ? self::BELOW * $off : (self::BELOW - 1) * $off);
                }
            }
            $against[$way] = $each;
        }

        return array_map(
            static fn (array $each): array => array_map(static fn (float $one): float => $one / max(1e-12, $all), $each),
            $against,
        );
    }

    /** Logarithm of a width of the grid, from what a pixel makes it. */
    private static function width(int $step): float
    {
        return log(self::PIXEL) / 2 + $step / self::PER_E;
    }

    /**
     * Ellipses far apart, one of which is near to any.
     *
     * @return non-empty-list<array{int, int, int}> width of the short axis, how much longer the long one is, and how it
     *   is turned, in steps
     */
    private static function coarse(): array
    {
        $all = [];
        for ($short = 0; $short < self::WIDTHS; $short += 2) {
            foreach (self::LONGER as $longer) {
                for (
                    $turn = 0;
                    $turn < self::WAYS && $short + $longer < self::WIDTHS;
                    $turn += $longer === 0 ? self::WAYS : 3
                ) {
                    $all[] = [$short, $longer, $turn];
                }
            }
        }

        return $all;
    }

    /**
     * @return non-empty-list<array{list<int>, array{float, float, float, float}, float}> what `ellipse` says of each of
     *   these: made once
     */
    private static function grid(): array
    {
        /** @var non-empty-list<array{list<int>, array{float, float, float, float}, float}>|null $grid */
        static $grid = null;

        return $grid ??= array_map(static fn (array $one): array => self::ellipse(...$one), self::coarse());
    }

    /**
     * Those near one.
     *
     * @return non-empty-list<array{int, int, float}>
     */
    private static function fine(int $short, int $longer, int $turn): array
    {
        $all = [];
        foreach ([-1, 0, 1] as $s) {
            foreach ([-2, -1, 0, 1, 2] as $l) {
                foreach ([-1.5, -1, -0.5, 0, 0.5, 1, 1.5] as $t) {
                    if ($short + $s >= 0 && $longer + $l >= 0 && $short + $s + $longer + $l < self::WIDTHS) {
                        $all[] = [$short + $s, $longer + $l, $turn + $t];
                    }
                }
            }
        }

        return $all === [] ? [[$short, $longer, $turn]] : $all;
    }

    /**
     * @return array{list<int>, array{float, float, float, float}, float} the step of its width each way, variances
     *   along x and y and together with its width, and how long it is
     */
    private static function ellipse(int $short, int $longer, float $turn): array
    {
        [$s, $l] = [exp(2 * self::width($short)), exp(2 * self::width($short + $longer))];
        $angle = ($turn * M_PI) / self::WAYS;
        $steps = [];
        for ($way = 0; $way < self::WAYS; $way++) {
            $along = cos(($way * M_PI) / self::WAYS - $angle) ** 2;
            $steps[] = (int) round(((log($s + ($l - $s) * $along) - log(self::PIXEL)) / 2) * self::PER_E);
        }

        return [
            $steps,
            [
                $s + ($l - $s) * cos($angle) ** 2,
                $s + ($l - $s) * sin($angle) ** 2,
                ($l - $s) * cos($angle) * sin($angle),
                sqrt(16 * $s + 12 * ($l - $s)),
            ],
            $longer / self::PER_E,
        ];
    }
}
