<?php

declare(strict_types=1);

namespace RushHold\Planning;

use RushHold\Focus\Outcome;
use RushHold\Focus\Play;
use RushHold\Focus\Stage;
use RushHold\Hold\Hold;
use RushHold\Situation\Situation;

/**
 * Set-ups against each other on the same chances. Those that fall behind are dropped early (successive halving), so
 * that most runs go to those that matter.
 */
final readonly class Race
{
    /** Share of a whole question that the race is. */
    public const SHARE = 0.7;

    public function __construct(private Situation $situation, private Effort $effort, private Stage $stage, private int $seed)
    {
    }

    /**
     * @param  non-empty-list<Hold>  $holds
     * @param  int  $leaderRuns  runs the leaders get at least
     * @return non-empty-list<Candidate> leaders first, each part of the field by what it kept
     */
    public function run(array $holds, int $leaderRuns = 0): array
    {
        $running = array_map(static fn (Hold $hold): Candidate => new Candidate($hold, Outcome::none()), $holds);
        $dropped = [];
        foreach ($this->effort->rounds as $round => [$runs, $share]) {
            $running = $this->more($running, $runs);
            $this->stage->reached(self::SHARE * ($round + 1) / (count($this->effort->rounds) + 1));
            usort($running, static fn (Candidate $a, Candidate $b): int => $b->outcome->keeperRate <=> $a->outcome->keeperRate);
            $stay = max(Effort::FINALISTS, (int) ceil($share * count($running)));
            $dropped = [...array_slice($running, $stay), ...$dropped];
            $running = array_slice($running, 0, $stay);
        }
        $leaders = array_slice($running, 0, Effort::FINALISTS);
        while (($unsure = array_filter($leaders, fn (Candidate $c): bool => $this->unsure($c, $leaderRuns))) !== []) {
            $leaders = array_replace($leaders, array_combine(array_keys($unsure), $this->more(array_values($unsure), $this->effort->moreRuns)));
        }
        $this->stage->reached(self::SHARE);

        $all = [...$leaders, ...array_slice($running, Effort::FINALISTS), ...$dropped];
        assert($all !== []);

        return $all;
    }

    private function unsure(Candidate $leader, int $leaderRuns): bool
    {
        $outcome = $leader->outcome;

        return $outcome->runs < $leaderRuns || $outcome->standardError > Effort::STANDARD_ERROR && $outcome->runs < $this->effort->mostRuns;
    }

    /**
     * @param  list<Candidate>  $candidates
     * @return list<Candidate>
     */
    private function more(array $candidates, int $runs): array
    {
        $outcomes = $this->stage->play(array_map(fn (Candidate $c): Play => new Play($this->situation, $c->hold, $runs, $this->seed, $c->outcome->runs), $candidates));

        return array_map(static fn (Candidate $c, Outcome $more): Candidate => new Candidate($c->hold, $c->outcome->runs === 0 ? $more : $c->outcome->and($more)), $candidates, $outcomes);
    }
}
