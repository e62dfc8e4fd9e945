<?php

declare(strict_types=1);

namespace RushHold\Kit;

use RushHold\Labelled;

/** Which of several things in an area the body takes. */
enum Wins: string implements Labelled
{
    case Held = 'held';
    case Middle = 'middle';
    case Nearest = 'nearest';

    public function label(): string
    {
        return match ($this) {
            self::Held => 'What is held',
            self::Middle => 'The middle one',
            self::Nearest => 'The nearest',
        };
    }
}
