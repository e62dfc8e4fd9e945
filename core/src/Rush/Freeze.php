<?php

declare(strict_types=1);

namespace RushHold\Rush;

/** What the shutter has to stop. */
enum Freeze: string
{
    case Body = 'body';
    case Limbs = 'limbs';
}
