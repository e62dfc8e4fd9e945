<?php

declare(strict_types=1);

namespace RushHold;

/** How lengths and speeds are said; what happens on the sensor side stays in millimetres in both, as on every lens. */
enum Units: string
{
    case Metric = 'metric';
    /** Metres, and speeds as they stand on a road sign. */
    case Kmh = 'kmh';
    case Imperial = 'imperial';
}
