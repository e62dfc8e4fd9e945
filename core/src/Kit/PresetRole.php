<?php

declare(strict_types=1);

namespace RushHold\Kit;

/** What a body's numbered response presets are for, whatever they are called. */
enum PresetRole: string
{
    case General = 'general';
    case IgnoreCrossing = 'ignore-crossing';
    case Grab = 'grab';
    case StartsStops = 'starts-stops';
    case Erratic = 'erratic';
    case Own = 'own';

    public function label(): string
    {
        return match ($this) {
            self::General => 'General',
            self::IgnoreCrossing => 'Ignore what crosses',
            self::Grab => 'Grab what appears',
            self::StartsStops => 'Starts and stops',
            self::Erratic => 'Erratic',
            self::Own => 'Own',
        };
    }

    /** @return array{int, int} stay and speed change that bodies usually give it */
    public function usual(): array
    {
        return match ($this) {
            self::General, self::Own => [2, 1],
            self::IgnoreCrossing => [4, 0],
            self::Grab => [0, 1],
            self::StartsStops => [2, 2],
            self::Erratic => [1, 2],
        };
    }
}
