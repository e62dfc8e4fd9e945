<?php

declare(strict_types=1);

namespace RushHold\Record;

/**
 * Chances of so many keepers in so many frames whose chance of being kept differs from burst to burst: the
 * Beta-binomial distribution, told by its mean and by how alike the frames of one burst are (the intraclass
 * correlation, 1/(α+β+1)).
 */
final class BetaBinomial
{
    /** Below this the frames of a burst count as independent. */
    private const ALIKE_AT_ALL = 1e-4;

    /** Coefficients of Lanczos for g = 7, n = 9. */
    private const LANCZOS = [
        0.99999999999980993,
        676.5203681218851,
        -1259.1392167224028,
        771.32342877765313,
        -176.61502916214059,
        12.507343278686905,
        -0.13857109526572012,
        9.9843695780195716e-6,
        1.5056327351493116e-7,
    ];

    /**
     * Natural logarithm of the chance of this very order of kept and lost frames; what is the same for every mean and
     * spread is left out.
     *
     * @param  int  $keepers  0 to `$frames`
     * @param  float  $mean  above 0, below 1
     * @param  float  $alike  0 independent, below 1
     */
    public static function log(int $keepers, int $frames, float $mean, float $alike): float
    {
        if ($alike < self::ALIKE_AT_ALL) {
            return $keepers * log($mean) + ($frames - $keepers) * log(1 - $mean);
        }
        $size = 1 / $alike - 1;
        $a = $mean * $size;
        $b = (1 - $mean) * $size;

        return self::logGamma($a + $keepers) -
            self::logGamma($a) +
            self::logGamma($b + $frames - $keepers) -
            self::logGamma($b) -
            self::logGamma($size + $frames) +
            self::logGamma($size);
    }

    /**
     * The same for many bursts at once.
     *
     * @param  array<int|string, array{int, int, int}>  $bursts  keepers, frames, and how often
     */
    public static function logOfAll(array $bursts, float $mean, float $alike): float
    {
        $log = 0.0;
        foreach (self::logs($bursts, $mean, $alike) as $i => $one) {
            $log += $bursts[$i][2] * $one;
        }

        return $log;
    }

    /**
     * The same of each of many bursts.
     *
     * @template K of int|string
     *
     * @param  array<K, array{int, int, int}>  $bursts  keepers, frames, and how often
     * @return array<K, float>
     */
    public static function logs(array $bursts, float $mean, float $alike): array
    {
        $logs = [];
        if ($alike < self::ALIKE_AT_ALL) {
            foreach ($bursts as $i => [$keepers, $frames]) {
                $logs[$i] = self::log($keepers, $frames, $mean, 0.0);
            }

            return $logs;
        }
        $size = 1 / $alike - 1;
        $a = self::rising($mean * $size);
        $b = self::rising((1 - $mean) * $size);
        $all = self::rising($size);
        foreach ($bursts as $i => [$keepers, $frames]) {
            $logs[$i] =
                $frames < self::SHORT
                    ? $a[$keepers] + $b[$frames - $keepers] - $all[$frames]
                    : self::log($keepers, $frames, $mean, $alike);
        }

        return $logs;
    }

    /** Bursts shorter than this are looked up. */
    private const SHORT = 64;

    /** @return list<float> logarithms of x (x+1) (x+2)…, of so many factors */
    private static function rising(float $x): array
    {
        $logs = [0.0];
        $product = 1.0;
        $sum = 0.0;
        for ($i = 1; $i < self::SHORT; $i++) {
            $product *= $x + $i - 1;
            if ($i % 8 === 0 || $product < 1e-200) {
                $sum += log($product);
                $product = 1.0;
                $logs[] = $sum;
            } else {
                $logs[] = $sum + log($product);
            }
        }

        return $logs;
    }

    /** Natural logarithm of the number of orders in which so many of so many are kept. */
    public static function logOrders(int $keepers, int $frames): float
    {
        return self::logGamma($frames + 1) - self::logGamma($keepers + 1) - self::logGamma($frames - $keepers + 1);
    }

    /** Natural logarithm of the gamma function by Lanczos, for x above 0. */
    public static function logGamma(float $x): float
    {
        if ($x < 0.5) {
            return log(M_PI / sin(M_PI * $x)) - self::logGamma(1 - $x);
        }
        $x--;
        $sum = self::LANCZOS[0];
        for ($i = 1; $i < 9; $i++) {
            $sum += self::LANCZOS[$i] / ($x + $i);
        }
        $t = $x + 7.5;

        return 0.918938533204672742 + ($x + 0.5) * log($t) - $t + log($sum);
    }

    /**
     * How alike the frames of one run are, from how much the shares kept of runs differ: the moments' estimate.
     *
     * @param  list<float>  $rates  shares kept of runs of one length
     * @param  int  $frames  of each
     * @return float 0 to 0.95
     */
    public static function intraclassCorrelation(array $rates, int $frames): float
    {
        $runs = count($rates);
        if ($runs < 2 || $frames < 2) {
            return 0.0;
        }
        $mean = array_sum($rates) / $runs;
        $square = 0.0;
        foreach ($rates as $rate) {
            $square += ($rate - $mean) ** 2;
        }
        $binomial = $mean * (1 - $mean);

        return $binomial < 1e-9
            ? 0.0
            : max(0.0, min(0.95, (($square / ($runs - 1) / $binomial) * $frames - 1) / ($frames - 1)));
    }
}
