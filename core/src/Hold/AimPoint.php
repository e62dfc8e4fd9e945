<?php

declare(strict_types=1);

namespace RushHold\Hold;

use RushHold\Labelled;

/** The part of the subject that has to be sharp, and that the area is held on. */
enum AimPoint: string implements Labelled
{
    case Eye = 'eye';
    case Head = 'head';
    case Chest = 'chest';
    case Edge = 'edge';
    case Body = 'body';
}
