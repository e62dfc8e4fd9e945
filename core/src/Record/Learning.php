<?php

declare(strict_types=1);

namespace RushHold\Record;

use Closure;
use RushHold\Focus\Stage;
use RushHold\NineInTen;
use RushHold\Rush\Photographer;

/**
 * What a log teaches the model about one person: how good they are at aiming, panning and focusing by hand, and by how
 * much each kit keeps more or less than the model thinks.
 *
 * How alike frames are and how far rushes are from the model is learned as well: what is believed is a mixture of what
 * is believed under each `Law`, by how well it explains the log. What was believed before is worth about `WORTH`
 * frames.
 */
final readonly class Learning
{
    /** Frames that the first guess is worth. */
    public const WORTH = 20.0;

    /** From this chance of being wrong on a burst is shown as an outlier. */
    public const OUTLIER = 0.5;

    /** Laws less likely than this are passed over. */
    private const NEGLIGIBLE = 0.005;

    /**
     * @param  list<array{float, float, float}>  $points  aim, panning and hand focus
     * @param  list<array{Belief, float}>  $beliefs  and how likely each is
     * @param  array<int|string, float>  $wrong  chance that a burst was logged wrongly
     * @param  float  $counts  frames the log is worth
     */
    private function __construct(
        private Photographer $said,
        private array $points,
        private array $beliefs,
        public array $wrong,
        public float $counts,
    ) {
    }

    /**
     * @param  Photographer  $said  what is believed before
     * @param  list<Logged>  $logged
     */
    public static function from(Photographer $said, array $logged, Stage $stage): self
    {
        return self::of(
            $said,
            $logged,
            SkillRates::played(array_map(static fn (Logged $l): array => [$l->rush, $l->hold], $logged), $stage),
        );
    }

    /**
     * The same from rates that were played before.
     *
     * @param  list<Logged>  $logged
     * @param  list<SkillRates>  $rates  one for each
     */
    public static function of(Photographer $said, array $logged, array $rates): self
    {
        $points = Belief::points($said, $logged);
        $odds = array_map(static fn (SkillRates $r): array => Belief::oddsAt($points, $r), $rates);
        $likely = [];
        $beliefs = array_map(static function (Law $law) use (&$likely, $said, $logged, $rates, $points, $odds): Belief {
            $likely[$law->bursts()] ??= array_map(
                static fn (Logged $l, SkillRates $r): array => Belief::likely($law, $l, $r),
                $logged,
                $rates,
            );

            return Belief::of($law, $said, $logged, $points, $odds, $likely[$law->bursts()]);
        }, Law::all());
        $mixed = [];
        foreach (
            Posterior::of(array_map(static fn (Belief $belief): float => $belief->evidence, $beliefs))->each as $b => $each
        ) {
            if ($each >= self::NEGLIGIBLE) {
                $mixed[] = [$beliefs[$b], $each];
            }
        }
        $counts = Belief::worth($logged, $rates);
        $learned = new self($said, $points, $mixed, [], $counts);

        return new self($said, $points, $mixed, $learned->wrongOf($logged, $rates), $counts);
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
                $wrong[$name] = 0.0;
                foreach ($this->beliefs as [$belief, $likely]) {
                    $wrong[$name] += $likely * $belief->wrong($keepers, $frames, $rate->mean, $rates[$g]);
                }
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
        $at = (int) array_search($skill, Skill::cases(), true);
        // Points of the same value are one.
        $together = [];
        foreach ($this->beliefs as [$belief, $likely]) {
            foreach ($this->points as $i => $point) {
                $together[(string) $point[$at]] =
                    ($together[(string) $point[$at]] ?? 0.0) + $likely * $belief->weights[$i];
            }
        }
        $said = $skill->of($this->said);
        $far = Belief::SKILL_SPREAD * NineInTen::ERRORS;

        return count($together) === 1
            ? new Estimate($said, max(0.0, $said - $far), min(1.0, $said + $far))
            : Estimate::of(array_map(floatval(...), array_keys($together)), array_values($together));
    }

    /** @return list<string> kits that something was logged with */
    public function kits(): array
    {
        return array_map(strval(...), array_keys($this->beliefs[0][0]->shifts ?? []));
    }

    /** By how much a kit's log-odds of keeping a frame differ from the model's; 0: not at all, or not known. */
    public function shift(string $kit): Estimate
    {
        $weights = array_fill(0, count(Belief::SHIFTS), 0.0);
        foreach ($this->beliefs as [$belief, $likely]) {
            foreach ($belief->shiftOf($kit) as $s => $p) {
                $weights[$s] += $likely * $p;
            }
        }

        return Estimate::of(Belief::SHIFTS, array_values($weights));
    }

    /**
     * What share of frames is kept, by all that is known now.
     *
     * @param  string  $case  which rush and hold it is, as `Logged` has it; another than any that was logged: nothing
     *   is known but skills and kit
     */
    public function rate(SkillRates $rates, string $kit, string $case = ''): Estimate
    {
        $weights = [];
        $this->each($rates, $kit, $case, static function (int $odds, int $own, float $weight) use (&$weights): void {
            $weights[$odds + $own] = ($weights[$odds + $own] ?? 0.0) + $weight;
        });

        return Estimate::of(
            array_map(static fn (int $step): float => Belief::share($step * Belief::STEP), array_keys($weights)),
            array_values($weights),
        );
    }

    /**
     * Goes through all that is believed of a case, under every law.
     *
     * @param  Closure(int, int, float): void  $with
     */
    private function each(SkillRates $rates, string $kit, string $case, Closure $with): void
    {
        $odds = Belief::oddsAt($this->points, $rates);
        foreach ($this->beliefs as [$belief, $likely]) {
            $belief->each(
                $odds,
                $kit,
                $case,
                static fn (int $odds, int $own, float $weight) => $with($odds, $own, $likely * $weight),
            );
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
            $this->each($rates[$g], $l->kit(), $l->key(), static function (int $odds, int $own, float $weight) use (
                &$sum,
                &$all,
            ): void {
                $sum += $own * Belief::STEP * $weight;
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

        return new Learned(
            $this->skill(Skill::Aim)->mean,
            $this->skill(Skill::Panning)->mean,
            $this->skill(Skill::HandFocus)->mean,
            $shifts,
            $this->logShare(),
            $this->said,
            $this->owns($logged, $rates),
        );
    }
}
