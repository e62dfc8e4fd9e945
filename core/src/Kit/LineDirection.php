<?php

declare(strict_types=1);

namespace RushHold\Kit;

/** Which lines of a subject a one-direction focus point measures; lines along its own axis give it nothing. */
enum LineDirection: string
{
    case Upright = 'upright';
    case Level = 'level';

    public function label(): string
    {
        return match ($this) {
            self::Upright => 'Upright lines',
            self::Level => 'Level lines',
        };
    }
}
