<?php

declare(strict_types=1);

namespace RushHold\Planning;

use Closure;
use RushHold\Focus\OneProcess;
use RushHold\Focus\Outcome;
use RushHold\Focus\Overtaken;
use RushHold\Focus\Play;
use RushHold\Focus\Stage;
use RushHold\Hold\Hold;
use RushHold\Hold\PartialHold;
use RushHold\Hold\Setting;
use RushHold\Rush\Rush;
use RushHold\Said;
use RushHold\Situation\Situation;

/** Tries every set-up that the rules let through on the same chances, ranks them, and explains the winner. */
final readonly class Planner
{
    /** Settings whose ruled-out values are shown among the set-ups. */
    private const SHOWN_RULED_OUT = [Setting::Technique, Setting::Mode, Setting::Area, Setting::Detect];

    public function __construct(private Chooser $chooser)
    {
    }

    public static function standard(): self
    {
        return new self(Chooser::standard());
    }

    /**
     * @param  int  $leaderRuns  runs the leaders get at least, 0 to 100000; without it what their error needs
     * @param  Stage|null  $stage  where it is played; here when left out
     * @param  Standing|null  $standing  how the camera stands now
     * @param  (Closure(Ranking): mixed)|null  $early  hears the ranking before it is explained
     *
     * @throws Overtaken when nobody waits for it any more
     */
    public function rank(
        Rush $rush,
        ?PartialHold $pins = null,
        int $seed = 1,
        int $leaderRuns = 0,
        ?Stage $stage = null,
        ?Standing $standing = null,
        ?Closure $early = null,
    ): Ranking {
        $pins ??= PartialHold::nothing();
        $stage ??= new OneProcess();
        $base = $this->chooser->choose($rush, $pins);
        $candidates = new Candidates($base, $pins);
        $holds = $candidates->all();
        $effort = Effort::for($base->situation, count($holds));
        $race = new Race($base->situation, $effort, $stage, $seed);
        $tried = $race->run(Candidates::mostDifferent($holds, $effort->mostCandidates), $leaderRuns);
        $equals = new Equals([$base->hold, $candidates->usual()], $standing, $base->situation->isStill());
        $best = $race->certain(
            self::winner($base->situation, $rush, $pins, $equals->fewest($tried), $stage, $seed),
            $leaderRuns,
        );
        $best = (new Refinement($base->situation, $pins, $stage, $seed))->withRare($best);
        $tried = [
            $best,
            ...array_values(array_filter($tried, static fn (Candidate $c): bool => $c->hold != $best->hold)),
        ];
        usort(
            $tried,
            static fn (Candidate $a, Candidate $b): int => [$b === $best, $b->outcome->keeperRate] <=> [
                $a === $best,
                $a->outcome->keeperRate,
            ],
        );
        $shown = $this->chooser->choose($rush, PartialHold::of($best->hold));
        // What the rules say of a hand on the ring is not said beside autofocus.
        $ruled =
            $best->hold->technique === $base->hold->technique
                ? $base
                : $this->chooser->choose($rush, $pins->and(PartialHold::of($best->hold, Setting::Technique)));
        $ranking = new Ranking(
            $shown->pinnedAs($pins, $ruled),
            $best,
            $tried,
            self::ruledOut($base),
            $standing,
            $equals->fewestChanges($tried, $best),
            max(count($holds), count($tried)),
            $effort->reduced,
        );
        if ($early !== null) {
            $early($ranking);
        }

        $play = static fn (Situation $s, Hold $hold): Play => new Play($s, $hold, $effort->whyRuns, $seed);
        /** @var array{list<Counterfactual>, list<SchoolResult>, list<WhatIf>, list<Outcome>} $answers */
        $answers = SimulationQuestion::together(
            $stage,
            (new Counterfactuals($base->situation, $candidates, $best, $play))->asked($pins),
            (new Disagreements($base->situation, $best, $tried, $play))->asked($pins),
            (new Improvements($this->chooser, $rush, $best, $play))->asked($pins),
            (new Sureness($rush, $best, $pins, $play))->asked(),
        );
        [$why, $schools, $whatIfs, $skilled] = $answers;
        $stage->reached(1.0);
        usort($why, static fn (Counterfactual $a, Counterfactual $b): int => $a->change <=> $b->change);
        // What only makes the subject smaller comes last, whatever it gains.
        usort(
            $whatIfs,
            static fn (WhatIf $a, WhatIf $b): int => [in_array($a->change, Improvements::SHRINKS, true), $b->gain] <=> [
                in_array($b->change, Improvements::SHRINKS, true),
                $a->gain,
            ],
        );

        return $ranking->explained(
            $shown->pinnedAs($pins, $ruled, self::reasons($why, $best->outcome->frames)),
            $why,
            $schools,
            $whatIfs,
            array_map(static fn (Outcome $o): float => $o->keeperRate, $skilled),
        );
    }

    /**
     * The best set-up without what explains it: for comparing kits.
     *
     * @param  int  $mostSteps  focus cycles that may be spent
     *
     * @throws Overtaken when nobody waits for it any more
     */
    public function best(
        Rush $rush,
        int $seed = 1,
        ?Stage $stage = null,
        int $mostSteps = Effort::MOST_STEPS,
        ?PartialHold $pins = null,
    ): Candidate {
        $pins ??= PartialHold::nothing();
        $base = $this->chooser->choose($rush, $pins);
        $candidates = new Candidates($base, $pins);
        $holds = $candidates->all();
        $effort = Effort::for($base->situation, count($holds), $mostSteps);
        $stage ??= new OneProcess();
        $race = new Race($base->situation, $effort, $stage, $seed);
        $tried = $race->run(Candidates::mostDifferent($holds, $effort->mostCandidates));

        $alike = (new Equals([$base->hold, $candidates->usual()], null, $base->situation->isStill()))->fewest($tried);
        $best = $race->certain(self::winner($base->situation, $rush, $pins, $alike, $stage, $seed));

        return (new Refinement($base->situation, $pins, $stage, $seed))->withRare($best);
    }

    /**
     * Of those that do as well the one that still does when it goes a little worse, with what can be gained on it by a
     * click.
     *
     * @param  non-empty-list<Candidate>  $alike
     *
     * @throws Overtaken when nobody waits for it any more
     */
    private static function winner(
        Situation $situation,
        Rush $rush,
        PartialHold $pins,
        array $alike,
        Stage $stage,
        int $seed,
    ): Candidate {
        return (new Refinement($situation, $pins, $stage, $seed))->of(
            (new Robustness($rush, $pins, $stage, $seed))->of($alike),
        );
    }

    /**
     * Why settings stand as they do: what the nearest change of each would lose.
     *
     * @param  list<Counterfactual>  $why  what loses most first
     * @return array<string, Said> by setting
     */
    private static function reasons(array $why, int $frames): array
    {
        $reasons = [];
        foreach ($why as $changed) {
            $against = $changed->against($frames);
            if ($against !== null) {
                $reasons[$changed->setting->value] = $against;
            }
        }

        return $reasons;
    }

    /** @return list<array{setting: Setting, value: string, because: Said}> */
    private static function ruledOut(Plan $base): array
    {
        $out = [];
        foreach (self::SHOWN_RULED_OUT as $setting) {
            foreach ($base->line($setting)->alternatives as $alternative) {
                if (! $alternative->possible) {
                    $out[] = [
                        'setting' => $setting,
                        'value' => (string) $alternative->value,
                        'because' => $alternative->because,
                    ];
                }
            }
        }

        return $out;
    }
}
