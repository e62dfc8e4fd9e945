<?php

declare(strict_types=1);

namespace RushHold\Causes;

use RushHold\Labelled;

/** What may have gone wrong in a burst. */
enum Cause: string implements Labelled
{
    case LockedOnce = 'locked-once';
    case Background = 'background';
    case NearerThing = 'nearer-thing';
    case NearerPart = 'nearer-part';
    case JumpsOff = 'jumps-off';
    case LagsOrLeads = 'lags-or-leads';
    case Nervous = 'nervous';
    case NeverCatches = 'never-catches';
    case Shake = 'shake';
    case SubjectMotion = 'subject-motion';
    case Limbs = 'limbs';
    case Air = 'air';
    case FineTune = 'fine-tune';
    case LensSoft = 'lens-soft';
    case OuterPoints = 'outer-points';
    case Leftover = 'leftover';
    case TooLittleDepth = 'too-little-depth';
    case OutOfFrame = 'out-of-frame';
    case TooSoon = 'too-soon';
    case Noise = 'noise';
    case Diffraction = 'diffraction';
}
