<?php

declare(strict_types=1);

namespace RushHold\Planning;

use RushHold\Hold\Hold;
use RushHold\Kit\Area;

/**
 * Chooses among set-ups that do as well: what is equal within the noise counts as equal, then the one with fewer
 * changes wins, then the simpler area, then the lower ISO.
 */
final readonly class Equals
{
    /** Keeper rates this close are equal, however sure the difference is. */
    private const SAME = 0.01;

    /** Differences up to so many of their standard errors are chance. */
    private const ERRORS = 1.5;

    /** Nobody gives away as much as this, however unsure it is. */
    private const TOO_MUCH = 0.04;

    /** A set-up that loses no more than this share of the winner's keepers may be worth it for fewer changes. */
    private const NEARLY = 0.15;

    /**
     * @param  list<Hold>  $usual  the rules' own choices
     * @param  Standing|null  $standing  how the camera stands now, where that is known
     */
    public function __construct(private array $usual, private ?Standing $standing)
    {
    }

    /** @param  non-empty-list<Candidate>  $tried  leaders first */
    public function winner(array $tried): Candidate
    {
        $leader = $best = $tried[0];
        foreach ($tried as $candidate) {
            if ($candidate->outcome->runs >= $leader->outcome->runs / 2 && self::equal($leader, $candidate) && $this->rank($candidate) < $this->rank($best)) {
                $best = $candidate;
            }
        }

        return $best;
    }

    /**
     * Of the set-ups that keep nearly as many frames as the winner, the one that needs the fewest changes; null where
     * it is not known how the camera stands.
     *
     * @param  list<Candidate>  $tried
     */
    public function fewestChanges(array $tried, Candidate $winner): ?Candidate
    {
        if ($this->standing === null) {
            return null;
        }
        $nearest = $winner;
        $least = count($this->standing->changesTo($winner->hold));
        foreach ($tried as $candidate) {
            $changes = count($this->standing->changesTo($candidate->hold));
            if ($changes < $least && $winner->outcome->keeperRate - $candidate->outcome->keeperRate <= self::NEARLY * $winner->outcome->keeperRate) {
                $nearest = $candidate;
                $least = $changes;
            }
        }

        return $nearest;
    }

    private static function equal(Candidate $leader, Candidate $candidate): bool
    {
        [$behind, $error] = $leader->outcome->minus($candidate->outcome);

        return $behind <= max(self::SAME, self::ERRORS * $error) && $behind < self::TOO_MUCH;
    }

    /** @return array{int, int, float} what comes first is less */
    private function rank(Candidate $candidate): array
    {
        $changes = $this->standing === null ? min([99, ...array_map($candidate->hold->changesFrom(...), $this->usual)]) : count($this->standing->changesTo($candidate->hold));

        return [$changes, (int) array_search($candidate->hold->area, Area::cases(), true), $candidate->hold->iso];
    }
}
