<?php

declare(strict_types=1);

namespace RushHold;

/** How lengths and speeds are said; what happens on the sensor side stays in millimetres in both, as on every lens. */
enum Units: string
{
    case Metric = 'metric';
    case Imperial = 'imperial';
}
