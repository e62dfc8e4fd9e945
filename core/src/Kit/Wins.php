<?php

declare(strict_types=1);

namespace RushHold\Kit;

use RushHold\Labelled;

/** Which of several things in an area the body takes. */
enum Wins: string implements Labelled
{
    case Held = 'held';
    case Middle = 'middle';
    case Nearest = 'nearest';
}
