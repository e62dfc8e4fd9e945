<?php

declare(strict_types=1);

namespace RushHold\Hold;

use RushHold\Labelled;

enum Stabiliser: string implements Labelled
{
    case Off = 'off';
    case On = 'on';
    /** Steadies across the movement only. */
    case Panning = 'panning';

    /** Stops that it takes off the shake of the camera. */
    public function stops(float $promised): float
    {
        return match ($this) {
            self::Off => 0.0,
            self::On => $promised,
            // One of two directions is left to the panning.
            self::Panning => $promised / 2,
        };
    }
}
