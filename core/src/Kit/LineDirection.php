<?php

declare(strict_types=1);

namespace RushHold\Kit;

use RushHold\Labelled;

/** Which lines of a subject a one-direction focus point measures; lines along its own axis give it nothing. */
enum LineDirection: string implements Labelled
{
    case Upright = 'upright';
    case Level = 'level';
}
