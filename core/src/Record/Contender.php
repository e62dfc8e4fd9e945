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

    public function firstSharp(): FirstSharp
    {
        return FirstSharp::of($this->bursts);
    }
}
