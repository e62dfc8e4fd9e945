<?php

declare(strict_types=1);

namespace RushHold\Record;

/** What makes a comparison of two set-ups unfair: something else differed as well. */
enum Unfair: string
{
    case Rush = 'rush';
    case Light = 'light';
    case Distance = 'distance';
    case Clutter = 'clutter';
    case Kit = 'kit';
    case Hour = 'hour';
    case Order = 'order';
    case Few = 'few';
}
