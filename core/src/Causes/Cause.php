<?php

declare(strict_types=1);

namespace RushHold\Causes;

use RushHold\Labelled;

/** What may have gone wrong in a burst; each has a file in `Kinds`. */
enum Cause: string implements Labelled
{
    case Leftover = 'leftover';
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
    case TooLittleDepth = 'too-little-depth';
    case OutOfFrame = 'out-of-frame';
    case LockedOnce = 'locked-once';
    case TooSoon = 'too-soon';
    case Noise = 'noise';
    case Diffraction = 'diffraction';

    /** What it says of itself. */
    public function about(): About
    {
        /** @var array<string, About> $known */
        static $known = [];

        return $known[$this->name] ??= self::fileOf($this->name)::about();
    }

    /** @return class-string<Kinds\Shake> every one of them has the like */
    private static function fileOf(string $name): string
    {
        /** @var class-string<Kinds\Shake> */
        return __NAMESPACE__."\\Kinds\\$name";
    }
}
