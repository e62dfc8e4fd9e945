<?php

declare(strict_types=1);

namespace RushHold\Outing;

use DateTimeImmutable;
use RushHold\Focus\OneProcess;
use RushHold\Focus\Outcome;
use RushHold\Focus\Overtaken;
use RushHold\Focus\Play;
use RushHold\Focus\Stage;
use RushHold\Planning\Chooser;
use RushHold\Planning\Plan;
use RushHold\Rush\Light;
use RushHold\Rush\Rush;

/** What each rush of an outing keeps at which hour: played at the half hours, straight in between. */
final readonly class Worth
{
    /** Quarter hours between two that are played. */
    private const APART = 2;

    private const RUNS = 40;

    private const SEED = 1;

    /**
     * @param  list<list<float>>  $rates  keeper rate by entry and quarter hour
     * @param  list<list<Plan>>  $plans  by entry, at the quarter hours that were played
     * @param  list<list<string|null>>  $causes  what loses most then, by entry and quarter hour played
     */
    private function __construct(public array $rates, public array $plans, public array $causes)
    {
    }

    /** @throws Overtaken when nobody waits for it any more */
    public static function of(Outing $outing, ?Stage $stage = null): self
    {
        $stage ??= new OneProcess;
        $moments = $outing->moments();
        $played = array_values(array_filter($moments, static fn (int $i): bool => $i % self::APART === 0, ARRAY_FILTER_USE_KEY));
        $rates = $plans = $causes = [];
        foreach ($outing->entries as $e => $entry) {
            $chosen = array_map(static fn (DateTimeImmutable $at): Plan => Chooser::standard()->choose(self::rushAt($outing, $entry, $at), $entry->pins), $played);
            $outcomes = $stage->play(array_map(static fn (Plan $plan): Play => new Play($plan->situation, $plan->hold, self::RUNS, self::SEED), $chosen));
            $plans[] = $chosen;
            $causes[] = array_map(static fn (Outcome $o): ?string => array_key_first($o->losses), $outcomes);
            $rates[] = self::between(array_map(static fn (Outcome $o): float => $o->keeperRate, $outcomes), count($moments));
            $stage->reached(($e + 1) / count($outing->entries));
        }

        return new self($rates, $plans, $causes);
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
        $light = Light::fromPlace($outing->latitudeDeg, $outing->longitudeDeg, $at, $outing->skyAt($at), $rush->light->offsetStops, $entry->facingDeg ?? $rush->light->shootingBearingDeg);
        $scene = $rush->scene->with(wind: max($rush->scene->wind, $outing->wind), surface: $outing->surface ?? $rush->scene->surface,
            backlit: $entry->facingDeg === null && $rush->light->shootingBearingDeg === null && $rush->scene->backlit);

        return $rush->with(light: $light, scene: $scene, subject: $rush->subject->with(contrast: $rush->subject->contrast * $outing->air->contrast()));
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
            $rates[] = $played[$low] + ($played[$high] - $played[$low]) * ($i % self::APART) / self::APART;
        }

        return $rates;
    }
}
