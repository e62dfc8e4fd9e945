<?php

declare(strict_types=1);

namespace RushHold\Rush;

use RushHold\Labelled;

/** What the shutter has to stop. */
enum Freeze: string implements Labelled
{
    case Body = 'body';
    case Limbs = 'limbs';
}
