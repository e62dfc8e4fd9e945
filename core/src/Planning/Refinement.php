<?php

declare(strict_types=1);

namespace RushHold\Planning;

use RushHold\Focus\Outcome;
use RushHold\Focus\Play;
use RushHold\Focus\Stage;
use RushHold\Hold\Hold;
use RushHold\Hold\PartialHold;
use RushHold\Hold\Setting;
use RushHold\Kit\Wins;
use RushHold\Light\Exposure;
use RushHold\Optics\StopScale;
use RushHold\Planning\Solve\ExposureSolver;
use RushHold\Planning\Solve\FolkFloor;
use RushHold\Situation\Situation;

/**
 * The second stage after the race: what could be changed on the winner with a click is tried on it, on the same
 * chances, and kept where it keeps more. Settings that do not change who wins are cheaper to settle here than in the
 * race.
 */
final readonly class Refinement
{
    /** More than this has to be gained for a change, as a share of all frames. */
    private const WORTH = 0.01;

    /** Gains below so many of their standard errors are chance. */
    private const ERRORS = 2.0;

    /** Changes are taken one after the other, at most so many. */
    private const ROUNDS = 2;

    /** What few bodies offer costs battery and attention while one waits, and has to bring more. */
    private const WORTH_OF_RARE = 0.02;

    /** Depth that light pays for has to bring more. */
    private const WORTH_OF_LIGHT = 0.05;

    /** A smaller opening may push ISO up to this share of the ceiling; the rest is kept for the light to change. */
    private const ISO_SHARE = 0.5;

    /** Passes each change is played at first; those that promise most get as many as are needed to be sure. */
    private const FIRST_RUNS = 10;

    private const PROMISING = 3;

    private const MOST_RUNS = 40;

    public function __construct(
        private Situation $s,
        private PartialHold $pins,
        private Stage $stage,
        private int $seed,
    ) {
    }

    public function of(Candidate $winner): Candidate
    {
        $best = $winner;
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $others = $this->changed($best->hold);
            if ($others === []) {
                return $best;
            }
            $found = null;
            foreach ($this->promising($others, $best) as $candidate) {
                if (
                    self::isWorth($candidate, $best) &&
                    ($found === null || $candidate->outcome->keeperRate > $found->outcome->keeperRate)
                ) {
                    $found = $candidate;
                }
            }
            if ($found === null) {
                return $best;
            }
            // As many passes as the one it replaces, so that both can be compared with the rest of the field.
            $more = $winner->outcome->runs - $found->outcome->runs;
            $best =
                $more <= 0
                    ? $found
                    : new Candidate(
                        $found->hold,
                        $found->outcome->and(
                            $this->stage->play([
                                new Play($this->s, $found->hold, $more, $this->seed, $found->outcome->runs),
                            ])[0],
                        ),
                    );
        }

        return $best;
    }

    /**
     * What few bodies offer, tried on the best when it is known well: it gives little, and gives it often. On the same
     * chances, as often as the best was played, so that both stay comparable.
     */
    public function withRare(Candidate $best): Candidate
    {
        foreach (Setting::rare() as $setting) {
            foreach ($this->pins->has($setting) ? [] : $setting->triedOn($best->hold, $this->s->kit->body) as $value) {
                $hold = $best->hold->set($setting, $value);
                $changed = new Candidate(
                    $hold,
                    $this->stage->play([new Play($this->s, $hold, $best->outcome->runs, $this->seed)])[0],
                );
                $best = self::isWorthHaving($changed, $best, $setting) ? $changed : $best;
            }
        }

        return $best;
    }

    /**
     * More frames, or for what is there to catch more a keeper more often; and never passes without any, for frames in
     * others.
     */
    private static function isWorthHaving(Candidate $changed, Candidate $best, Setting $setting): bool
    {
        $any = $best->outcome->minusAny($changed->outcome);
        $more = self::isAhead($best->outcome->minus($changed->outcome), self::WORTH_OF_RARE);

        return ($more || ($setting->about()->catches && self::isAhead($any, self::WORTH_OF_RARE))) &&
            ! self::isAhead([-$any[0], $any[1]], self::WORTH_OF_RARE);
    }

    /** Whether a change is taken: it keeps more. */
    private static function isWorth(Candidate $changed, Candidate $best): bool
    {
        $costsLight =
            $changed->hold->aperture > $best->hold->aperture || $changed->hold->shutterS < $best->hold->shutterS;

        return self::isAhead(
            $best->outcome->minus($changed->outcome),
            $costsLight ? self::WORTH_OF_LIGHT : self::WORTH,
        );
    }

    /**
     * @param  array{float, float}  $behind  by how much the one that is to be replaced is ahead, and its standard error
     */
    private static function isAhead(array $behind, float $worth): bool
    {
        return -$behind[0] > max($worth, self::ERRORS * $behind[1]);
    }

    /**
     * Most changes are no good, which a few passes show.
     *
     * @param  list<Hold>  $holds
     * @return list<Candidate>
     */
    private function promising(array $holds, Candidate $best): array
    {
        $runs = min(self::MOST_RUNS, $best->outcome->runs);
        $first = min(self::FIRST_RUNS, $runs);
        $tried = array_map(
            static fn (Hold $hold, Outcome $outcome): Candidate => new Candidate($hold, $outcome),
            $holds,
            $this->stage->play(
                array_map(fn (Hold $hold): Play => new Play($this->s, $hold, $first, $this->seed), $holds),
            ),
        );
        $ahead = array_filter($tried, static fn (Candidate $c): bool => $best->outcome->minus($c->outcome)[0] < 0);
        usort(
            $ahead,
            static fn (Candidate $a, Candidate $b): int => $b->outcome->keeperRate <=> $a->outcome->keeperRate,
        );
        $ahead = array_slice($ahead, 0, self::PROMISING);
        if ($runs <= $first) {
            return $ahead;
        }

        return array_map(
            static fn (Candidate $c, Outcome $more): Candidate => new Candidate($c->hold, $c->outcome->and($more)),
            $ahead,
            $this->stage->play(
                array_map(
                    fn (Candidate $c): Play => new Play($this->s, $c->hold, $runs - $first, $this->seed, $first),
                    $ahead,
                ),
            ),
        );
    }

    /** @return list<Hold> the same with one thing changed, the light in balance */
    private function changed(Hold $hold): array
    {
        $holds = [];
        foreach (Setting::cases() as $setting) {
            foreach ($this->pins->has($setting) ? [] : $setting->about()->tried($hold, $this->s->kit) as $value) {
                $holds[] = $hold->set($setting, $value);
            }
        }
        foreach ([0.5, 2.0] as $change) {
            if (! $this->pins->has(Setting::Aperture)) {
                $holds[] = $this->balanced(
                    $hold->with(aperture: $this->nearest($hold->aperture * $change ** 0.5)),
                    $hold,
                );
            }
            if (! $this->pins->has(Setting::Shutter)) {
                $holds[] = $this->balanced($hold->with(shutterS: $this->shutter($hold->shutterS * $change)), $hold);
            }
        }

        return array_values(
            array_filter($holds, static fn (?Hold $changed): bool => $changed !== null && $changed != $hold),
        );
    }

    /** The time of this body that is nearest to a wanted one, as long as the rule of thumb has the use of it. */
    private function shutter(float $wanted): float
    {
        $shortest = max(
            $this->s->kit->body->fastestShutterS,
            FolkFloor::of($this->s)->shutterS / ExposureSolver::BEYOND_FLOOR,
        );
        $times = StopScale::shutters($shortest);
        usort($times, static fn (float $a, float $b): int => abs(log($a / $wanted)) <=> abs(log($b / $wanted)));

        return $times[0];
    }

    /** The same with the ISO that this light asks for; null where the body or the person does not go there. */
    private function balanced(Hold $hold, Hold $from): ?Hold
    {
        $costsLight = $hold->aperture > $from->aperture || $hold->shutterS < $from->shutterS;
        $iso = Exposure::isoFor($this->s->rush->light->ev100, $hold->shutterS, $hold->aperture);
        $ceiling = min($this->s->kit->body->isoMax, $this->s->photographer->isoCeiling);
        if (
            $this->pins->has(Setting::Iso) ||
            $iso > $ceiling * ($costsLight ? self::ISO_SHARE : 1.0) ||
            $iso < $this->s->kit->body->isoMin * 0.9
        ) {
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
