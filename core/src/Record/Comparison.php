<?php

declare(strict_types=1);

namespace RushHold\Record;

use RushHold\Refused;

/** Two or more set-ups from the log, one against the other. */
final readonly class Comparison
{
    public const MOST_BURSTS = 2000;

    public const MOST_HOLDS = 12;

    /** Known so well one need not shoot it to find out. */
    private const DECIDED = 0.95;

    public Contest $contest;

    /** @param  non-empty-list<Contender>  $contenders  the one with most frames first */
    private function __construct(public array $contenders)
    {
        $this->contest = new Contest(
            array_map(static fn (Contender $c): array => $c->counts(), $contenders),
            array_map(static fn (Contender $c): array => $c->days(), $contenders),
        );
    }

    /**
     * @param  list<LoggedBurst>  $bursts
     *
     * @throws Refused if there are not two set-ups among them, or too many
     */
    public static function of(array $bursts): self
    {
        if (count($bursts) > self::MOST_BURSTS) {
            throw Refused::because('bursts', 'compare-bursts', most: self::MOST_BURSTS);
        }
        $contenders = Contender::among($bursts);
        if (count($contenders) < 2) {
            throw Refused::because('bursts', 'compare-two');
        }
        if (count($contenders) > self::MOST_HOLDS) {
            throw Refused::because('bursts', 'compare-many', most: self::MOST_HOLDS);
        }

        return new self($contenders);
    }

    /**
     * The set-ups that were shot most; without two of them there is nothing to compare.
     *
     * @param  list<LoggedBurst>  $bursts
     */
    public static function ofMostShot(array $bursts): ?self
    {
        $contenders = Contender::among($bursts);

        return count($contenders) < 2 ? null : new self(array_slice($contenders, 0, self::MOST_HOLDS));
    }

    /**
     * Each with each, told for the one that keeps more.
     *
     * @return list<Pair>
     */
    public function pairs(): array
    {
        $pairs = [];
        foreach ($this->contenders as $a => $first) {
            foreach (array_slice($this->contenders, $a + 1, null, true) as $b => $second) {
                [$x, $y] = $this->contest->share($a)['mean'] >= $this->contest->share($b)['mean'] ? [$a, $b] : [$b, $a];
                $pairs[] = Pair::of($this, $x, $y);
            }
        }
        usort($pairs, static fn (Pair $p, Pair $q): int => $q->better <=> $p->better);

        return $pairs;
    }

    /**
     * Which to shoot next: of the two that may be best, the one that is known less.
     *
     * @return int|null null: it is decided
     */
    public function next(): ?int
    {
        $best = $this->contest->best();
        arsort($best);
        $order = array_keys($best);
        [$a, $b] = [$order[0], $order[1] ?? $order[0]];
        $needed = $this->contest->framesNeeded($a, $b);
        if ($best[$a] >= self::DECIDED || $needed === 0 || $needed === null) {
            return null;
        }
        $width = fn (int $c): float => $this->contest->share($c)['high'] - $this->contest->share($c)['low'];

        return $width($a) > $width($b) ? $a : $b;
    }
}
