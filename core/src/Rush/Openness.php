<?php

declare(strict_types=1);

namespace RushHold\Rush;

use RushHold\Labelled;

/** A school: wide open for speed and separation, or always a stop down for the lens. */
enum Openness: string implements Labelled
{
    case WideOpen = 'wide-open';
    case OneStopDown = 'one-stop-down';
}
