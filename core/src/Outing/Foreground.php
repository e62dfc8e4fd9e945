<?php

declare(strict_types=1);

namespace RushHold\Outing;

use RushHold\Labelled;

/** What stands between camera and subject, as one sees it at a glance. */
enum Foreground: string implements Labelled
{
    case Open = 'open';
    case Some = 'some';
    case Thick = 'thick';

    /** Share of the view in front of the subject that is covered. */
    public function clutter(): float
    {
        return match ($this) {
            self::Open => 0.0,
            self::Some => 0.35,
            self::Thick => 0.7,
        };
    }
}
