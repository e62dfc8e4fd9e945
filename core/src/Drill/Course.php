<?php

declare(strict_types=1);

namespace RushHold\Drill;

/** What comes in a turn of a drill: drawn from its seed, the same each time. */
interface Course
{
    /** How long it goes on, s. */
    public function seconds(): float;
}
