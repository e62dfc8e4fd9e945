<?php

declare(strict_types=1);

namespace RushHold\Record;

use RushHold\Focus\Noise;
use RushHold\NineInTen;

/**
 * What counts of frames kept say about several set-ups: the posterior of each one's share, on a grid, together with how
 * alike the frames of one burst are. That is the same for all of them; each share starts from Jeffreys' prior.
 */
final class Contest
{
    /** Steps of the share, even in the angle whose squared sine it is: there Jeffreys' prior is flat. */
    private const STEPS = 90;

    /**
     * How alike the frames of a burst may be, and how likely that is before anything was logged. A burst is one pass,
     * one aim and one light: the simulation's own passes are alike to 0.16 to 0.3, what people log by days to 0.25 to
     * 0.6; hardly ever not at all.
     */
    private const ALIKE_STEPS = [
        [0.0, 0.04],
        [0.06, 0.08],
        [0.14, 0.14],
        [0.24, 0.2],
        [0.36, 0.22],
        [0.5, 0.18],
        [0.68, 0.14],
    ];

    /**
     * How likely it is, before anything was logged, that set-ups shot on days of their own differ by the day and not
     * only by the burst.
     */
    private const BY_DAY = 0.6;

    /** Share of frames shot on days that both had, from which on a day is the same for both. */
    private const SAME_DAYS = 0.5;

    /** Bins of a difference from −1 to 1. */
    private const BINS = 400;

    /**
     * What is left in doubt when one is said to keep more. People look after each burst, and chance gets its try each
     * time: with so little at each look, equal set-ups are called different in about one of ten logs that are looked at
     * nine times.
     */
    private const DOUBT = 0.008;

    /** Two that differ by less are as good as each other, share of frames. */
    public const ALIKE_ENOUGH = 0.05;

    /** More frames than anybody shoots to find out. */
    public const MOST_NEEDED = 5000;

    /** @var non-empty-list<float> the shares of the grid */
    private array $shares;

    /**
     * @var array<int, list<list<float>>> by contender and likeness: posterior over the shares, each list adding up to
     *   one
     */
    private array $posteriors = [];

    /** @var list<float> how alike, by what was supposed */
    private array $alikes = [];

    /** @var list<float> posterior of each of these */
    private array $weights = [];

    /**
     * @param  non-empty-list<list<array{int, int}>>  $counts  by contender: keepers and frames of each burst
     * @param  list<list<string>>  $days  by contender: on which day each burst was shot; none where that is not known
     */
    public function __construct(public readonly array $counts, array $days = [])
    {
        $this->shares = array_map(
            static fn (int $i): float => sin((($i + 0.5) / self::STEPS) * M_PI_2) ** 2,
            range(0, self::STEPS - 1),
        );
        $logs = [];
        foreach (self::clusters($counts, $days) as [$clusters, $before]) {
            foreach (self::ALIKE_STEPS as [$alike, $prior]) {
                $together = log($prior * $before);
                foreach ($clusters as $c => $bursts) {
                    $posterior = $this->posterior($bursts, $alike);
                    $this->posteriors[$c][] = $posterior->each;
                    $together += $posterior->logSum;
                }
                $logs[] = $together;
                $this->alikes[] = $alike;
            }
        }
        $this->weights = Posterior::of($logs)->each;
    }

    /**
     * What may hang together: the frames of a burst, or all of a day's where the set-ups were shot on days of their
     * own.
     *
     * @param  non-empty-list<list<array{int, int}>>  $counts
     * @param  list<list<string>>  $days
     * @return non-empty-list<array{non-empty-list<list<array{int, int}>>, float}> with how likely that is beforehand
     */
    private static function clusters(array $counts, array $days): array
    {
        $frames = [];
        $pooled = [];
        foreach ($counts as $c => $bursts) {
            $mine = [];
            foreach ($bursts as $i => [$kept, $all]) {
                $day = $days[$c][$i] ?? '';
                $frames[$day][$c] = ($frames[$day][$c] ?? 0) + $all;
                $mine[$day] = [($mine[$day][0] ?? 0) + $kept, ($mine[$day][1] ?? 0) + $all];
            }
            $pooled[] = array_values($mine);
        }
        $shared = array_sum(array_map(static fn (array $of): int => count($of) > 1 ? array_sum($of) : 0, $frames));
        $all = array_sum(array_map(array_sum(...), $frames));

        return $days === [] || isset($frames['']) || $shared >= self::SAME_DAYS * $all
            ? [[$counts, 1.0]]
            : [[$counts, 1 - self::BY_DAY], [$pooled, self::BY_DAY]];
    }

    /** @param  list<array{int, int}>  $bursts */
    private function posterior(array $bursts, float $alike): Posterior
    {
        // Bursts that came out the same are worked out once.
        $same = [];
        foreach ($bursts as [$keepers, $frames]) {
            $same["$keepers $frames"] = [$keepers, $frames, ($same["$keepers $frames"][2] ?? 0) + 1];
        }

        return Posterior::of(
            array_map(static fn (float $share): float => BetaBinomial::logOfAll($same, $share, $alike), $this->shares),
        );
    }

    /**
     * @return array{mean: float, low: float, high: float} share kept by one of them, with the interval it lies in nine
     *   times in ten
     */
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
        $end = static fn (float $place): float => sin(($place / self::STEPS) * M_PI_2) ** 2;

        return [
            'mean' => $mean,
            'low' => $end(self::quantile($all, NineInTen::BELOW)),
            'high' => $end(self::quantile($all, 1 - NineInTen::BELOW)),
        ];
    }

    /**
     * One against another.
     *
     * @return array{better: float, mean: float, low: float, high: float, sure: bool} chance that the first keeps more,
     *   and by which share of the
     *     frames, with the interval it lies in nine times in ten; and whether one is known to keep more, however often
     *     one looked
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
                    $bins[min(self::BINS - 1, (int) ((($difference + 1) / 2) * self::BINS))] += $chance;
                }
            }
        }
        $end = static fn (float $place): float => (2 * $place) / self::BINS - 1;

        return [
            'better' => $better,
            'mean' => $mean,
            'low' => $end(self::quantile($bins, NineInTen::BELOW)),
            'high' => $end(self::quantile($bins, 1 - NineInTen::BELOW)),
            'sure' => min($better, 1 - $better) < self::DOUBT,
        ];
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
            $alike += $weight * $this->alikes[$r];
        }

        return $alike;
    }

    /**
     * How many frames more of each, in bursts as long as before, it would take to tell two apart; those that differ by
     * little, to tell that it is little.
     *
     * @param  float  $chance  to be able to tell then, where they differ as it looks now
     * @return int|null null: more than anybody shoots
     */
    public function framesNeeded(int $a, int $b, float $chance = 0.5): ?int
    {
        $pair = $this->pair($a, $b);
        if ($pair['sure'] || max(abs($pair['low']), abs($pair['high'])) < self::ALIKE_ENOUGH) {
            return 0;
        }
        $difference = max(self::ALIKE_ENOUGH, abs($pair['mean']));
        [$mine, $theirs] = [$this->share($a)['mean'], $this->share($b)['mean']];
        $frames = array_map(static fn (array $bursts): int => (int) array_sum(array_column($bursts, 1)), [
            $this->counts[$a],
            $this->counts[$b],
        ]);
        $bursts = count($this->counts[$a]) + count($this->counts[$b]);
        $long = $bursts === 0 ? 10.0 : array_sum($frames) / $bursts;
        // The interval has to leave zero, and by as much again as chance may take away.
        $z = Noise::quantile(1 - self::DOUBT) + Noise::quantile($chance);
        $needed =
            ($z ** 2 * ($mine * (1 - $mine) + $theirs * (1 - $theirs)) * (1 + ($long - 1) * $this->alike())) /
            $difference ** 2;
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
