<?php

declare(strict_types=1);

namespace RushHold\Planning;

use RushHold\Focus\Outcome;
use RushHold\Hold\Hold;

/** A set-up that was tried, and what came of it. */
final readonly class Candidate
{
    public function __construct(public Hold $hold, public Outcome $outcome)
    {
    }
}
