<?php

declare(strict_types=1);

namespace RushHold\Outing;

/** One rush in the order of an outing. Times are minutes after the outing begins. */
final readonly class Planned
{
    /**
     * @param  int  $entry  number of the rush
     * @param  int  $from  when it begins
     * @param  int  $to  when it is over
     * @param  float  $value  wanted frames kept
     * @param  int  $since  when one sets out for it
     */
    public function __construct(
        public int $entry,
        public int $from,
        public int $to,
        public float $value,
        public int $since,
    ) {
    }

    /** The quarter hour of the outing nearest to its beginning. */
    public function quarter(): int
    {
        return (int) round($this->from / Outing::STEP_MIN);
    }
}
