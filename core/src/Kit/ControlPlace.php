<?php

declare(strict_types=1);

namespace RushHold\Kit;

/** A control that a hand reaches without looking. */
enum ControlPlace: string
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

    public function label(): string
    {
        return match ($this) {
            self::HalfPress => 'Shutter, half pressed',
            self::Thumb1 => 'Thumb button',
            self::Thumb2 => 'Second thumb button',
            self::Thumb3 => 'Third thumb button',
            self::Front1 => 'Front button',
            self::Front2 => 'Second front button',
            self::Barrel => 'Button on the lens',
            self::Stick => 'Stick, pressed',
            self::Touch => 'Touch screen',
        };
    }
}
