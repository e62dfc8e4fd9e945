<?php

declare(strict_types=1);

namespace RushHold\Outing;

use RushHold\Labelled;

/** Which way something comes, as one sees it at a glance. */
enum Heading: string implements Labelled
{
    case Towards = 'towards';
    case Left = 'left';
    case Right = 'right';
    case Away = 'away';

    /** As paths have it: 0 straight at the camera, 90 across to the right. */
    public function degrees(): float
    {
        return match ($this) {
            self::Towards => 10.0,
            self::Left => -80.0,
            self::Right => 80.0,
            self::Away => 170.0,
        };
    }
}
