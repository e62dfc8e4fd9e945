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

    /** A leader that is so many standard errors behind another is not played on. */
    private const BEYOND_DOUBT = 3.0;

    public function __construct(
        private Situation $situation,
        private Effort $effort,
        private Stage $stage,
        private int $seed,
    ) {
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
            $this->stage->reached((self::SHARE * ($round + 1)) / (count($this->effort->rounds) + 1));
            usort(
                $running,
                static fn (Candidate $a, Candidate $b): int => $b->outcome->keeperRate <=> $a->outcome->keeperRate,
            );
            $stay = max(Effort::FINALISTS, (int) ceil($share * count($running)));
            $behind = array_slice($running, $stay);
            $running = array_slice($running, 0, $stay);
            if ($round < count($this->effort->rounds) - 1) {
                $kinds = self::bestOfOtherKinds($behind, $running);
                $running = [...$running, ...$kinds];
                $behind = array_filter($behind, static fn (Candidate $c): bool => ! in_array($c, $kinds, true));
            }
            $dropped = [...$behind, ...$dropped];
        }
        $leaders = array_slice($running, 0, Effort::FINALISTS);
        while (
            ($unsure = array_filter(
                $leaders,
                fn (Candidate $c): bool => $this->unsure($c, $leaderRuns) && ! self::surelyBehind($c, $leaders),
            )) !== []
        ) {
            $leaders = array_replace(
                $leaders,
                array_combine(array_keys($unsure), $this->more(array_values($unsure), $this->effort->moreRuns)),
            );
        }
        $this->stage->reached(self::SHARE);

        $all = [...$leaders, ...array_slice($running, Effort::FINALISTS), ...$dropped];
        assert($all !== []);

        return $all;
    }

    /**
     * Of each way to focus that would be gone, the one that did best: after few passes a whole kind falls out by bad
     * luck, since what locks once has all frames of a pass or none.
     *
     * @param  list<Candidate>  $behind  best first
     * @param  list<Candidate>  $running  best first
     * @return list<Candidate>
     */
    private static function bestOfOtherKinds(array $behind, array $running): array
    {
        $kind = static fn (Candidate $c): string => "{$c->hold->technique->value} {$c->hold->mode->value}";
        $there = array_flip(array_map($kind, $running));
        $kept = [];
        foreach ($behind as $candidate) {
            if (! isset($there[$kind($candidate)]) && ! self::surelyBehind($candidate, array_slice($running, 0, 1))) {
                $there[$kind($candidate)] = 1;
                $kept[] = $candidate;
            }
        }

        return $kept;
    }

    /** The same, played until it is known as well as a winner should be. */
    public function certain(Candidate $candidate, int $leaderRuns = 0): Candidate
    {
        while ($this->unsure($candidate, $leaderRuns)) {
            [$candidate] = $this->more([$candidate], $this->effort->moreRuns);
        }

        return $candidate;
    }

    /**
     * Whether another of them is better beyond doubt on the chances both have met.
     *
     * @param  array<int, Candidate>  $leaders
     */
    private static function surelyBehind(Candidate $candidate, array $leaders): bool
    {
        foreach ($leaders as $other) {
            [$ahead, $error] = $other->outcome->minus($candidate->outcome);
            if ($ahead > self::BEYOND_DOUBT * $error && $ahead > 0) {
                return true;
            }
        }

        return false;
    }

    private function unsure(Candidate $leader, int $leaderRuns): bool
    {
        $outcome = $leader->outcome;

        return $outcome->runs < $leaderRuns ||
            ($outcome->standardError > Effort::STANDARD_ERROR && $outcome->runs < $this->effort->mostRuns);
    }

    /**
     * @param  list<Candidate>  $candidates
     * @return list<Candidate>
     */
    private function more(array $candidates, int $runs): array
    {
        $outcomes = $this->stage->play(
            array_map(
                fn (Candidate $c): Play => new Play($this->situation, $c->hold, $runs, $this->seed, $c->outcome->runs),
                $candidates,
            ),
        );

        return array_map(
            static fn (Candidate $c, Outcome $more): Candidate => new Candidate(
                $c->hold,
                $c->outcome->runs === 0 ? $more : $c->outcome->and($more),
            ),
            $candidates,
            $outcomes,
        );
    }
}
