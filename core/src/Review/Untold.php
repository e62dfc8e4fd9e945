<?php

declare(strict_types=1);

namespace RushHold\Review;

use RushHold\Labelled;

/** Why nothing can be said of how sharp a place is. */
enum Untold: string implements Labelled
{
    /** There is next to nothing with an edge: sky, water, a plain flank, or all of it far out of focus. */
    case Plain = 'plain';
    /** It looks like what is around it, so that nobody can say which edges are its own. */
    case Hidden = 'hidden';
    /** Its edges say different things. */
    case Unclear = 'unclear';
}
