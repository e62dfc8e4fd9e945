<?php

declare(strict_types=1);

namespace RushHold\Record;

use RushHold\Labelled;

/** What makes a comparison of two set-ups unfair: something else differed as well. */
enum Unfair: string implements Labelled
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
