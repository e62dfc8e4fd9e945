<?php

declare(strict_types=1);

namespace RushHold\Focus;

use Closure;

/**
 * Random numbers made beforehand, so that the inner loop only looks them up and every set-up meets the same chances.
 *
 * Smooth noise is an autoregressive process of unit variance with a memory in seconds; its speed is the difference
 * scaled to unit variance; its way is the running sum in seconds.
 */
final class Noise
{
    public const SIZE = 1 << 15;

    public const MASK = self::SIZE - 1;

    /** Lists kept at a time, about half a megabyte each: those of some fifteen focus cycle rates. */
    private const MOST_TABLES = 120;

    /** @var array<string, list<float>> */
    private static array $tables = [];

    /**
     * @param  Closure(): list<float>  $make
     * @return list<float>
     */
    private static function table(string $name, Closure $make): array
    {
        if (! isset(self::$tables[$name])) {
            if (count(self::$tables) >= self::MOST_TABLES) {
                array_shift(self::$tables);
            }
            self::$tables[$name] = $make();
        }

        return self::$tables[$name];
    }

    /** @return list<float> unit variance, independent */
    public static function white(int $seed): array
    {
        return self::table("white $seed", static fn (): array => self::gaussians($seed));
    }

    /** @return list<float> evenly between 0 and 1 */
    public static function even(int $seed): array
    {
        return self::table("even $seed", static function () use ($seed): array {
            $values = [];
            $state = self::state($seed);
            for ($i = 0; $i < self::SIZE; $i++) {
                // Park and Miller's generator, twice, so that neighbours do not hang together.
                $state = ($state * 48271) % 0x7FFFFFFF;
                $high = $state;
                $state = ($state * 48271) % 0x7FFFFFFF;
                $values[] = (($high ^ ($state >> 5)) & 0x3FFFFFFF) / 0x40000000;
            }

            return $values;
        });
    }

    /** @return list<float> unit variance, smooth over $memoryS in steps of $stepS; closed in a ring */
    public static function smooth(int $seed, float $memoryS, float $stepS): array
    {
        return self::table("smooth $seed $memoryS $stepS", static function () use ($seed, $memoryS, $stepS): array {
            $white = self::white($seed);
            // Two equal filters after each other, so that the speed of the noise is finite.
            $keep = exp(-$stepS / ($memoryS / 2));
            $a = $b = 0.0;
            $values = [];
            for ($round = 0; $round < 2; $round++) {
                for ($i = 0; $i < self::SIZE; $i++) {
                    $a = $keep * $a + $white[$i];
                    $b = $keep * $b + (1 - $keep) * $a;
                    $values[$i] = $b;
                }
            }

            return self::unit($values);
        });
    }

    /**
     * @return list<float> the smooth noise with rare large values, as the eye loses a subject for a moment; unit
     *   variance
     */
    public static function straying(int $seed, float $memoryS, float $stepS): array
    {
        return self::table(
            "straying $seed $memoryS $stepS",
            static fn (): array => self::unit(
                array_map(
                    static fn (float $z): float => $z * (1 + Parameters::STRAY * $z * $z),
                    self::smooth($seed, $memoryS, $stepS),
                ),
            ),
        );
    }

    /** @return list<float> log-normal, independent, one on average: most are lower, a few much higher */
    public static function lucky(int $seed, float $spread): array
    {
        return self::table(
            "lucky $seed $spread",
            static fn (): array => array_map(
                static fn (float $z): float => exp($spread * $z - ($spread * $spread) / 2),
                self::white($seed),
            ),
        );
    }

    /** @return list<float> independent, of unit variance but for a share that is so many times larger */
    public static function tailed(int $seed, float $share, float $times): array
    {
        return self::table("tailed $seed $share $times", static function () use ($seed, $share, $times): array {
            $even = self::even($seed + 1);

            return array_map(
                static fn (float $z, float $chance): float => $chance < $share ? $times * $z : $z,
                self::white($seed),
                $even,
            );
        });
    }

    /** @return list<float> how fast the smooth noise changes, unit variance */
    public static function speed(int $seed, float $memoryS, float $stepS): array
    {
        return self::table("speed $seed $memoryS $stepS", static function () use ($seed, $memoryS, $stepS): array {
            $smooth = self::smooth($seed, $memoryS, $stepS);
            $values = [];
            for ($i = 0; $i < self::SIZE; $i++) {
                $values[] = $smooth[($i + 1) & self::MASK] - $smooth[$i];
            }

            return self::unit($values);
        });
    }

    /** @return list<float> running sum of the smooth noise, s */
    public static function way(int $seed, float $memoryS, float $stepS): array
    {
        return self::table("way $seed $memoryS $stepS", static function () use ($seed, $memoryS, $stepS): array {
            $sum = 0.0;
            $values = [];
            foreach (self::smooth($seed, $memoryS, $stepS) as $value) {
                $sum += $value * $stepS;
                $values[] = $sum;
            }

            return $values;
        });
    }

    /**
     * The value that unit noise stays below with this chance: the inverse of the normal distribution (Acklam's fit).
     */
    public static function quantile(float $chance): float
    {
        if ($chance <= 1e-9) {
            return -6.0;
        }
        if ($chance >= 1 - 1e-9) {
            return 6.0;
        }
        if ($chance > 0.5) {
            return -self::quantile(1 - $chance);
        }
        if ($chance < 0.02425) {
            $q = sqrt(-2 * log($chance));

            return (((((-7.784894002430293e-3 * $q - 3.223964580411365e-1) * $q - 2.400758277161838) * $q -
                2.549732539343734) *
                $q +
                4.374664141464968) *
                $q +
                2.938163982698783) /
                ((((7.784695709041462e-3 * $q + 3.224671290700398e-1) * $q + 2.445134137142996) * $q +
                    3.754408661907416) *
                    $q +
                    1);
        }
        $q = $chance - 0.5;
        $r = $q * $q;

        return ((((((-3.969683028665376e1 * $r + 2.209460984245205e2) * $r - 2.759285104469687e2) * $r +
            1.38357751867269e2) *
            $r -
            3.066479806614716e1) *
            $r +
            2.506628277459239) *
            $q) /
            (((((-5.447609879822406e1 * $r + 1.615858368580409e2) * $r - 1.556989798598866e2) * $r +
                6.680131188771972e1) *
                $r -
                1.328068155288572e1) *
                $r +
                1);
    }

    /** @return list<float> by the method of Box and Muller, two at a time */
    private static function gaussians(int $seed): array
    {
        $even = self::even($seed);
        $values = [];
        for ($i = 0; $i < self::SIZE; $i += 2) {
            $radius = sqrt(-2 * log($even[$i] + 1e-12));
            $angle = 2 * M_PI * $even[$i + 1];
            $values[] = $radius * cos($angle);
            $values[] = $radius * sin($angle);
        }

        return $values;
    }

    /**
     * @param  array<int, float>  $values
     * @return list<float>
     */
    private static function unit(array $values): array
    {
        $count = count($values);
        $mean = array_sum($values) / $count;
        $square = 0.0;
        foreach ($values as $value) {
            $square += ($value - $mean) ** 2;
        }
        $scale = 1 / sqrt($square / $count);
        $unit = [];
        for ($i = 0; $i < $count; $i++) {
            $unit[] = ($values[$i] - $mean) * $scale;
        }

        return $unit;
    }

    private static function state(int $seed): int
    {
        return (($seed * 7919 + 104729) % 0x7FFFFFFE) + 1;
    }
}
