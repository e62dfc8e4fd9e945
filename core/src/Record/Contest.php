<?php

declare(strict_types=1);

namespace RushHold\Record;

/**
 * What counts of frames kept say about several set-ups: the posterior of each one's share, on a grid, together with how
 * alike the frames of one burst are. That is the same for all of them; each share starts from Jeffreys' prior.
 */
final class Contest
{
    /** Steps of the share, even in the angle whose squared sine it is: there Jeffreys' prior is flat. */
    private const STEPS = 90;

    /** How alike the frames of a burst may be, and how likely that is before anything was logged: seldom not at all, seldom very. */
    private const ALIKE_STEPS = [[0.0, 0.34], [0.05, 0.06], [0.1, 0.1], [0.17, 0.14], [0.26, 0.14], [0.38, 0.12], [0.55, 0.1]];

    /** Bins of a difference from −1 to 1. */
    private const BINS = 400;

    private const TAIL = 0.05;

    /** Sides of an interval that holds nine in ten, in standard deviations. */
    private const Z = 1.645;

    /** Two that differ by less are as good as each other, share of frames. */
    public const ALIKE_ENOUGH = 0.05;

    /** More frames than anybody shoots to find out. */
    public const MOST_NEEDED = 5000;

    /** @var non-empty-list<float> the shares of the grid */
    private array $shares;

    /** @var array<int, list<list<float>>> by contender and likeness: posterior over the shares, each list adding up to one */
    private array $posteriors = [];

    /** @var list<float> posterior of each likeness */
    private array $weights = [];

    /** @param  non-empty-list<list<array{int, int}>>  $counts  by contender: keepers and frames of each burst */
    public function __construct(public readonly array $counts)
    {
        $this->shares = array_map(static fn (int $i): float => sin(($i + 0.5) / self::STEPS * M_PI_2) ** 2, range(0, self::STEPS - 1));
        $logs = [];
        foreach (self::ALIKE_STEPS as [$alike, $prior]) {
            $together = log($prior);
            foreach ($counts as $c => $bursts) {
                $posterior = $this->posterior($bursts, $alike);
                $this->posteriors[$c][] = $posterior->each;
                $together += $posterior->logSum;
            }
            $logs[] = $together;
        }
        $this->weights = Weights::of($logs)->each;
    }

    /** @param  list<array{int, int}>  $bursts */
    private function posterior(array $bursts, float $alike): Weights
    {
        // Bursts that came out the same are worked out once.
        $same = [];
        foreach ($bursts as [$keepers, $frames]) {
            $same["$keepers $frames"] = [$keepers, $frames, ($same["$keepers $frames"][2] ?? 0) + 1];
        }

        return Weights::of(array_map(static fn (float $share): float => BetaBinomial::logOfAll($same, $share, $alike), $this->shares));
    }

    /** @return array{mean: float, low: float, high: float} share kept by one of them, with the interval it lies in nine times in ten */
    public function share(int $contender): array
    {
        $all = array_fill(0, self::STEPS, 0.0);
        foreach ($this->weights as $r => $weight) {
            foreach ($this->posteriors[$contender][$r] as $i => $p) {
                $all[$i] += $weight * $p;
            }
        }
        $mean = 0.0;
        foreach ($all as $i => $p) {
            $mean += $p * $this->shares[$i];
        }
        $end = static fn (float $place): float => sin($place / self::STEPS * M_PI_2) ** 2;

        return ['mean' => $mean, 'low' => $end(self::quantile($all, self::TAIL)), 'high' => $end(self::quantile($all, 1 - self::TAIL))];
    }

    /**
     * One against another.
     *
     * @return array{better: float, mean: float, low: float, high: float} chance that the first keeps more, and by which share of the frames, with the interval it lies in nine times in ten
     */
    public function pair(int $a, int $b): array
    {
        $bins = array_fill(0, self::BINS, 0.0);
        $better = $mean = 0.0;
        foreach ($this->weights as $r => $weight) {
            if ($weight < 1e-6) {
                continue;
            }
            $theirs = $this->posteriors[$b][$r];
            foreach ($this->posteriors[$a][$r] as $i => $p) {
                $p *= $weight;
                if ($p < 1e-9) {
                    continue;
                }
                foreach ($theirs as $j => $q) {
                    $chance = $p * $q;
                    $difference = $this->shares[$i] - $this->shares[$j];
                    $mean += $chance * $difference;
                    $better += $i > $j ? $chance : ($i === $j ? $chance / 2 : 0.0);
                    $bins[min(self::BINS - 1, (int) (($difference + 1) / 2 * self::BINS))] += $chance;
                }
            }
        }
        $end = static fn (float $place): float => 2 * $place / self::BINS - 1;

        return ['better' => $better, 'mean' => $mean, 'low' => $end(self::quantile($bins, self::TAIL)), 'high' => $end(self::quantile($bins, 1 - self::TAIL))];
    }

    /** @return list<float> chance of each to keep most */
    public function best(): array
    {
        $best = array_fill(0, count($this->counts), 0.0);
        foreach ($this->weights as $r => $weight) {
            // Chance that one is at a share, and all others below it: from their running sums.
            $below = [];
            foreach (array_keys($this->counts) as $c) {
                $sum = 0.0;
                foreach ($this->posteriors[$c][$r] as $p) {
                    $below[$c][] = $sum + $p / 2;
                    $sum += $p;
                }
            }
            foreach (array_keys($this->counts) as $c) {
                foreach ($this->posteriors[$c][$r] as $i => $p) {
                    foreach ($below as $other => $sums) {
                        $p *= $other === $c ? 1.0 : $sums[$i];
                    }
                    $best[$c] += $weight * $p;
                }
            }
        }
        $sum = array_sum($best);

        return array_values(array_map(static fn (float $b): float => $b / $sum, $best));
    }

    /** How alike the frames of one burst are, 0 to 1: the mean of its posterior. */
    public function alike(): float
    {
        $alike = 0.0;
        foreach ($this->weights as $r => $weight) {
            $alike += $weight * self::ALIKE_STEPS[$r][0];
        }

        return $alike;
    }

    /**
     * How many frames more of each, in bursts as long as before, it would take to tell two apart nine times in ten; those
     * that differ by little, to tell that it is little.
     *
     * @return int|null null: more than anybody shoots
     */
    public function framesNeeded(int $a, int $b): ?int
    {
        $pair = $this->pair($a, $b);
        if ($pair['low'] > 0 || $pair['high'] < 0 || max(abs($pair['low']), abs($pair['high'])) < self::ALIKE_ENOUGH) {
            return 0;
        }
        $difference = max(self::ALIKE_ENOUGH, abs($pair['mean']));
        [$mine, $theirs] = [$this->share($a)['mean'], $this->share($b)['mean']];
        $frames = array_map(static fn (array $bursts): int => (int) array_sum(array_column($bursts, 1)), [$this->counts[$a], $this->counts[$b]]);
        $bursts = count($this->counts[$a]) + count($this->counts[$b]);
        $long = $bursts === 0 ? 10.0 : array_sum($frames) / $bursts;
        $needed = self::Z ** 2 * ($mine * (1 - $mine) + $theirs * (1 - $theirs)) * (1 + ($long - 1) * $this->alike()) / $difference ** 2;
        $more = (int) ceil(max($long, $needed - min($frames)));

        return $more > self::MOST_NEEDED ? null : $more;
    }

    /**
     * Where in a list of weights a share of their sum is reached, in steps.
     *
     * @param  array<int, float>  $weights  in order
     */
    private static function quantile(array $weights, float $share): float
    {
        $wanted = $share * array_sum($weights);
        $sum = 0.0;
        foreach ($weights as $i => $weight) {
            if ($sum + $weight >= $wanted && $weight > 0) {
                return $i + ($wanted - $sum) / $weight;
            }
            $sum += $weight;
        }

        return count($weights);
    }
}
