<?php

declare(strict_types=1);

namespace RushHold\Kit;

use RushHold\Labelled;

/** The pattern of the frame the body may focus with, from the smallest to the largest. */
enum Area: string implements Labelled
{
    case Speck = 'speck';
    case Point = 'point';
    case Plus = 'plus';
    case RingSmall = 'ring-small';
    case RingMedium = 'ring-medium';
    case RingLarge = 'ring-large';
    case Column = 'column';
    case Band = 'band';
    case Block = 'block';
    case Side = 'side';
    case Whole = 'whole';
    case Follow = 'follow';

    /** Areas in which the body takes the nearest or crispest thing unless it detects a subject. */
    public function picksForItself(): bool
    {
        return match ($this) {
            self::Column, self::Band, self::Block, self::Side, self::Whole => true,
            default => false,
        };
    }

    /** Areas that only look where the photographer puts them. */
    public function isPlaced(): bool
    {
        return ! $this->picksForItself() && $this !== self::Follow;
    }
}
