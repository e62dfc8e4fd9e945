<?php

declare(strict_types=1);

namespace RushHold\Planning;

use RushHold\Focus\Play;
use RushHold\Focus\Stage;
use RushHold\Hold\AimPoint;
use RushHold\Hold\Hold;
use RushHold\Hold\PartialHold;
use RushHold\Hold\Setting;
use RushHold\Hold\Stabiliser;
use RushHold\Kit\Wins;
use RushHold\Light\Exposure;
use RushHold\Optics\StopScale;
use RushHold\Situation\Situation;

/**
 * The second stage after the race: what could be changed on the winner with a click is tried on it, on the same chances,
 * and kept where it keeps more. Settings that do not change who wins are cheaper to settle here than in the race.
 */
final readonly class Refinement
{
    /** More than this has to be gained for a change, as a share of all frames. */
    private const WORTH = 0.01;

    /** Gains below so many of their standard errors are chance. */
    private const ERRORS = 2.0;

    /** Changes are taken one after the other, at most so many. */
    private const ROUNDS = 2;

    /** Depth that light pays for has to bring more. */
    private const WORTH_OF_LIGHT = 0.05;

    /** A smaller opening may push ISO up to this share of the ceiling; the rest is kept for the light to change. */
    private const ISO_SHARE = 0.5;

    /** Passes each change is played at most. */
    private const MOST_RUNS = 60;

    public function __construct(private Situation $s, private PartialHold $pins, private Stage $stage, private int $seed)
    {
    }

    public function of(Candidate $winner): Candidate
    {
        $best = $winner;
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $others = $this->changed($best->hold);
            if ($others === []) {
                return $best;
            }
            $runs = min(self::MOST_RUNS, $best->outcome->runs);
            $outcomes = $this->stage->play(array_map(fn (Hold $hold): Play => new Play($this->s, $hold, $runs, $this->seed), $others));
            $found = null;
            foreach ($outcomes as $i => $outcome) {
                [$behind, $error] = $best->outcome->minus($outcome);
                if (-$behind > max($others[$i]->aperture > $best->hold->aperture ? self::WORTH_OF_LIGHT : self::WORTH, self::ERRORS * $error) && ($found === null || $outcome->keeperRate > $found->outcome->keeperRate)) {
                    $found = new Candidate($others[$i], $outcome);
                }
            }
            if ($found === null) {
                return $best;
            }
            // As many passes as the one it replaces, so that both can be compared with the rest of the field.
            $more = $winner->outcome->runs - $found->outcome->runs;
            $best = $more <= 0 ? $found : new Candidate($found->hold, $found->outcome->and($this->stage->play([new Play($this->s, $found->hold, $more, $this->seed, $found->outcome->runs)])[0]));
        }

        return $best;
    }

    /** @return list<Hold> the same with one thing changed, the light in balance */
    private function changed(Hold $hold): array
    {
        $holds = [];
        if (! $this->pins->has(Setting::Stabiliser) && $this->s->kit->lens->stabiliserStops > 0) {
            foreach (Stabiliser::cases() as $stabiliser) {
                $holds[] = $hold->with(stabiliser: $stabiliser);
            }
        }
        if (! $this->pins->has(Setting::Wins) && $hold->area->picksForItself()) {
            foreach (Wins::cases() as $wins) {
                $holds[] = $hold->with(wins: $wins);
            }
        }
        if (! $this->pins->has(Setting::Aim)) {
            foreach ($hold->area->picksForItself() ? [] : [AimPoint::Edge] as $aim) {
                $holds[] = $hold->with(aim: $aim);
            }
        }
        foreach ([0.5, 2.0] as $change) {
            if (! $this->pins->has(Setting::Aperture)) {
                $holds[] = $this->balanced($hold->with(aperture: $this->nearest($hold->aperture * $change ** 0.5)), $hold->aperture);
            }
        }

        return array_values(array_filter($holds, static fn (?Hold $changed): bool => $changed !== null && $changed != $hold));
    }

    /** The same with the ISO that this light asks for; null where the body or the person does not go there. */
    private function balanced(Hold $hold, float $from): ?Hold
    {
        $iso = Exposure::isoFor($this->s->rush->light->ev100, $hold->shutterS, $hold->aperture);
        $ceiling = min($this->s->kit->body->isoMax, $this->s->photographer->isoCeiling);
        if ($this->pins->has(Setting::Iso) || $iso > $ceiling * ($hold->aperture > $from ? self::ISO_SHARE : 1.0) || $iso < $this->s->kit->body->isoMin * 0.9) {
            return null;
        }

        return $hold->with(iso: max($this->s->kit->body->isoMin, min($ceiling, StopScale::iso($iso))));
    }

    /** The opening of this lens that is nearest to a wanted one. */
    private function nearest(float $wanted): float
    {
        $apertures = $this->s->kit->apertures();
        usort($apertures, static fn (float $a, float $b): int => abs(log($a / $wanted)) <=> abs(log($b / $wanted)));

        return $apertures[0];
    }
}
