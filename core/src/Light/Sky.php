<?php

declare(strict_types=1);

namespace RushHold\Light;

use RushHold\Labelled;

enum Sky: string implements Labelled
{
    case Clear = 'clear';
    case Partly = 'partly';
    case Overcast = 'overcast';
}
