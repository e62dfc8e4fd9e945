<?php

declare(strict_types=1);

namespace RushHold\Outing;

use Closure;
use DateTimeImmutable;
use RushHold\Blur\Verdict;
use RushHold\Focus\OneProcess;
use RushHold\Focus\Outcome;
use RushHold\Focus\Overtaken;
use RushHold\Focus\Play;
use RushHold\Focus\Stage;
use RushHold\Hold\PartialHold;
use RushHold\Planning\Chooser;
use RushHold\Planning\LaneFrame;
use RushHold\Planning\PartOf;
use RushHold\Planning\Plan;
use RushHold\Planning\Planner;
use RushHold\Rush\Light;
use RushHold\Rush\Rush;

/**
 * What each rush of an outing keeps at which hour: played at the half hours, straight in between. The hold of a rush is
 * the one that plays best at its best hour; its exposure follows the light of every other.
 */
final readonly class Worth
{
    /** Quarter hours between two that are played. */
    private const APART = 2;

    /** A frame so many stops too dark can still be lifted. */
    private const LIFTED_STOPS = 2.0;

    /** From so many stops on there is nothing in it. */
    private const BLACK_STOPS = 4.0;

    private const RUNS = 40;

    private const SEED = 1;

    /** With more rushes than this the rules choose each hold without trying others. */
    private const TRIED = 12;

    /**
     * @param  list<list<float>>  $rates  keeper rate by entry and quarter hour
     * @param  list<list<Plan>>  $plans  by entry, at the quarter hours that were played
     * @param  list<list<string|null>>  $causes  what loses most then, by entry and quarter hour played
     * @param  bool  $played  false: by closed form alone, as if aim and body made no mistake
     */
    private function __construct(public array $rates, public array $plans, public array $causes, public bool $played)
    {
    }

    /** What closed form says at once: frames that would be sharp if nothing went wrong. */
    public static function closedForm(Outing $outing): self
    {
        $rates = $plans = [];
        foreach ($outing->entries as $entry) {
            $chosen = array_map(
                static fn (DateTimeImmutable $at): Plan => Chooser::standard()->choose(
                    self::rushAt($outing, $entry, $at),
                    $entry->pins,
                ),
                self::played($outing),
            );
            $plans[] = $chosen;
            $rates[] = self::between(array_map(self::sharp(...), $chosen), count($outing->moments()));
        }

        return new self(
            $rates,
            $plans,
            array_map(static fn (array $p): array => array_fill(0, count($p), null), $plans),
            false,
        );
    }

    /**
     * @param  Closure(self): void|null  $early  hears what closed form says
     *
     * @throws Overtaken when nobody waits for it any more
     */
    public static function of(Outing $outing, ?Stage $stage = null, ?Closure $early = null): self
    {
        $stage ??= new OneProcess();
        $first = self::closedForm($outing);
        $early === null || $early($first);
        $count = count($outing->moments());
        $rates = $plans = $causes = [];
        foreach ($outing->entries as $e => $entry) {
            $chosen =
                count($outing->entries) > self::TRIED
                    ? $first->plans[$e]
                    : self::tried($outing, $entry, $first->plans[$e], $first->rates[$e], $stage);
            $outcomes = $stage->play(
                array_map(
                    static fn (Plan $plan): Play => new Play($plan->situation, $plan->hold, self::RUNS, self::SEED),
                    $chosen,
                ),
            );
            $plans[] = $chosen;
            $causes[] = array_map(static fn (Outcome $o): ?string => array_key_first($o->losses), $outcomes);
            $rates[] = self::between(
                array_map(
                    static fn (Outcome $o, Plan $plan): float => self::lit($plan) * $o->keeperRate,
                    $outcomes,
                    $chosen,
                ),
                $count,
            );
            $stage->reached(($e + 1) / count($outing->entries));
        }

        return new self($rates, $plans, $causes, true);
    }

    /**
     * The plans with the set-up that plays best at the best hour carried through the day.
     *
     * @param  list<Plan>  $byRules  at the half hours
     * @param  list<float>  $rates  by quarter hour
     * @return list<Plan>
     */
    private static function tried(Outing $outing, Entry $entry, array $byRules, array $rates, Stage $stage): array
    {
        $best = 0;
        foreach (array_keys($byRules) as $i) {
            $best =
                $rates[self::APART * $i] > $rates[self::APART * $best] &&
                self::mayBeginNear($outing, $entry, self::APART * $i)
                    ? $i
                    : $best;
        }
        $rush = $byRules[$best]->situation->rush;
        $played = PartialHold::of(
            Planner::standard()->best($rush, self::SEED, new PartOf($stage), pins: $entry->pins->fitting($rush->kit))
                ->hold,
        );

        return array_map(
            static fn (Plan $plan): Plan => Chooser::standard()->over($plan, $entry->pins, $played),
            $byRules,
        );
    }

    /** Whether a rush may begin at a quarter hour, or in it. */
    private static function mayBeginNear(Outing $outing, Entry $entry, int $quarter): bool
    {
        for ($minute = Outing::STEP_MIN * $quarter; $minute < Outing::STEP_MIN * ($quarter + 1); $minute++) {
            if ($entry->mayBegin($outing, $minute)) {
                return true;
            }
        }

        return false;
    }

    /** @return list<DateTimeImmutable> the half hours */
    private static function played(Outing $outing): array
    {
        return array_values(
            array_filter($outing->moments(), static fn (int $i): bool => $i % self::APART === 0, ARRAY_FILTER_USE_KEY),
        );
    }

    /**
     * Share of the sharp frames that are light enough to be of use: what is some stops short can be lifted, what is
     * more is lost.
     */
    private static function lit(Plan $plan): float
    {
        return max(
            0.0,
            min(1.0, (self::BLACK_STOPS - $plan->exposure->evShort) / (self::BLACK_STOPS - self::LIFTED_STOPS)),
        );
    }

    /** Share of the frames that closed form finds sharp. */
    private static function sharp(Plan $plan): float
    {
        $sharp = count(
            array_filter($plan->lane->frames, static fn (LaneFrame $f): bool => $f->verdict !== Verdict::Soft),
        );

        return $plan->lane->frames === [] ? 0.0 : (self::lit($plan) * $sharp) / count($plan->lane->frames);
    }

    /** The plan of an entry nearest to a quarter hour. */
    public function plan(int $entry, int $step): Plan
    {
        $plans = $this->plans[$entry];

        return $plans[min(count($plans) - 1, (int) round($step / self::APART))];
    }

    /** What loses most of an entry at a quarter hour; null when nothing does. */
    public function cause(int $entry, int $step): ?string
    {
        $causes = $this->causes[$entry];

        return $causes[min(count($causes) - 1, (int) round($step / self::APART))];
    }

    /** Frames of a pass. */
    public function frames(int $entry): int
    {
        return count($this->plans[$entry][0]->lane->frames);
    }

    /** The rush in the light, wind and air of a moment. */
    public static function rushAt(Outing $outing, Entry $entry, DateTimeImmutable $at): Rush
    {
        $rush = $entry->rush;
        $light =
            $outing->ev100 !== null
                ? Light::value($outing->ev100, 0.0, $outing->skyAt($at), $rush->light->lamps ?? $outing->lamps)
                : Light::fromPlace(
                    $outing->latitudeDeg,
                    $outing->longitudeDeg,
                    $at,
                    $outing->skyAt($at),
                    $rush->light->offsetStops,
                    $entry->facingDeg ?? $rush->light->shootingBearingDeg,
                    $rush->light->lamps ?? $outing->lamps,
                );
        $scene = $rush->scene->with(
            wind: max($rush->scene->wind, $outing->wind),
            surface: $outing->surface ?? $rush->scene->surface,
            backlit: ($outing->ev100 !== null ||
                ($entry->facingDeg === null && $rush->light->shootingBearingDeg === null)) &&
                $rush->scene->backlit,
        );

        return $rush->with(
            light: $light,
            scene: $scene,
            subject: $rush->subject->with(contrast: $rush->subject->contrast * $outing->air->contrast()),
        );
    }

    /**
     * @param  list<float>  $played
     * @return list<float>
     */
    private static function between(array $played, int $count): array
    {
        $rates = [];
        $last = count($played) - 1;
        for ($i = 0; $i < $count; $i++) {
            $low = min($last, intdiv($i, self::APART));
            $high = min($last, $low + 1);
            $rates[] = $played[$low] + (($played[$high] - $played[$low]) * ($i % self::APART)) / self::APART;
        }

        return $rates;
    }
}
