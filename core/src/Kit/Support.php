<?php

declare(strict_types=1);

namespace RushHold\Kit;

use RushHold\Labelled;

/** What carries the camera. */
enum Support: string implements Labelled
{
    case Handheld = 'handheld';
    /** Lying flat or elbows on the ground. */
    case Prone = 'prone';
    case Beanbag = 'beanbag';
    case Monopod = 'monopod';
    /** With a fluid or gimbal head, free to follow. */
    case Tripod = 'tripod';

    /** Share of hand-held shake that is left. Typical of published comparisons of supports with long lenses. */
    public function shake(): float
    {
        return match ($this) {
            self::Handheld => 1.0,
            self::Prone => 0.5,
            self::Monopod => 0.35,
            self::Beanbag => 0.2,
            self::Tripod => 0.12,
        };
    }
}
