<?php

declare(strict_types=1);

namespace RushHold\Light;

enum Sky: string
{
    case Clear = 'clear';
    case Partly = 'partly';
    case Overcast = 'overcast';
}
