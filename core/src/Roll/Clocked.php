<?php

declare(strict_types=1);

namespace RushHold\Roll;

use RushHold\Labelled;

/** What tells when a burst was shot. */
enum Clocked: string implements Labelled
{
    /** The frames say it. */
    case Frames = 'frames';
    /** They do not; their files were written then. */
    case Files = 'files';
    /** Nothing tells; they were put together by the numbers in their names. */
    case Numbers = 'numbers';
}
