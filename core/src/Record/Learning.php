<?php

declare(strict_types=1);

namespace RushHold\Record;

use Closure;
use RushHold\Focus\Stage;
use RushHold\NineInTen;
use RushHold\Rush\Photographer;

/**
 * What a log teaches the model about one person: how good they are at aiming, panning and focusing by hand, and by how
 * much each kit keeps more or less than the model thinks; a posterior on a grid.
 *
 * The simulation says what share of frames each rush keeps at each skill, and how alike the frames of one pass are; what
 * was logged is Beta-binomial about that. A kit's correction moves the log-odds of being kept, and each rush may be off a
 * little by itself. What was believed before is worth about `WORTH` frames. Now and then a burst is logged wrongly: a small
 * share of any count at all stands beside, so that one which cannot be meant is not believed.
 */
final readonly class Learning
{
    /** Frames that the first guess is worth. */
    public const WORTH = 20.0;

    /** Share of bursts that are logged wrongly. */
    private const WRONG = 0.03;

    /** From this chance of being wrong on a burst is shown as an outlier. */
    public const OUTLIER = 0.5;

    private const AIM = [0.02, 0.12, 0.24, 0.36, 0.48, 0.6, 0.72, 0.84, 0.96];

    private const PANNING = [0.05, 0.28, 0.5, 0.72, 0.95];

    private const HAND = [0.05, 0.2, 0.35, 0.5, 0.65, 0.8, 0.95];

    /** Corrections in log-odds. */
    private const SHIFTS = [-4.6, -3.8, -3.1, -2.5, -2.0, -1.6, -1.2, -0.9, -0.6, -0.3, 0.0, 0.3, 0.6, 0.9, 1.2, 1.6];

    /** How far skills are from what is said of them before anything is logged. */
    private const SKILL_SPREAD = 0.28;

    /** How far kits are from what the model thinks: mostly little, now and then, as with a lens that focuses beside, a lot (Laplace). */
    private const SHIFT_SCALE = 0.5;

    /**
     * How far one rush is from all others shot with that kit, in log-odds: what the model has not got of it. Mostly less than one, now
     * and then a lot (Laplace), so that what is logged of the very rush is believed however little the model expected it.
     */
    private const OWN = [-5.2, -4.6, -4.0, -3.4, -2.9, -2.4, -2.0, -1.6, -1.3, -1.0, -0.75, -0.5, -0.25, 0.0, 0.25, 0.5, 0.75, 1.0, 1.3, 1.6, 2.0, 2.4, 2.9, 3.4, 4.0, 4.6];

    private const OWN_SCALE = 1.0;

    /** Less likely skills and corrections are passed over. */
    private const NEGLIGIBLE = 1e-5;

    /** Shares at which the likelihood of what was logged is worked out. */
    private const SHARES = 48;

    /** What the model leaves out (a day, a light, a mood) makes the frames of a pass at least so alike. */
    private const ALIKE_ANYWAY = 0.2;

    /**
     * @param  list<array{float, float, float}>  $points  aim, panning and hand focus
     * @param  list<float>  $weights  posterior of each, adding up to one
     * @param  array<string, array<int, list<float>>>  $shifts  by kit, point and correction: its posterior there
     * @param  array<string, list<float>>  $likely  by rush and hold: the log-likelihood of what was logged of it, over the log-odds of being kept
     * @param  array<int|string, float>  $wrong  chance that a burst was logged wrongly
     * @param  float  $counts  frames the log is worth
     */
    private function __construct(private Photographer $said, private array $points, private array $weights, private array $shifts, private array $likely, public array $wrong, public float $counts)
    {
    }

    /**
     * @param  Photographer  $said  what is believed before
     * @param  list<Logged>  $logged
     */
    public static function from(Photographer $said, array $logged, Stage $stage): self
    {
        return self::of($said, $logged, SkillRates::played(array_map(static fn (Logged $l): array => [$l->rush, $l->hold], $logged), $stage));
    }

    /**
     * The same from rates that were played before.
     *
     * @param  list<Logged>  $logged
     * @param  list<SkillRates>  $rates  one for each
     */
    public static function of(Photographer $said, array $logged, array $rates): self
    {
        $points = self::points($said, $logged);
        $likely = array_map(self::likely(...), $logged, $rates);
        $about = array_map(self::about(...), $likely);
        $kits = [];
        foreach ($logged as $g => $l) {
            $kits[$l->kit()][] = $g;
        }
        $logs = $shifts = [];
        foreach ($points as $i => $point) {
            $log = self::prior($said, $point);
            $odds = [];
            foreach ($rates as $g => $rate) {
                $odds[$g] = self::odds($rate->at(...$point));
            }
            foreach ($kits as $kit => $groups) {
                $each = [];
                foreach (self::SHIFTS as $shift) {
                    $sum = -abs($shift) / self::SHIFT_SCALE;
                    foreach ($groups as $g) {
                        $sum += self::between($about[$g], $odds[$g] + $shift);
                    }
                    $each[] = $sum;
                }
                $believed = Weights::of($each);
                $shifts[$kit][$i] = $believed->each;
                $log += $believed->logSum;
            }
            $logs[] = $log;
        }
        $weights = Weights::of($logs)->each;
        $byCase = [];
        foreach ($logged as $g => $l) {
            // Logged with other settings and solved to the same hold it is one case.
            $byCase[$l->key()] = isset($byCase[$l->key()]) ? array_map(static fn (float $a, float $b): float => $a + $b, $byCase[$l->key()], $likely[$g]) : $likely[$g];
        }
        $learned = new self($said, $points, $weights, $shifts, $byCase, [], self::worth($logged, $rates));

        return new self($said, $points, $weights, $shifts, $byCase, $learned->wrongOf($logged, $rates), $learned->counts);
    }

    /**
     * The skills of the grid; those that nothing was logged of are as was said.
     *
     * @param  list<Logged>  $logged
     * @return non-empty-list<array{float, float, float}>
     */
    private static function points(Photographer $said, array $logged): array
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
     * The log-likelihood of what was logged, over the log-odds of being kept.
     *
     * @return list<float> at `SHARES` even steps
     */
    private static function likely(Logged $logged, SkillRates $rates): array
    {
        $sums = [];
        for ($i = 0; $i < self::SHARES; $i++) {
            $share = self::share(self::step($i));
            $sum = 0.0;
            foreach ($logged->counts as [$keepers, $frames]) {
                $sum += log((1 - self::WRONG) * self::meant($keepers, $frames, $share, $rates) + self::WRONG / ($frames + 1));
            }
            $sums[] = $sum;
        }

        return $sums;
    }

    /**
     * The same where it is not known how far this rush is from the others.
     *
     * @param  list<float>  $likely
     * @return list<float>
     */
    private static function about(array $likely): array
    {
        $about = [];
        foreach (array_keys($likely) as $i) {
            $about[] = Weights::of(self::ofOwn($likely, self::step($i)))->logSum;
        }

        return $about;
    }

    /**
     * How likely each distance of a rush from the others is, as logarithms.
     *
     * @param  list<float>|null  $likely  null: nothing was logged of it
     * @return non-empty-list<float>
     */
    private static function ofOwn(?array $likely, float $odds): array
    {
        $each = [];
        foreach (self::OWN as $o => $own) {
            // The steps are uneven: each stands for as much as lies about it.
            $wide = ((self::OWN[$o + 1] ?? $own) - (self::OWN[$o - 1] ?? $own)) / 2;
            $each[] = log($wide / (2 * self::OWN_SCALE)) - abs($own) / self::OWN_SCALE + ($likely === null ? 0.0 : self::between($likely, $odds + $own));
        }

        return $each;
    }

    /** Chance of this count when it was logged rightly. */
    private static function meant(int $keepers, int $frames, float $share, SkillRates $rates): float
    {
        return exp(BetaBinomial::logOrders($keepers, $frames) + BetaBinomial::log($keepers, $frames, $share, self::alike($rates, $frames)));
    }

    /** Frames of several passes in one burst are less alike than those of one. */
    private static function alike(SkillRates $rates, int $frames): float
    {
        $alike = max(self::ALIKE_ANYWAY, $rates->alike);

        return $frames <= $rates->frames ? $alike : $alike * max(0, $rates->frames - 1) / max(1, $frames - 1);
    }

    private static function step(int $i): float
    {
        return -6.0 + 12.0 * $i / (self::SHARES - 1);
    }

    /** @param  list<float>  $likely */
    private static function between(array $likely, float $odds): float
    {
        $place = max(0.0, min(self::SHARES - 1.001, ($odds + 6.0) / 12.0 * (self::SHARES - 1)));
        $i = (int) $place;

        return $likely[$i] + ($likely[$i + 1] - $likely[$i]) * ($place - $i);
    }

    /**
     * @param  list<Logged>  $logged
     * @param  list<SkillRates>  $rates
     */
    private static function worth(array $logged, array $rates): float
    {
        $worth = 0.0;
        foreach ($logged as $g => $l) {
            foreach ($l->counts as [, $frames]) {
                $worth += $frames / (1 + ($frames - 1) * self::alike($rates[$g], $frames));
            }
        }

        return $worth;
    }

    /**
     * @param  list<Logged>  $logged
     * @param  list<SkillRates>  $rates
     * @return array<int|string, float>
     */
    private function wrongOf(array $logged, array $rates): array
    {
        $wrong = [];
        foreach ($logged as $g => $l) {
            $rate = $this->rate($rates[$g], $l->kit(), $l->key());
            foreach ($l->counts as $name => [$keepers, $frames]) {
                $meant = (1 - self::WRONG) * self::meant($keepers, $frames, max(0.002, min(0.998, $rate->mean)), $rates[$g]);
                $wrong[$name] = self::WRONG / ($frames + 1) / ($meant + self::WRONG / ($frames + 1));
            }
        }

        return $wrong;
    }

    /** Share of what is said that comes from the log, 0 to 1; the rest is the model's. */
    public function logShare(): float
    {
        return $this->counts / ($this->counts + self::WORTH);
    }

    public function skill(Skill $skill): Estimate
    {
        $i = array_search($skill, Skill::cases(), true);
        $values = array_column($this->points, (int) $i);
        // Points of the same value are one.
        $together = [];
        foreach ($values as $at => $value) {
            $together[(string) $value] = ($together[(string) $value] ?? 0.0) + $this->weights[$at];
        }

        return count($together) === 1 ? new Estimate($skill->of($this->said), max(0.0, $skill->of($this->said) - self::SKILL_SPREAD * NineInTen::ERRORS), min(1.0, $skill->of($this->said) + self::SKILL_SPREAD * NineInTen::ERRORS))
            : Estimate::of(array_map(floatval(...), array_keys($together)), array_values($together));
    }

    /** @return list<string> kits that something was logged with */
    public function kits(): array
    {
        return array_map(strval(...), array_keys($this->shifts));
    }

    /** By how much a kit's log-odds of keeping a frame differ from the model's; 0: not at all, or not known. */
    public function shift(string $kit): Estimate
    {
        $weights = array_fill(0, count(self::SHIFTS), 0.0);
        foreach ($this->shifts[$kit] ?? [] as $i => $each) {
            foreach ($each as $s => $p) {
                $weights[$s] += $this->weights[$i] * $p;
            }
        }

        return isset($this->shifts[$kit]) ? Estimate::of(self::SHIFTS, array_values($weights)) : Estimate::of(self::SHIFTS, self::before());
    }

    /**
     * What share of frames is kept, by all that is known now.
     *
     * @param  string  $case  which rush and hold it is, as `Logged` has it; another than any that was logged: nothing is known but skills and kit
     */
    public function rate(SkillRates $rates, string $kit, string $case = ''): Estimate
    {
        $values = $weights = [];
        $this->each($rates, $kit, $case, static function (float $odds, float $own, float $weight) use (&$values, &$weights): void {
            $values[] = self::share($odds + $own);
            $weights[] = $weight;
        });

        return Estimate::of($values, $weights);
    }

    /**
     * Goes through all that is believed of a case: log-odds by skill and kit, how far it is from the others, and how likely that is.
     *
     * @param  Closure(float, float, float): void  $with
     */
    private function each(SkillRates $rates, string $kit, string $case, Closure $with): void
    {
        $before = self::before();
        $likely = $this->likely[$case] ?? null;
        foreach ($this->points as $i => $point) {
            $odds = null;
            foreach (self::SHIFTS as $s => $shift) {
                $weight = $this->weights[$i] * (isset($this->shifts[$kit]) ? $this->shifts[$kit][$i][$s] : $before[$s]);
                if ($weight < self::NEGLIGIBLE) {
                    continue;
                }
                $odds ??= self::odds($rates->at(...$point));
                foreach (Weights::of(self::ofOwn($likely, $odds + $shift))->each as $o => $share) {
                    $with($odds + $shift, self::OWN[$o], $weight * $share);
                }
            }
        }
    }

    /**
     * How far each rush that was logged is from the others, in log-odds, over the holds it was shot with.
     *
     * @param  list<Logged>  $logged
     * @param  list<SkillRates>  $rates
     * @return array<string, float> by rush, as `Logged` has it
     */
    private function owns(array $logged, array $rates): array
    {
        $owns = [];
        foreach ($logged as $g => $l) {
            $sum = $all = 0.0;
            $this->each($rates[$g], $l->kit(), $l->key(), static function (float $odds, float $own, float $weight) use (&$sum, &$all): void {
                $sum += $own * $weight;
                $all += $weight;
            });
            $owns[Logged::keyOf($l->rush)][] = $all > 0 ? $sum / $all : 0.0;
        }

        return array_map(static fn (array $of): float => array_sum($of) / count($of), $owns);
    }

    /**
     * What has been learned, to plan with.
     *
     * @param  list<Logged>  $logged  what it was learned from, so that these rushes are planned as they were found
     * @param  list<SkillRates>  $rates
     */
    public function learned(array $logged = [], array $rates = []): Learned
    {
        $shifts = [];
        foreach ($this->kits() as $kit) {
            $shifts[$kit] = $this->shift($kit)->mean;
        }

        return new Learned($this->skill(Skill::Aim)->mean, $this->skill(Skill::Panning)->mean, $this->skill(Skill::HandFocus)->mean, $shifts, $this->logShare(), $this->said, $this->owns($logged, $rates));
    }

    /** @return non-empty-list<float> how likely each correction is before anything is logged, adding up to one */
    private static function before(): array
    {
        return Weights::of(array_map(static fn (float $shift): float => -abs($shift) / self::SHIFT_SCALE, self::SHIFTS))->each;
    }

    private static function odds(float $share): float
    {
        $share = max(0.0025, min(0.9975, $share));

        return log($share / (1 - $share));
    }

    private static function share(float $odds): float
    {
        return 1 / (1 + exp(-$odds));
    }
}
