<?php

declare(strict_types=1);

namespace RushHold\Focus;

use RushHold\Hold\Hold;
use RushHold\Situation\Situation;

/** An order to play one hold in one situation a number of times. */
final readonly class Play
{
    /**
     * @param  int  $runs  1 to 100000
     * @param  int  $firstRun  where to go on when runs are added to earlier ones
     */
    public function __construct(
        public Situation $situation,
        public Hold $hold,
        public int $runs,
        public int $seed,
        public int $firstRun = 0,
    ) {
    }

    /** Focus cycles it takes: what it costs. */
    public function steps(): int
    {
        return $this->runs * Passage::stepsOf($this->situation, FocusCycles::lead($this->situation, $this->hold));
    }
}
