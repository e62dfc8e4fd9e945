<?php

declare(strict_types=1);

namespace RushHold\Planning;

use RushHold\Hold\Hold;
use RushHold\Kit\Area;

/**
 * Chooses among set-ups that do as well: what is equal within the noise counts as equal, then those with the fewest
 * changes stay, the simpler area first, then the lower ISO. `Robustness` decides among them.
 */
final readonly class Equals
{
    /** Keeper rates this close are equal, however sure the difference is. */
    private const SAME = 0.01;

    /** Differences up to so many of their standard errors are chance. */
    private const ERRORS = 1.5;

    /** Nobody gives away as much as this, however unsure it is. */
    private const TOO_MUCH = 0.04;

    /** So many passes are enough to say so, even where the other has had many more. */
    private const ENOUGH = 70;

    /** A set-up that loses no more than this share of the winner's keepers may be worth it for fewer changes. */
    private const NEARLY = 0.15;

    /**
     * @param  list<Hold>  $usual  the rules' own choices
     * @param  Standing|null  $standing  how the camera stands now, where that is known
     * @param  bool  $sits  whether the subject keeps still: then what locks once comes first, unless the camera stands
     *   otherwise
     */
    public function __construct(private array $usual, private ?Standing $standing, private bool $sits = false)
    {
    }

    /**
     * Those as good as the leader that need the fewest changes, simplest first.
     *
     * @param  non-empty-list<Candidate>  $tried  leaders first
     * @return non-empty-list<Candidate>
     */
    public function fewest(array $tried): array
    {
        $alike = self::alike($tried, $tried[0]);
        usort(
            $alike,
            fn (Candidate $a, Candidate $b): int => [$this->changes($a), ...self::plainness($a)] <=> [
                $this->changes($b),
                ...self::plainness($b),
            ],
        );
        $fewest = array_values(
            array_filter($alike, fn (Candidate $c): bool => $this->changes($c) === $this->changes($alike[0])),
        );
        assert($fewest !== []);

        return $fewest;
    }

    /**
     * What keeps as many as a set-up, as far as can be told; itself among them. Those that fell out of the race early
     * were played too little to say.
     *
     * @param  non-empty-list<Candidate>  $tried
     * @return non-empty-list<Candidate>
     */
    public static function alike(array $tried, Candidate $best): array
    {
        $alike = array_values(
            array_filter(
                $tried,
                static fn (Candidate $c): bool => $c === $best ||
                    ($c->outcome->runs >= min($best->outcome->runs / 2, self::ENOUGH) && self::equal($best, $c)),
            ),
        );
        assert($alike !== []);

        return $alike;
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
            if (
                $changes < $least &&
                $winner->outcome->keeperRate - $candidate->outcome->keeperRate <=
                    self::NEARLY * $winner->outcome->keeperRate
            ) {
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

    private function changes(Candidate $candidate): int
    {
        if ($this->standing === null && $this->sits) {
            return $candidate->hold->mode->locksOnce() ? 0 : 1;
        }

        return $this->standing === null
            ? min([99, ...array_map($candidate->hold->changesFrom(...), $this->usual)])
            : count($this->standing->changesTo($candidate->hold));
    }

    /** @return array{int, float} what comes first is less */
    private static function plainness(Candidate $candidate): array
    {
        return [(int) array_search($candidate->hold->area, Area::cases(), true), $candidate->hold->iso];
    }
}
