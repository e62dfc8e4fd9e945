<?php

declare(strict_types=1);

namespace RushHold\Hold;

/** Which of several things in an area is kept. */
enum Priority: string implements Labelled
{
    case First = 'first';
    case Centre = 'centre';
    case Nearest = 'nearest';

    public function label(): string
    {
        return match ($this) {
            self::First => 'First caught',
            self::Centre => 'Centre',
            self::Nearest => 'Nearest',
        };
    }
}
