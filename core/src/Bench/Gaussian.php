<?php

declare(strict_types=1);

namespace RushHold\Bench;

use RushHold\Focus\Noise;

/** What is believed of several numbers at once: a normal distribution by mean and covariance. */
final class Gaussian
{
    /** Added to the diagonal so that rounding makes nothing negative. */
    private const JITTER = 1e-9;

    /**
     * @param  non-empty-list<float>  $mean
     * @param  list<list<float>>  $covariance
     */
    public function __construct(public readonly array $mean, public readonly array $covariance)
    {
    }

    /**
     * How likely measurements of some of them are, as a logarithm.
     *
     * @param  array<int, array{float, float}>  $measured  by number: what was measured, and the variance of that
     */
    public function logLikelihood(array $measured): float
    {
        [$lower, $half] = $this->halved($measured);
        $log =
            -0.5 * array_sum(array_map(static fn (float $x): float => $x * $x, $half)) -
            0.5 * count($half) * log(2 * M_PI);
        foreach ($lower as $i => $row) {
            $log -= log($row[$i]);
        }

        return $log;
    }

    /**
     * The root of the covariance of measurements, and how far they are off, in units of it.
     *
     * @param  array<int, array{float, float}>  $measured
     * @return array{array<int, array<int, float>>, list<float>}
     */
    private function halved(array $measured): array
    {
        $at = array_keys($measured);
        $k = [];
        foreach ($at as $i => $a) {
            foreach ($at as $j => $b) {
                $k[$i][$j] = $this->covariance[$a][$b] + ($i === $j ? $measured[$a][1] + self::JITTER : 0.0);
            }
        }
        $lower = self::cholesky($k);

        return [$lower, self::forward($lower, array_map(fn (int $a): float => $measured[$a][0] - $this->mean[$a], $at))];
    }

    /**
     * The same after some of them were measured.
     *
     * @param  array<int, array{float, float}>  $measured  by number: what was measured, and the variance of that
     */
    public function given(array $measured): self
    {
        [$lower, $half] = $this->halved($measured);
        $at = array_keys($measured);
        // Each column of what they have in common with the measured ones, halved by the same root.
        $halves = $mean = [];
        foreach (array_keys($this->mean) as $n) {
            $halves[$n] = self::forward($lower, array_map(fn (int $a): float => $this->covariance[$a][$n], $at));
            $more = 0.0;
            foreach ($half as $i => $x) {
                $more += $x * $halves[$n][$i];
            }
            $mean[] = $this->mean[$n] + $more;
        }
        $covariance = [];
        foreach ($halves as $n => $mine) {
            foreach ($halves as $m => $theirs) {
                $less = 0.0;
                foreach ($mine as $i => $x) {
                    $less += $x * $theirs[$i];
                }
                $covariance[$n][] = $this->covariance[$n][$m] - $less;
            }
        }

        return new self($mean, array_values($covariance));
    }

    /**
     * Draws by chance, always the same.
     *
     * @return list<non-empty-list<float>>
     */
    public function drawn(int $many, int $seed): array
    {
        $count = count($this->mean);
        $covariance = $this->covariance;
        foreach (array_keys($this->mean) as $i) {
            $covariance[$i][$i] += 1e-7 + self::JITTER;
        }
        $lower = self::cholesky($covariance);
        $normal = Noise::white($seed);
        $draws = [];
        $at = 0;
        for ($d = 0; $d < $many; $d++) {
            $z = [];
            for ($i = 0; $i < $count; $i++) {
                $z[] = $normal[$at++ & Noise::MASK];
            }
            $draw = [];
            foreach ($this->mean as $i => $mean) {
                for ($j = 0; $j <= $i; $j++) {
                    $mean += $lower[$i][$j] * $z[$j];
                }
                $draw[] = $mean;
            }
            $draws[] = $draw;
        }

        return $draws;
    }

    /**
     * @param  array<int, array<int, float>>  $matrix
     * @return array<int, array<int, float>> its lower root
     */
    private static function cholesky(array $matrix): array
    {
        $lower = [];
        foreach ($matrix as $i => $row) {
            for ($j = 0; $j <= $i; $j++) {
                $sum = $row[$j];
                for ($k = 0; $k < $j; $k++) {
                    $sum -= $lower[$i][$k] * $lower[$j][$k];
                }
                $lower[$i][$j] = $i === $j ? sqrt(max(1e-12, $sum)) : $sum / $lower[$j][$j];
            }
        }

        return $lower;
    }

    /**
     * @param  array<int, array<int, float>>  $lower
     * @param  list<float>  $right
     * @return list<float>
     */
    private static function forward(array $lower, array $right): array
    {
        $solved = [];
        foreach ($right as $i => $x) {
            for ($j = 0; $j < $i; $j++) {
                $x -= $lower[$i][$j] * $solved[$j];
            }
            $solved[] = $x / $lower[$i][$i];
        }

        return $solved;
    }
}
