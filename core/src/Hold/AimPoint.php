<?php

declare(strict_types=1);

namespace RushHold\Hold;

use RushHold\Labelled;

/** The part of the subject that has to be sharp, and that the area is held on. */
enum AimPoint: string implements Labelled
{
    case Eye = 'eye';
    case Head = 'head';
    case Chest = 'chest';
    case Edge = 'edge';
    case Body = 'body';

    /**
     * The detail there, from that of the subject as a whole: an edge against what is behind it has detail where a plain
     * flank has little.
     *
     * @param  float  $contrast  0 to 1
     */
    public function contrast(float $contrast): float
    {
        return match ($this) {
            self::Eye => $contrast,
            self::Head, self::Chest => 0.9 * $contrast,
            self::Edge => max($contrast, 0.55),
            self::Body => 0.6 * $contrast,
        };
    }
}
