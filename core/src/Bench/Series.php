<?php

declare(strict_types=1);

namespace RushHold\Bench;

use RushHold\Record\Posterior;

/**
 * The frames of a sweep at one distance and focal length, and the curve they speak of.
 *
 * Nothing is supposed of its shape but that neighbours are alike: a Gaussian process whose reach, height and scatter
 * come from the frames themselves, averaged by how well each explains them. So it may have one peak, several, or none.
 */
final readonly class Series
{
    /** Reaches that are tried, in steps; heights and scatters, in standard deviations of the scores. */
    private const REACHES = [1.2, 2.0, 3.2, 5.0];

    private const HEIGHTS = [0.7, 1.3];

    private const SCATTERS = [0.08, 0.16, 0.3, 0.5, 0.8];

    /** A value as good as the best but for this share of the best score is its equal: nobody sees the difference. */
    public const EQUAL = 0.03;

    private const DRAWS = 1500;

    private const SURE_DRAWS = 400;

    /** Surer one need not be. */
    public const SURE = 0.95;

    /** Most frames that a retest asks for at one value. */
    private const MOST_EACH = 8;

    /** Values less likely than this to be best are not taken again. */
    private const UNLIKELY = 0.02;

    /**
     * @param  non-empty-list<int>  $values  of the grid
     * @param  non-empty-list<Trial>  $trials
     * @param  float  $scatter  standard deviation of one frame's score
     * @param  list<float>  $best  chance of each value to be best
     * @param  float  $sure  chance that the best value is as good as any
     */
    private function __construct(
        public float $distanceM,
        public float $focalMm,
        public array $values,
        public array $trials,
        public Gaussian $curve,
        public float $scatter,
        public array $best,
        public float $sure,
    ) {
    }

    /**
     * @param  non-empty-list<Trial>  $trials  of one distance and focal length
     * @param  non-empty-list<int>  $values  the grid: of all series, so that they can be compared
     */
    public static function of(array $trials, array $values): self
    {
        $scores = array_map(static fn (Trial $t): float => $t->score, $trials);
        $mean = array_sum($scores) / count($scores);
        $spread = max(
            1e-6 * max(1.0, abs($mean)),
            sqrt(array_sum(array_map(static fn (float $s): float => ($s - $mean) ** 2, $scores)) / count($scores)),
        );
        $step = self::step($values);
        $fits = $logs = [];
        foreach (self::REACHES as $reach) {
            foreach (self::HEIGHTS as $height) {
                foreach (self::SCATTERS as $scatter) {
                    $fit = $fits[] = [
                        self::before($values, $mean, $height * $spread, $reach * $step),
                        self::measured($trials, $values, $scatter * $spread),
                        $scatter * $spread,
                    ];
                    $logs[] = $fit[0]->logLikelihood($fit[1]) + self::within($trials, $scatter * $spread);
                }
            }
        }
        $weights = Posterior::of($logs)->each;
        // All of them together, as one normal distribution.
        $count = count($values);
        $curve = array_fill(0, $count, 0.0);
        $covariance = array_fill(0, $count, array_fill(0, $count, 0.0));
        $scatter = 0.0;
        $weighed = array_filter($weights, static fn (float $w): bool => $w > 0.01);
        $all = array_sum($weighed);
        $after = [];
        foreach ($weighed as $f => $weight) {
            $after[$f] = $fits[$f][0]->given($fits[$f][1]);
            foreach ($after[$f]->mean as $i => $m) {
                $curve[$i] += ($weight / $all) * $m;
            }
            $scatter += ($weight / $all) * $fits[$f][2];
        }
        foreach ($weighed as $f => $weight) {
            foreach ($after[$f]->covariance as $i => $row) {
                $off = $after[$f]->mean[$i] - $curve[$i];
                foreach ($row as $j => $c) {
                    $covariance[$i][$j] += ($weight / $all) * ($c + $off * ($after[$f]->mean[$j] - $curve[$j]));
                }
            }
        }
        $curve = new Gaussian(array_values($curve), array_map(array_values(...), $covariance));
        $best = self::chances($curve);

        return new self(
            $trials[0]->distanceM,
            $trials[0]->focalMm,
            $values,
            $trials,
            $curve,
            $scatter,
            $best,
            self::sureness($curve),
        );
    }

    /**
     * The curve before anything is measured.
     *
     * @param  non-empty-list<int>  $values
     */
    private static function before(array $values, float $mean, float $height, float $reach): Gaussian
    {
        return new Gaussian(
            array_fill(0, count($values), $mean),
            array_map(
                static fn (int $a): array => array_map(
                    static fn (int $b): float => $height ** 2 * exp(-0.5 * (($a - $b) / $reach) ** 2),
                    $values,
                ),
                $values,
            ),
        );
    }

    /**
     * @param  non-empty-list<Trial>  $trials
     * @param  list<int>  $values
     * @return array<int, array{float, float}> by number of the value: its mean score, and the variance of that
     */
    private static function measured(array $trials, array $values, float $scatter): array
    {
        $place = array_flip($values);
        $measured = [];
        foreach (self::byValue($trials) as $value => $scores) {
            $measured[$place[$value]] = [array_sum($scores) / count($scores), $scatter ** 2 / count($scores)];
        }

        return $measured;
    }

    /**
     * How likely the frames at one value differ as they do: by scatter alone.
     *
     * @param  non-empty-list<Trial>  $trials
     */
    private static function within(array $trials, float $scatter): float
    {
        $log = 0.0;
        foreach (self::byValue($trials) as $scores) {
            $own = array_sum($scores) / count($scores);
            $log -=
                array_sum(array_map(static fn (float $s): float => ($s - $own) ** 2, $scores)) / (2 * $scatter ** 2) +
                (count($scores) - 1) * log($scatter);
        }

        return $log;
    }

    /**
     * @param  non-empty-list<Trial>  $trials
     * @return array<int, non-empty-list<float>> scores by value
     */
    private static function byValue(array $trials): array
    {
        $scores = [];
        foreach ($trials as $trial) {
            $scores[$trial->value][] = $trial->score;
        }

        return $scores;
    }

    /** @param  list<int>  $values */
    public static function step(array $values): int
    {
        $step = 1000;
        foreach (array_slice($values, 1) as $i => $value) {
            $step = min($step, $value - $values[$i]);
        }

        return $step === 1000 ? 1 : $step;
    }

    /** @return list<float> how often each is the highest */
    private static function chances(Gaussian $curve): array
    {
        $best = array_fill(0, count($curve->mean), 0.0);
        foreach ($curve->drawn(self::DRAWS, 31) as $draw) {
            $best[array_keys($draw, max($draw), true)[0]] += 1 / self::DRAWS;
        }

        return array_values($best);
    }

    private static function sureness(Gaussian $curve): float
    {
        $top = array_keys($curve->mean, max($curve->mean), true)[0];
        $sure = 0;
        foreach ($curve->drawn(self::SURE_DRAWS, 32) as $draw) {
            $sure += $draw[$top] >= max($draw) * (1 - self::EQUAL) ? 1 : 0;
        }

        return $sure / self::SURE_DRAWS;
    }

    /** The value with the highest curve. */
    public function top(): int
    {
        return $this->values[array_keys($this->curve->mean, max($this->curve->mean), true)[0]];
    }

    /** @return array<int, float> the three values most likely to be best, with their chance */
    public function bestThree(): array
    {
        $best = array_combine($this->values, $this->best);
        arsort($best);

        return array_slice($best, 0, 3, true);
    }

    /** @return list<int> values as good as the best, as far as one can tell */
    public function equals(): array
    {
        $limit = max($this->curve->mean) * (1 - self::EQUAL);

        return array_values(
            array_filter($this->values, fn (int $i): bool => $this->curve->mean[$i] >= $limit, ARRAY_FILTER_USE_KEY),
        );
    }

    /** @return list<int> where the curve has peaks that stand out of their scatter, highest first */
    public function peaks(): array
    {
        $peaks = [];
        $mean = $this->curve->mean;
        $range = max($mean) - min($mean);
        foreach ($mean as $i => $height) {
            $before = $mean[$i - 1] ?? -INF;
            $after = $mean[$i + 1] ?? -INF;
            if ($height > $before && $height >= $after && $height - min($mean) > 0.5 * $range && $this->standsOut($i)) {
                $peaks[$this->values[$i]] = $height;
            }
        }
        arsort($peaks);

        return array_keys($peaks);
    }

    /** Whether the curve surely falls between this and anything higher. */
    private function standsOut(int $peak): bool
    {
        $mean = $this->curve->mean;
        foreach ([-1, 1] as $way) {
            $valley = $peak;
            for ($i = $peak + $way; isset($mean[$i]); $i += $way) {
                $valley = $mean[$i] < $mean[$valley] ? $i : $valley;
                if ($mean[$i] > $mean[$peak]) {
                    $c = $this->curve->covariance;
                    $spread = sqrt(max(1e-12, $c[$peak][$peak] + $c[$valley][$valley] - 2 * $c[$peak][$valley]));
                    if (1.3 * $spread > $mean[$peak] - $mean[$valley]) {
                        return false;
                    }

                    break;
                }
            }
        }

        return true;
    }

    /**
     * The shortest retest that is expected to decide: the likeliest values again, each so often.
     *
     * @return array<int, int> frames by value; empty where it is decided
     */
    public function retest(): array
    {
        $again = array_keys(array_filter($this->bestThree(), static fn (float $p): bool => $p >= self::UNLIKELY));
        if ($this->sure >= self::SURE || $again === []) {
            return [];
        }
        $place = array_flip($this->values);
        $truths = $this->curve->drawn(self::SURE_DRAWS, 33);
        for ($many = 1; $many < self::MOST_EACH; $many++) {
            if ($this->expected($again, $place, $many, $truths) >= self::SURE) {
                break;
            }
        }

        return array_fill_keys($again, $many);
    }

    /**
     * How sure one would be after so many frames more at each of some values: over truths drawn from what is believed.
     *
     * @param  non-empty-list<int>  $again
     * @param  array<int, int>  $place
     * @param  list<non-empty-list<float>>  $truths
     */
    private function expected(array $again, array $place, int $many, array $truths): float
    {
        $variance = $this->scatter ** 2 / $many;
        $at = array_map(static fn (int $value): int => $place[$value], $again);
        $noise = (new Gaussian(
            array_fill(0, count($at), 0.0),
            array_map(
                static fn (int $i): array => array_map(
                    static fn (int $j): float => $i === $j ? $variance : 0.0,
                    array_keys($at),
                ),
                array_keys($at),
            ),
        ))->drawn(count($truths), 34);
        // The mean moves in proportion to what is found: the gain, from measuring a unit at each.
        $gains = [];
        foreach ($at as $n => $i) {
            $unit = [];
            foreach ($at as $j) {
                $unit[$j] = [$this->curve->mean[$j] + ($i === $j ? 1.0 : 0.0), $variance];
            }
            $after = $this->curve->given($unit)->mean;
            $gains[$n] = array_map(static fn (float $x, float $y): float => $x - $y, $after, $this->curve->mean);
        }
        $right = 0;
        foreach ($truths as $d => $truth) {
            $mean = $this->curve->mean;
            foreach ($at as $n => $i) {
                $found = $truth[$i] + $noise[$d][$n] - $this->curve->mean[$i];
                foreach ($gains[$n] as $k => $gain) {
                    $mean[$k] += $gain * $found;
                }
            }
            $right += $truth[array_keys($mean, max($mean), true)[0]] >= max($truth) * (1 - self::EQUAL) ? 1 : 0;
        }

        return $right / count($truths);
    }
}
