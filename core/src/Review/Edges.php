<?php

declare(strict_types=1);

namespace RushHold\Review;

/**
 * How wide the edges in a patch are, each across itself.
 *
 * Across an edge the light climbs by a step; of its slope g the sums M = Σ g and E = Σ g² give the width M²/E. For an
 * edge blurred by a standard deviation σ that is 2√π·σ when what blurs it is a Gauss, 3.70·σ for a disc of defocus and
 * 3.46·σ for a
 * smear: the same within five in a hundred whatever blurs it, which the height of the slope, that other methods go by,
 * is not. One edge near another looks narrower than it is: what lies beyond both its feet says how far to believe it,
 * and the leaning of its slope by how much it is too narrow.
 */
final class Edges
{
    /** Width of a slope for each standard deviation: between that of a Gauss and that of a disc. */
    private const WIDTH = 3.62;

    /** An edge that is this much weaker than the strongest of its way says little… */
    private const WEAKEST = 0.12;

    /** …and one that climbs less than this over a pixel is none, as a share of white. */
    private const FAINTEST = 0.002;

    /**
     * An edge climbs by this at least, as a share of white: six of the steps in which a picture is stored. What climbs
     * less may be such steps in a smooth gradient, or the seams between the blocks of a JPEG.
     */
    private const LEAST_CLIMB = 6 / 255;

    /** …and by so many times the noise of a pixel. */
    private const CLIMB_NOISE = 4.0;

    /** However calm a picture is, it is stored in steps: as noise, about as much as this. */
    private const STORED = 0.4 / 255;

    /** Ways across an edge that are held apart. */
    public const WAYS = 12;

    /** A slope that is not so many times the noise of slopes is none. */
    private const ABOVE_NOISE = 4.0;

    /** A slope has ended where it is so small a share of its height. */
    private const FOOT = 0.05;

    /** It breaks off when it was so high one pixel before. */
    private const BROKEN = 0.3;

    /** A slope that rises again by that much is followed by another. */
    private const AGAIN = 0.04;

    /** Pixels to either side of it. */
    private const REACH = 34;

    /** What lies beyond its feet up to so many standard deviations counts against it… */
    private const BEYOND = 3.4;

    /** …by this share of its height. */
    private const ALONE = 0.1;

    /** A slope that leans is too narrow by its skewness squared, times this. */
    private const LEANING = 1.4;

    /** What differences between neighbours two pixels apart widen an edge by, as a variance. */
    private const DIFFERENCE = 1 / 3;

    /**
     * @param  float  $noise  standard deviation, as a share of white
     * @param  float  $smoothed  by which the patch was smoothed before, pixels; taken off again
     * @param  int  $most  so many of the strongest are looked at
     * @param  list<bool>|null  $within  whether each pixel is of what it is about; null: all are
     * @return list<array{float, float, float, int}> of each edge: variance across it in pixels², how much it counts,
     *   the way across it in radians, y down, and which pixel it is at
     */
    public static function of(
        Patch $patch,
        float $noise,
        float $smoothed,
        int $most = 900,
        ?array $within = null,
    ): array {
        [$w, $h, $g] = [$patch->wide, $patch->high, $patch->light];
        if ($w < 8 || $h < 8) {
            return [];
        }
        $noise = max($noise, self::STORED);
        $gx = $gy = $size = array_fill(0, $w * $h, 0.0);
        for ($y = 1; $y < $h - 1; $y++) {
            for ($x = 1, $i = $y * $w + 1; $x < $w - 1; $x++, $i++) {
                $dx = ($g[$i + 1] - $g[$i - 1]) / 2;
                $dy = ($g[$i + $w] - $g[$i - $w]) / 2;
                $gx[$i] = $dx;
                $gy[$i] = $dy;
                $size[$i] = sqrt($dx * $dx + $dy * $dy);
            }
        }
        // Smoothing takes more of the noise of slopes than of the edges.
        $slopeNoise = $noise * ($smoothed > 0 ? 1 / (sqrt(8 * M_PI) * ($smoothed ** 2 + 0.17)) : M_SQRT1_2);
        $least = max(self::FAINTEST, self::ABOVE_NOISE * $slopeNoise);
        // In a smear those across it are weak: each is held against the strongest of its way.
        $found = array_fill(0, self::WAYS, []);
        for ($y = 2; $y < $h - 2; $y++) {
            for ($x = 2, $i = $y * $w + 2; $x < $w - 2; $x++, $i++) {
                $s = $size[$i];
                if ($s < $least || ($within !== null && ! $within[$i])) {
                    continue;
                }
                // The steepest place of a slope, in the nearest of the four ways across it.
                $ax = abs($gx[$i]);
                $ay = abs($gy[$i]);
                $next = $ay < 0.4142 * $ax ? 1 : ($ax < 0.4142 * $ay ? $w : ($gx[$i] * $gy[$i] > 0 ? $w + 1 : $w - 1));
                if ($s >= $size[$i + $next] && $s > $size[$i - $next]) {
                    $found[(int) ((atan2($gy[$i], $gx[$i]) / M_PI + 1) * self::WAYS + 0.5) % self::WAYS][$i] = $s;
                }
            }
        }
        $most = intdiv($most, self::WAYS);
        $chosen = [];
        foreach ($found as $way) {
            arsort($way);
            $bound = self::WEAKEST * (array_values($way)[intdiv(count($way), 50)] ?? 0.0);
            foreach (array_slice($way, 0, $most, true) as $i => $s) {
                if ($s >= $bound) {
                    $chosen[$i] = $s;
                }
            }
        }
        $edges = [];
        foreach ($chosen as $i => $s) {
            $edge = self::across(
                $gx,
                $gy,
                $w,
                $h,
                $i % $w,
                intdiv($i, $w),
                $gx[$i] / $s,
                $gy[$i] / $s,
                $slopeNoise,
                max(self::LEAST_CLIMB, self::CLIMB_NOISE * $noise),
            );
            if ($edge !== null) {
                $edges[] = [$edge[0] - self::DIFFERENCE - $smoothed ** 2, $edge[1], atan2($gy[$i], $gx[$i]), $i];
            }
        }

        return $edges;
    }

    /**
     * One edge, along the way across it: flat and long for speed, since it is done for some hundreds of each picture.
     *
     * @param  array<int, float>  $gx
     * @param  array<int, float>  $gy
     * @param  float  $noise  of slopes
     * @param  float  $leastClimb  from its foot to its top, as a share of white
     * @return array{float, float}|null variance, and how much it counts; null where it does not come to an end
     */
    private static function across(
        array $gx,
        array $gy,
        int $w,
        int $h,
        int $x,
        int $y,
        float $nx,
        float $ny,
        float $noise,
        float $leastClimb,
    ): ?array {
        $slopes = [];
        foreach ([1, -1] as $way) {
            $slope = [];
            for ($k = 1; $k <= self::REACH; $k++) {
                $px = $x + $way * $k * $nx;
                $py = $y + $way * $k * $ny;
                if ($px < 1 || $py < 1 || $px >= $w - 2 || $py >= $h - 2) {
                    break;
                }
                $left = (int) $px;
                $top = (int) $py;
                $fx = $px - $left;
                $fy = $py - $top;
                $j = $top * $w + $left;
                $slope[] =
                    $nx *
                        ((1 - $fy) * ((1 - $fx) * $gx[$j] + $fx * $gx[$j + 1]) +
                            $fy * ((1 - $fx) * $gx[$j + $w] + $fx * $gx[$j + $w + 1])) +
                    $ny *
                        ((1 - $fy) * ((1 - $fx) * $gy[$j] + $fx * $gy[$j + 1]) +
                            $fy * ((1 - $fx) * $gy[$j + $w] + $fx * $gy[$j + $w + 1]));
            }
            $slopes[] = $slope;
        }
        $i = $y * $w + $x;
        $peak = $nx * $gx[$i] + $ny * $gy[$i];
        // Noise ends a slope no sooner than it ends.
        $foot = max(self::FOOT * $peak, min(0.25 * $peak, 1.5 * $noise));
        $again = max(self::AGAIN * $peak, 2 * $noise);
        $m = $peak;
        $e = $peak * $peak;
        $m1 = 0.0;
        $ends = [];
        foreach ($slopes as $side => $slope) {
            $before = $peak;
            $end = null;
            foreach ($slope as $k => $q) {
                if ($q < $foot) {
                    if ($before > self::BROKEN * $peak) {
                        return null;
                    }
                    $end = $k;
                    break;
                }
                if ($q > $before + $again && $before < 0.75 * $peak) {
                    return null;
                }
                $m += $q;
                $e += $q * $q;
                $m1 += ($side === 0 ? $k + 1 : -$k - 1) * $q;
                $before = $q;
            }
            if ($end === null) {
                return null;
            }
            $ends[] = $end;
        }
        if ($m < $leastClimb) {
            return null;
        }
        $e -= ($ends[0] + $ends[1] + 1) * $noise * $noise;
        if ($e <= 0) {
            return null;
        }
        $deviation = ($m * $m) / $e / self::WIDTH;
        [$m2, $m3, $mean] = [0.0, 0.0, $m1 / $m];
        $beyond = 0.0;
        foreach ($slopes as $side => $slope) {
            $last = min(count($slope), (int) ceil(self::BEYOND * $deviation));
            for ($k = 0; $k < $last; $k++) {
                if ($k < $ends[$side]) {
                    $off = ($side === 0 ? $k + 1 : -$k - 1) - $mean;
                    $m2 += $off * $off * $slope[$k];
                    $m3 += $off * $off * $off * $slope[$k];
                } else {
                    $beyond = max($beyond, abs($slope[$k]));
                }
            }
        }
        $m2 += $mean * $mean * $peak;
        $m3 -= $mean ** 3 * $peak;
        $lean = $m2 > 0 ? $m3 / $m / ($m2 / $m) ** 1.5 : 0.0;
        $deviation *= 1 + self::LEANING * min(0.4, $lean * $lean);

        return [$deviation * $deviation, $e * exp(-max(0.0, $beyond - 2 * $noise) / $peak / self::ALONE)];
    }
}
