<?php

declare(strict_types=1);

namespace RushHold\Record;

use RushHold\Hold\PartialHold;

/** One of the set-ups that are compared: all bursts that were shot with it. */
final readonly class Contender
{
    /** @param  non-empty-list<LoggedBurst>  $bursts  in the order in which they were shot, where that is known */
    public function __construct(public PartialHold $hold, public array $bursts)
    {
    }

    /**
     * The set-ups among bursts: those shot with the same settings belong together, as far as these were logged; what
     * says nothing of its settings belongs to none.
     *
     * @param  list<LoggedBurst>  $bursts
     * @return list<self> the one with most frames first
     */
    public static function among(array $bursts): array
    {
        /** @var list<array{PartialHold, non-empty-list<LoggedBurst>}> $groups */
        $groups = [];
        foreach ($bursts as $burst) {
            $hold = $burst->hold;
            if ($hold === null || $hold->settings() === []) {
                continue;
            }
            foreach ($groups as $i => [$theirs, $shot]) {
                if ($theirs->covers($hold) && $hold->covers($theirs)) {
                    $groups[$i] = [$theirs, [...$shot, $burst]];

                    continue 2;
                }
            }
            $groups[] = [$hold, [$burst]];
        }
        $contenders = array_map(static fn (array $group): self => new self($group[0], $group[1]), $groups);
        usort($contenders, static fn (self $a, self $b): int => $b->frames() <=> $a->frames());

        return $contenders;
    }

    public function frames(): int
    {
        return (int) array_sum(array_map(static fn (LoggedBurst $b): int => $b->frames, $this->bursts));
    }

    public function keepers(): int
    {
        return (int) array_sum(array_map(static fn (LoggedBurst $b): int => $b->keepers, $this->bursts));
    }

    /** @return list<array{int, int}> keepers and frames of each burst */
    public function counts(): array
    {
        return array_map(static fn (LoggedBurst $b): array => [$b->keepers, $b->frames], $this->bursts);
    }

    /** @return list<string> the day of each burst, '' where it is not known */
    public function days(): array
    {
        return array_map(static fn (LoggedBurst $b): string => substr((string) $b->at, 0, 10), $this->bursts);
    }

    public function firstSharp(): FirstSharp
    {
        return FirstSharp::of($this->bursts);
    }
}
