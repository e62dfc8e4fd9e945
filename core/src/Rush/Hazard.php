<?php

declare(strict_types=1);

namespace RushHold\Rush;

use RushHold\Labelled;

/** Circumstances of a place that call for a caution. */
enum Hazard: string implements Labelled
{
    /** Nests, roosts, burrows, dens, young. */
    case Nest = 'nest';
    case Roadside = 'roadside';
    case CliffEdge = 'cliff-edge';
    case Water = 'water';
    /** Beside a course or a pitch. */
    case Sideline = 'sideline';
    case ColdGround = 'cold-ground';
}
