<?php

declare(strict_types=1);

namespace RushHold\Hold;

/** The pattern of the frame the body may focus with, from the smallest to the largest. */
enum Area: string implements Labelled
{
    case Pinpoint = 'pinpoint';
    case Point = 'point';
    case Point4 = 'point-4';
    case Point8 = 'point-8';
    case Point8Medium = 'point-8-medium';
    case Point8Large = 'point-8-large';
    case ZoneTall = 'zone-tall';
    case ZoneWide = 'zone-wide';
    case Zone = 'zone';
    case ZoneSide = 'zone-side';
    case Whole = 'whole';
    case Follow = 'follow';

    public function label(): string
    {
        return match ($this) {
            self::Pinpoint => 'Pinpoint',
            self::Point => 'Point',
            self::Point4 => 'Point + 4',
            self::Point8 => 'Point + 8',
            self::Point8Medium => 'Point + 8, medium',
            self::Point8Large => 'Point + 8, large',
            self::ZoneTall => 'Tall zone',
            self::ZoneWide => 'Wide zone',
            self::Zone => 'Zone',
            self::ZoneSide => 'Side zone',
            self::Whole => 'Whole frame',
            self::Follow => 'Pattern follow',
        };
    }

    /** Areas in which the body takes the nearest or crispest thing unless it detects a subject. */
    public function picksForItself(): bool
    {
        return match ($this) {
            self::ZoneTall, self::ZoneWide, self::Zone, self::ZoneSide, self::Whole => true,
            default => false,
        };
    }

    /** Areas that only look where the photographer puts them. */
    public function isPlaced(): bool
    {
        return ! $this->picksForItself() && $this !== self::Follow;
    }
}
