<?php

declare(strict_types=1);

namespace RushHold\Record;

use Closure;
use RushHold\Rush\Photographer;

/**
 * What a log says of one person's skills and kits under one law: a posterior on a grid.
 *
 * The simulation says what share of frames each rush keeps at each skill; what was logged is Beta-binomial about that.
 * A kit's correction moves the log-odds of being kept, and each rush may be off by itself. Now and then a burst is
 * logged wrongly: a small share of any count at all stands beside, so that one which cannot be meant is not believed.
 */
final readonly class Belief
{
    /** How far skills are from what is said of them before anything is logged. */
    public const SKILL_SPREAD = 0.28;

    /** Corrections in log-odds, all of them whole steps of `PER_ODDS`. */
    public const SHIFTS = [
        -4.5,
        -3.75,
        -3.0,
        -2.5,
        -2.0,
        -1.5,
        -1.25,
        -1.0,
        -0.75,
        -0.5,
        -0.25,
        0.0,
        0.25,
        0.5,
        0.75,
        1.0,
        1.5,
    ];

    /** Share of bursts that are logged wrongly. */
    private const WRONG = 0.03;

    private const AIM = [0.02, 0.12, 0.24, 0.36, 0.48, 0.6, 0.72, 0.84, 0.96];

    private const PANNING = [0.05, 0.28, 0.5, 0.72, 0.95];

    private const HAND = [0.05, 0.2, 0.35, 0.5, 0.65, 0.8, 0.95];

    /**
     * How far kits are from what the model thinks: mostly little, now and then, as with a lens that focuses beside, a
     * lot (Laplace).
     */
    private const SHIFT_SCALE = 0.5;

    /**
     * How far one rush is from all others shot with that kit, in log-odds; how usual each is, the law says; whole steps
     * of `PER_ODDS` too.
     */
    private const OWN = [
        -5.25,
        -4.5,
        -4.0,
        -3.5,
        -3.0,
        -2.5,
        -2.0,
        -1.5,
        -1.25,
        -1.0,
        -0.75,
        -0.5,
        -0.25,
        0.0,
        0.25,
        0.5,
        0.75,
        1.0,
        1.25,
        1.5,
        2.0,
        2.5,
        3.0,
        3.5,
        4.0,
        4.75,
    ];

    /** Less likely skills and corrections are passed over. */
    private const NEGLIGIBLE = 1e-5;

    /** Days good and bad, in standard deviations, and how many are such: Gauss and Hermite for five. */
    private const DAYS = [
        [-2.85697, 0.011257],
        [-1.355626, 0.222076],
        [0.0, 0.533333],
        [1.355626, 0.222076],
        [2.85697, 0.011257],
    ];

    /** Log-odds closer than this are one where all that is believed is gone through. */
    public const STEP = 0.05;

    /**
     * Where the likelihood of what was logged is worked out: the least log-odds of being kept, steps to one, and how
     * many there are.
     */
    private const LEAST = -6.0;

    private const PER_ODDS = 4;

    private const SHARES = 49;

    /**
     * @param  list<float>  $weights  posterior of each point of skill, adding up to one
     * @param  array<string, array<int, list<float>>>  $shifts  by kit, point and correction: its posterior there
     * @param  array<string, non-empty-list<float>>  $likely  by rush and hold: the log-likelihood of what was logged of
     *   it, over the log-odds of being kept
     * @param  float  $evidence  logarithm of how likely the whole log is under this law, times how likely the law is by
     *   itself
     */
    private function __construct(
        private Law $law,
        public array $weights,
        public array $shifts,
        private array $likely,
        public float $evidence,
    ) {
    }

    /**
     * @param  Photographer  $said  what is believed before
     * @param  list<Logged>  $logged
     * @param  non-empty-list<array{float, float, float}>  $points  what `points` says
     * @param  list<list<float>>  $odds  what `oddsAt` says of each
     * @param  list<non-empty-list<float>>  $likely  what `likely` says of each
     */
    public static function of(
        Law $law,
        Photographer $said,
        array $logged,
        array $points,
        array $odds,
        array $likely,
    ): self {
        $beyond = (int) (-self::SHIFTS[0] * self::PER_ODDS);
        $about = array_map(static fn (array $each): array => self::beyond(self::about($law, $each), $beyond), $likely);
        $kits = [];
        foreach ($logged as $g => $l) {
            $kits[$l->kit()][] = $g;
        }
        $unlikely = array_map(static fn (float $shift): float => -abs($shift) / self::SHIFT_SCALE, self::SHIFTS);
        $steps = array_map(static fn (float $shift): int => $beyond + (int) ($shift * self::PER_ODDS), self::SHIFTS);
        $logs = $shifts = [];
        foreach ($points as $i => $point) {
            $log = self::prior($said, $point);
            foreach ($kits as $kit => $groups) {
                $each = $unlikely;
                foreach ($groups as $g) {
                    $from = ($odds[$g][$i] - self::LEAST) * self::PER_ODDS;
                    $part = $from - (int) $from;
                    $of = $about[$g];
                    foreach ($steps as $s => $step) {
                        $place = (int) $from + $step;
                        $each[$s] += $of[$place] * (1 - $part) + $of[$place + 1] * $part;
                    }
                }
                $believed = Posterior::of($each);
                $shifts[$kit][$i] = $believed->each;
                $log += $believed->logSum;
            }
            $logs[] = $log;
        }
        $believed = Posterior::of($logs);
        $byCase = [];
        foreach ($logged as $g => $l) {
            // Logged with other settings and solved to the same hold it is one case.
            $byCase[$l->key()] = isset($byCase[$l->key()])
                ? array_map(static fn (float $a, float $b): float => $a + $b, $byCase[$l->key()], $likely[$g])
                : $likely[$g];
        }

        return new self($law, $believed->each, $shifts, $byCase, $believed->logSum + $law->log);
    }

    /**
     * The skills of the grid; those that nothing was logged of are as was said.
     *
     * @param  list<Logged>  $logged
     * @return non-empty-list<array{float, float, float}>
     */
    public static function points(Photographer $said, array $logged): array
    {
        $byHand = array_filter($logged, static fn (Logged $l): bool => SkillRates::byHand($l->hold)) !== [];
        $points = [];
        foreach (self::AIM as $aim) {
            foreach (self::PANNING as $panning) {
                foreach ($byHand ? self::HAND : [$said->handFocus] as $hand) {
                    $points[] = [$aim, $panning, $hand];
                }
            }
        }

        return $points;
    }

    /** @param  array{float, float, float}  $point */
    private static function prior(Photographer $said, array $point): float
    {
        $log = 0.0;
        foreach (Skill::cases() as $i => $skill) {
            $log -= 0.5 * (($point[$i] - $skill->of($said)) / self::SKILL_SPREAD) ** 2;
        }

        return $log;
    }

    /**
     * How likely what was logged is where bursts hang together as a law has it.
     *
     * @return non-empty-list<float> logarithms, at even steps of the log-odds of being kept (`at`)
     */
    public static function likely(Law $law, Logged $logged, SkillRates $rates): array
    {
        $each = self::counts($law->alike, $logged, $rates);
        $byDay = [];
        foreach ($logged->counts as $name => $count) {
            $day = $logged->days[$name] ?? '';
            $byDay[$day] ??= array_fill(0, self::SHARES, 0.0);
            foreach ($each[implode(' ', $count)] as $i => $log) {
                $byDay[$day][$i] += $log;
            }
        }
        $sums = array_fill(0, self::SHARES, 0.0);
        foreach ($byDay as $day => $likely) {
            foreach (
                $day === '' || $law->day === 0.0 ? $likely : self::whateverTheDay(array_values($likely), $law->day) as $i => $log
            ) {
                $sums[$i] += $log;
            }
        }

        return array_values($sums);
    }

    /**
     * How likely each count that was logged is.
     *
     * @return array<string, list<float>> by keepers and frames: logarithms, as `likely` has them
     */
    private static function counts(float $alike, Logged $logged, SkillRates $rates): array
    {
        $byAlike = [];
        foreach ($logged->counts as [$keepers, $frames]) {
            $byAlike[(string) self::alike($alike, $rates, $frames)]["$keepers $frames"] = [$keepers, $frames, 1];
        }
        $all = [];
        foreach ($byAlike as $is => $bursts) {
            $counts = array_values($bursts);
            $orders = array_map(
                static fn (array $burst): float => BetaBinomial::logOrders($burst[0], $burst[1]),
                $counts,
            );
            for ($i = 0; $i < self::SHARES; $i++) {
                foreach (BetaBinomial::logs($counts, self::share(self::at($i)), (float) $is) as $b => $log) {
                    $all["{$counts[$b][0]} {$counts[$b][1]}"][] = log(
                        (1 - self::WRONG) * exp($orders[$b] + $log) + self::WRONG / ($counts[$b][1] + 1),
                    );
                }
            }
        }

        return $all;
    }

    /**
     * The same where the day may have been a good or a bad one.
     *
     * @param  non-empty-list<float>  $likely
     * @param  float  $day  how far days are from one another, as a standard deviation of log-odds
     * @return list<float>
     */
    private static function whateverTheDay(array $likely, float $day): array
    {
        $best = max($likely);
        $shares = array_map(static fn (float $log): float => exp($log - $best), $likely);
        $each = [];
        foreach (array_keys($likely) as $i) {
            $sum = 0.0;
            foreach (self::DAYS as [$away, $share]) {
                $sum += $share * self::between($shares, self::at($i) + $day * $away);
            }
            $each[] = log(max(1e-300, $sum)) + $best;
        }

        return $each;
    }

    /**
     * The same where it is not known how far this rush is from the others.
     *
     * @param  non-empty-list<float>  $likely
     * @return list<float>
     */
    private static function about(Law $law, array $likely): array
    {
        $usual = array_filter(self::usual($law), static fn (float $each): bool => $each > self::NEGLIGIBLE);
        $beyond = (int) (-self::OWN[0] * self::PER_ODDS);
        $owns = array_map(
            static fn (float $own): int => $beyond + (int) ($own * self::PER_ODDS),
            array_intersect_key(self::OWN, $usual),
        );
        $best = max($likely);
        $shares = self::beyond(array_map(static fn (float $log): float => exp($log - $best), $likely), $beyond);
        $about = [];
        foreach (array_keys($likely) as $i) {
            $sum = 0.0;
            foreach ($owns as $o => $own) {
                $sum += $usual[$o] * $shares[$i + $own];
            }
            $about[] = log(max(1e-300, $sum)) + $best;
        }

        return $about;
    }

    /**
     * Goes on at both ends as it ends there, so that who looks need not hold in.
     *
     * @param  list<float>  $each
     * @return list<float>
     */
    private static function beyond(array $each, int $steps): array
    {
        return [...array_fill(0, $steps, $each[0]), ...$each, ...array_fill(0, $steps, $each[count($each) - 1])];
    }

    /** @return non-empty-list<float> how usual each distance of a rush from the others is, adding up to about one */
    private static function usual(Law $law): array
    {
        $each = [];
        foreach (self::OWN as $o => $own) {
            // The steps are uneven: each stands for as much as lies about it.
            $wide = ((self::OWN[$o + 1] ?? $own) - (self::OWN[$o - 1] ?? $own)) / 2;
            $each[] = ($wide / (2 * $law->apart)) * exp(-abs($own) / $law->apart);
        }

        return $each;
    }

    /** Chance of this count when it was logged rightly. */
    private function meant(int $keepers, int $frames, float $share, SkillRates $rates): float
    {
        return exp(
            BetaBinomial::logOrders($keepers, $frames) +
                BetaBinomial::log($keepers, $frames, $share, self::alike($this->law->alike, $rates, $frames)),
        );
    }

    /** Frames of several passes in one burst are less alike than those of one. */
    private static function alike(float $atLeast, SkillRates $rates, int $frames): float
    {
        $alike = max($atLeast, $rates->alike);

        return $frames <= $rates->frames ? $alike : ($alike * max(0, $rates->frames - 1)) / max(1, $frames - 1);
    }

    /**
     * Frames the log is worth: those that are alike are worth less.
     *
     * @param  list<Logged>  $logged
     * @param  list<SkillRates>  $rates
     */
    public static function worth(array $logged, array $rates): float
    {
        $worth = 0.0;
        foreach ($logged as $g => $l) {
            foreach ($l->counts as [, $frames]) {
                $worth += $frames / (1 + ($frames - 1) * self::alike(Law::ALIKE_USUALLY, $rates[$g], $frames));
            }
        }

        return $worth;
    }

    /** Chance that a count was logged wrongly where such a share is kept. */
    public function wrong(int $keepers, int $frames, float $share, SkillRates $rates): float
    {
        $meant = (1 - self::WRONG) * $this->meant($keepers, $frames, max(0.002, min(0.998, $share)), $rates);

        return self::WRONG / ($frames + 1) / ($meant + self::WRONG / ($frames + 1));
    }

    /**
     * Goes through all that is believed of a case: log-odds by skill and kit, how far it is from the others, both in
     * steps of
     * `STEP`, and how likely that is.
     *
     * @param  list<float>  $odds  what `oddsAt` says of each point
     * @param  string  $case  which rush and hold it is, as `Logged` has it; another than any that was logged: nothing
     *   is known but skills and kit
     * @param  Closure(int, int, float): void  $with
     */
    public function each(array $odds, string $kit, string $case, Closure $with): void
    {
        $before = self::before();
        $steps = [];
        foreach ($this->weights as $i => $weight) {
            foreach ($this->shifts[$kit][$i] ?? $before as $s => $share) {
                if ($weight * $share >= self::NEGLIGIBLE) {
                    $step = (int) round(($odds[$i] + self::SHIFTS[$s]) / self::STEP);
                    $steps[$step] = ($steps[$step] ?? 0.0) + $weight * $share;
                }
            }
        }
        $usual = self::usual($this->law);
        $owns = array_map(static fn (float $own): int => (int) round($own / self::STEP), self::OWN);
        $likely = $this->likely[$case] ?? null;
        $best = $likely === null ? 0.0 : max($likely);
        $at = [];
        foreach ($steps as $step => $weight) {
            $each = $usual;
            if ($likely !== null) {
                foreach ($owns as $o => $own) {
                    $each[$o] *= $at[$step + $own] ??= exp(
                        max(-300.0, self::between($likely, ($step + $own) * self::STEP) - $best),
                    );
                }
            }
            $all = array_sum($each);
            foreach ($each as $o => $share) {
                $share * $weight < self::NEGLIGIBLE * self::NEGLIGIBLE * $all ||
                    $with($step, $owns[$o], ($weight * $share) / $all);
            }
        }
    }

    /**
     * The log-odds of being kept at each point of skill, as the model has them.
     *
     * @param  list<array{float, float, float}>  $points
     * @return list<float>
     */
    public static function oddsAt(array $points, SkillRates $rates): array
    {
        return array_map(static fn (array $point): float => self::odds($rates->at(...$point)), $points);
    }

    /**
     * How likely each of a kit's corrections is.
     *
     * @return non-empty-list<float> one for each of `SHIFTS`, adding up to one
     */
    public function shiftOf(string $kit): array
    {
        if (! isset($this->shifts[$kit])) {
            return self::before();
        }
        $weights = array_fill(0, count(self::SHIFTS), 0.0);
        foreach ($this->shifts[$kit] as $i => $each) {
            foreach ($each as $s => $p) {
                $weights[$s] += $this->weights[$i] * $p;
            }
        }

        return array_values($weights);
    }

    /** @return non-empty-list<float> how likely each correction is before anything is logged, adding up to one */
    private static function before(): array
    {
        return Posterior::of(
            array_map(static fn (float $shift): float => -abs($shift) / self::SHIFT_SCALE, self::SHIFTS),
        )->each;
    }

    /** The log-odds of being kept that stand at a place of what `likely` says. */
    private static function at(int $i): float
    {
        return self::LEAST + $i / self::PER_ODDS;
    }

    /** @param  non-empty-list<float>  $likely */
    private static function between(array $likely, float $odds): float
    {
        $place = ($odds - self::LEAST) * self::PER_ODDS;
        if ($place <= 0.0 || $place >= self::SHARES - 1) {
            return $likely[$place <= 0.0 ? 0 : self::SHARES - 1];
        }
        $i = (int) $place;

        return $likely[$i] + ($likely[$i + 1] - $likely[$i]) * ($place - $i);
    }

    private static function odds(float $share): float
    {
        $share = max(0.0025, min(0.9975, $share));

        return log($share / (1 - $share));
    }

    public static function share(float $odds): float
    {
        return 1 / (1 + exp(-$odds));
    }
}
