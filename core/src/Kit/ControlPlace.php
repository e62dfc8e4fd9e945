<?php

declare(strict_types=1);

namespace RushHold\Kit;

use RushHold\Labelled;

/** A control that a hand reaches without looking. */
enum ControlPlace: string implements Labelled
{
    case HalfPress = 'half-press';
    case Thumb1 = 'thumb-1';
    case Thumb2 = 'thumb-2';
    case Thumb3 = 'thumb-3';
    case Front1 = 'front-1';
    case Front2 = 'front-2';
    case Barrel = 'lens';
    case Stick = 'stick';
    case Touch = 'touch';
}
