<?php

declare(strict_types=1);

namespace RushHold\Outing;

/** One rush in the order of an outing, with its quarter hours. */
final readonly class Planned
{
    /**
     * @param  int  $entry  number of the rush
     * @param  int  $from  first quarter hour
     * @param  int  $to  the quarter hour after its last
     * @param  float  $value  wanted frames kept
     * @param  int  $since  quarter hour in which one sets out for it
     */
    public function __construct(public int $entry, public int $from, public int $to, public float $value, public int $since)
    {
    }
}
