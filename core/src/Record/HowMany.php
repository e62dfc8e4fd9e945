<?php

declare(strict_types=1);

namespace RushHold\Record;

use RushHold\Labelled;

/** How many frames of a burst were kept, as one says it in the field. */
enum HowMany: string implements Labelled
{
    case None = 'none';
    case Few = 'few';
    case Half = 'half';
    case Most = 'most';
    case All = 'all';

    /** The share that is meant, 0 to 1. */
    public function share(): float
    {
        return match ($this) {
            self::None => 0.0,
            self::Few => 0.2,
            self::Half => 0.5,
            self::Most => 0.8,
            self::All => 1.0,
        };
    }
}
