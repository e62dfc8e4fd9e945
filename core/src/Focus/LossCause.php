<?php

declare(strict_types=1);

namespace RushHold\Focus;

use RushHold\Labelled;

/** Why a frame is lost; every lost frame has exactly one. */
enum LossCause: string implements Labelled
{
    case OutOfFrame = 'out of frame';
    case Hidden = 'hidden';
    case SubjectSmear = 'subject smear';
    case Shake = 'shake';
    case Air = 'air';
    case TooLittleDepth = 'too little depth';
    case NotCaught = 'not caught';
    case Hunting = 'hunting';
    case Background = 'on the background';
    case Nearer = 'on something nearer';
    case NearerPart = 'nearer part';
    case LensTooSlow = 'lens too slow';
    case Lagging = 'lagging';
    case Leading = 'leading';
    case OwnScatter = 'own scatter';
    case TurnedAway = 'turned away';
    case OthersOut = 'others out of depth';
    case Bent = 'bent';
}
