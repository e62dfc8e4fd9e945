<?php

declare(strict_types=1);

namespace RushHold\Planning;

use RushHold\Focus\Parameters;
use RushHold\Focus\Passage;
use RushHold\Situation\Situation;

/**
 * How much is played to answer one question, decided before anything is played, so that no rush takes beyond measure.
 *
 * The cost of playing is counted in focus cycles. A usual rush needs about a million of them. A long one has more
 * frames in each run, so that fewer runs tell as much; where even the fewest runs cost too much, fewer set-ups are
 * tried. Beyond that the simulation itself takes coarser steps (`Passage`).
 */
final readonly class Effort
{
    /** Focus cycles that one question may cost, about two seconds of one core. */
    public const MOST_STEPS = 6_000_000;

    /** Runs each candidate gets in the rounds, the share that stays after each. */
    private const ROUNDS = [[4, 0.25], [10, 0.4], [24, 0.5], [40, 1.0]];

    /** The leaders get runs until the standard error is at most this. */
    public const STANDARD_ERROR = 0.02;

    /** At least so many stay to the end. */
    public const FINALISTS = 6;

    private const MOST_RUNS = 800;

    /** Runs that are added to a leader at a time. */
    private const MORE_RUNS = 80;

    /** Runs of a changed winner, and about so many of those there are. */
    private const WHY_RUNS = 32;

    private const WHYS = 32;

    /** Fewer runs than this say nothing about a set-up. */
    private const FEWEST_RUNS = 2;

    /** So many set-ups are always tried. */
    private const FEWEST_CANDIDATES = 24;

    /**
     * @param  non-empty-list<array{int, float}>  $rounds  runs of each candidate, share of them that stays
     */
    private function __construct(
        public array $rounds,
        public int $mostRuns,
        public int $moreRuns,
        public int $whyRuns,
        /** Set-ups that are tried at most. */
        public int $mostCandidates,
        /** Whether less is played than usual. */
        public bool $reduced,
        /** Focus cycles of the usual effort, of which the question may take `MOST_STEPS`. */
        public int $usualSteps,
    ) {
    }

    /**
     * @param  int  $candidates  set-ups there are to try
     * @param  int  $mostSteps  focus cycles that may be spent
     */
    public static function for(Situation $situation, int $candidates, int $mostSteps = self::MOST_STEPS): self
    {
        $steps = self::stepsOf($situation);
        $usual = $steps * (int) self::runs($candidates, self::ROUNDS, 3 * self::MORE_RUNS, self::WHY_RUNS);
        $share = min(1.0, $mostSteps / max(1, $usual));
        $scaled = static fn (int $runs): int => max(self::FEWEST_RUNS, (int) round($share * $runs));
        $most = max(self::FEWEST_CANDIDATES, (int) floor($mostSteps / 3 / ($steps * self::FEWEST_RUNS)));

        return new self(
            array_map(static fn (array $round): array => [$scaled($round[0]), $round[1]], self::ROUNDS),
            max(4 * self::FEWEST_RUNS, (int) round($share * self::MOST_RUNS)),
            $scaled(self::MORE_RUNS),
            $scaled(self::WHY_RUNS),
            $share < 1.0 ? $most : PHP_INT_MAX,
            $share < 1.0,
            $usual,
        );
    }

    /** So many runs as can be had for so many focus cycles, at most what is wanted. */
    public static function runsWithin(int $steps, Situation $situation, int $wanted): int
    {
        return max(self::FEWEST_RUNS, min($wanted, intdiv($steps, self::stepsOf($situation))));
    }

    private static function stepsOf(Situation $situation): int
    {
        return Passage::stepsOf($situation, (int) ceil(Parameters::LEAD_S / Passage::stepS($situation)));
    }

    /**
     * Runs in all.
     *
     * @param  list<array{int, float}>  $rounds
     */
    private static function runs(int $candidates, array $rounds, int $leaderRuns, int $whyRuns): float
    {
        $left = (float) $candidates;
        $sum = self::FINALISTS * $leaderRuns + self::WHYS * $whyRuns;
        foreach ($rounds as [$runs, $share]) {
            $sum += $left * $runs;
            $left = max(self::FINALISTS, $share * $left);
        }

        return $sum;
    }
}
