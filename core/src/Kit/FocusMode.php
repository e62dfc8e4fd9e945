<?php

declare(strict_types=1);

namespace RushHold\Kit;

use RushHold\Labelled;

/** What the body does with focus while the button is held. */
enum FocusMode: string implements Labelled
{
    case Single = 'single';
    case Continuous = 'continuous';
    case AutoSwitch = 'auto-switch';
    case SingleThenRing = 'single-then-ring';
    case Manual = 'manual';

    /** Measures at the press and keeps that distance, whatever the subject does. */
    public function locksOnce(): bool
    {
        return $this === self::Single || $this === self::SingleThenRing;
    }
}
