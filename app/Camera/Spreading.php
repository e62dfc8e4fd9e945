<?php

declare(strict_types=1);

namespace App\Camera;

use Imagick;
use ImagickKernel;
use RushHold\Camera\PointSpread;

/**
 * Spreads every point of a picture as a point spread says, given in its pixels. What is wide is spread on a smaller
 * copy.
 */
final class Spreading
{
    /** Extent on the copy that is worked on, pixels: beyond, a smaller one does. For what is looked at closely… */
    public const FINE = 7.0;

    /** …and for what is only there. */
    public const COARSE = 3.6;

    /** Steps of a smear, for each pixel of its length. */
    private const STEPS = 4;

    /** What is spread no more than this is left alone, as a variance in pixels. */
    private const NOTHING = 0.004;

    /**
     * By which a copy may be smaller on which this can still be done, in steps, so that few sizes come up.
     *
     * @param  PointSpread  $px  in pixels instead of µm
     * @param  float  $extent  to which it may reach on that copy, pixels
     */
    public static function reduction(PointSpread $px, float $extent = self::COARSE): float
    {
        $reach = max(
            $px->discUm,
            $px->roundUm,
            ...array_map(static fn (array $s): float => hypot(...$s), $px->smears),
            ...[0.0],
        );

        return $reach <= $extent ? 1.0 : 2 ** (ceil(2 * log($reach / $extent, 2)) / 2);
    }

    /**
     * @param  Imagick  $picture  smaller by `$by` than it is to be
     * @param  PointSpread  $px  in pixels of the picture it is to be
     */
    public static function over(Imagick $picture, PointSpread $px, float $by, int $wide, int $high): void
    {
        // Making it smaller and larger again spreads as well.
        $kernel = self::kernel($px->scaled(1 / $by), $by > 1.0 ? 1 / 12 + 1 / 6 : 0.0);
        if ($kernel !== null) {
            $picture->setImageVirtualPixelMethod(Imagick::VIRTUALPIXELMETHOD_EDGE);
            $picture->morphology(
                Imagick::MORPHOLOGY_CONVOLVE,
                1,
                ImagickKernel::fromMatrix($kernel),
                Imagick::CHANNEL_ALL,
            );
        }
        if ($picture->getImageWidth() !== $wide || $picture->getImageHeight() !== $high) {
            $picture->resizeImage($wide, $high, Imagick::FILTER_TRIANGLE, 1);
        }
    }

    /**
     * @return list<list<float>>|null null where there is nothing to spread
     */
    public static function kernel(PointSpread $px, float $own = 0.0): ?array
    {
        [$xx, $yy] = $px->variances();
        if (max($xx, $yy) - $own < self::NOTHING) {
            return null;
        }
        // Small discs are drawn as round heaps: they differ by less than a pixel shows.
        $radius = $px->discUm / 2;
        $round = $px->roundUm ** 2 / 16 - $own;
        if ($px->discUm < 2.0 || $round < 0) {
            $round += $px->discUm ** 2 / 16;
            $radius = 0.0;
        }
        $round = max(0.0, $round);
        $points = [[0.0, 0.0]];
        foreach ($px->smears as [$x, $y]) {
            $points = self::along($points, $x, $y);
        }
        $reachX = $reachY = 0.0;
        foreach ($points as [$x, $y]) {
            $reachX = max($reachX, abs($x));
            $reachY = max($reachY, abs($y));
        }
        $more = $radius + 3 * sqrt($round) + 1;

        [$wide, $high] = [(int) ceil($reachX + $more), (int) ceil($reachY + $more)];
        $kernel = self::heaped($points, $radius, $round, $wide, $high);
        // Pixels are coarse: what they made too wide or too narrow is put right in the heap.
        for ($i = 0; $i < self::CORRECTIONS; $i++) {
            [$gotX, $gotY] = self::spread($kernel);
            $off = ($xx + $yy) / 2 - $own - ($gotX + $gotY) / 2;
            $radius > 0 ? ($radius = sqrt(max(0.25, $radius ** 2 + 4 * $off))) : ($round = max(0.0, $round + $off));
            $kernel = self::heaped($points, $radius, $round, $wide, $high);
        }

        return $kernel;
    }

    private const CORRECTIONS = 2;

    /**
     * @param  list<list<float>>  $kernel
     * @return array{float, float} variance along x and along y
     */
    public static function spread(array $kernel): array
    {
        $xx = $yy = 0.0;
        [$top, $left] = [intdiv(count($kernel), 2), intdiv(count($kernel[0] ?? []), 2)];
        foreach ($kernel as $y => $row) {
            foreach ($row as $x => $weight) {
                $xx += $weight * ($x - $left) ** 2;
                $yy += $weight * ($y - $top) ** 2;
            }
        }

        return [$xx, $yy];
    }

    /**
     * @param  list<array{float, float}>  $points
     * @return list<array{float, float}> each of them drawn out to a line
     */
    private static function along(array $points, float $x, float $y): array
    {
        $count = (int) ceil((self::STEPS * hypot($x, $y)) / sqrt(count($points)));
        if ($count < 2) {
            return $points;
        }
        $line = [];
        foreach ($points as [$px, $py]) {
            for ($i = 0; $i < $count; $i++) {
                $share = ($i + 0.5) / $count - 0.5;
                $line[] = [$px + $share * $x, $py + $share * $y];
            }
        }

        return $line;
    }

    /**
     * @param  list<array{float, float}>  $points
     * @return list<list<float>>
     */
    private static function heaped(array $points, float $radius, float $round, int $wide, int $high): array
    {
        $kernel = array_fill(0, 2 * $high + 1, array_fill(0, 2 * $wide + 1, 0.0));
        // A point between two pixels falls to both, which spreads it by a little that the heap has less of.
        $heap = self::heap($radius, max(0.0, $round - (count($points) > 1 ? 1 / 6 : 0.0)));
        foreach ($points as [$x, $y]) {
            $left = (int) floor($x);
            $top = (int) floor($y);
            foreach (
                [
                    [0, 0, (1 - $x + $left) * (1 - $y + $top)],
                    [1, 0, ($x - $left) * (1 - $y + $top)],
                    [0, 1, (1 - $x + $left) * ($y - $top)],
                    [1, 1, ($x - $left) * ($y - $top)],
                ] as [$dx, $dy, $share]
            ) {
                foreach ($heap as [$hx, $hy, $weight]) {
                    $row = $high + $top + $dy + $hy;
                    $column = $wide + $left + $dx + $hx;
                    if (isset($kernel[$row][$column])) {
                        $kernel[$row][$column] += $share * $weight;
                    }
                }
            }
        }
        $sum = array_sum(array_map(array_sum(...), $kernel));

        return array_map(
            static fn (array $row): array => array_map(static fn (float $w): float => $w / $sum, $row),
            $kernel,
        );
    }

    /**
     * A disc laid over a round heap.
     *
     * @return list<array{int, int, float}> x, y and weight
     */
    private static function heap(float $radius, float $variance): array
    {
        $reach = (int) ceil($radius + 3 * sqrt($variance));
        $fine = $radius > 0 ? 2 : 3;
        $heap = [];
        $soft = max(0.12, sqrt($variance));
        for ($y = -$reach; $y <= $reach; $y++) {
            for ($x = -$reach; $x <= $reach; $x++) {
                $sum = 0.0;
                for ($i = 0; $i < $fine * $fine; $i++) {
                    $far = hypot($x + (intdiv($i, $fine) + 0.5) / $fine - 0.5, $y + (($i % $fine) + 0.5) / $fine - 0.5);
                    // The edge of the disc is as soft as the heap is wide.
                    $sum +=
                        $radius > 0
                            ? 1 / (1 + exp((1.702 * ($far - $radius)) / $soft))
                            : exp((-$far * $far) / (2 * max(0.01, $variance)));
                }
                if ($sum > 1e-4) {
                    $heap[] = [$x, $y, $sum];
                }
            }
        }

        return $heap === [] ? [[0, 0, 1.0]] : $heap;
    }
}
