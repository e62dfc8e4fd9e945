<?php

declare(strict_types=1);

namespace RushHold\Hold;

use RushHold\Labelled;

enum Drive: string implements Labelled
{
    case SingleFrame = 'single';
    /** Two or three frames, placed exactly, again and again. */
    case Short = 'short';
    /** Through the moment. */
    case Long = 'long';
}
