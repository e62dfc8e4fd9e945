<?php

declare(strict_types=1);

namespace RushHold\Review;

use RushHold\Labelled;

/** Where a frame is sharp. */
enum SharpWhere: string implements Labelled
{
    case Subject = 'subject';
    case Nearer = 'nearer';
    case Farther = 'farther';
    case Elsewhere = 'elsewhere';
    case Nowhere = 'nowhere';
}
