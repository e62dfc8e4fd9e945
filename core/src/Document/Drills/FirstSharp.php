<?php

declare(strict_types=1);

namespace RushHold\Document\Drills;

use RushHold\Document\Fields;
use RushHold\Drill\Turn;

/** From one subject to another with the real camera, by the stopwatch. */
final class FirstSharp implements Drill
{
    /** Nothing comes: the course is the world. */
    public function read(Fields $f, int $seed, array $known): null
    {
        return null;
    }

    public function width(): int
    {
        return 3;
    }

    public function course(Turn $turn): array
    {
        return [];
    }

    public function score(Turn $turn): array
    {
        $times = $turn->first();
        assert($times !== null);
        $way = static fn (bool $byHand): array => [
            'trials' => $times->count($byHand),
            'missed' => $times->missed($byHand),
            'median_s' => $times->medianS($byHand),
            'mean_s' => $times->meanS($byHand),
        ];

        return ['auto' => $way(false), 'by_hand' => $way(true)];
    }
}
