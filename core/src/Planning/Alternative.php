<?php

declare(strict_types=1);

namespace RushHold\Planning;

use RushHold\Said;

/** A value that was not chosen, and why. */
final readonly class Alternative
{
    /** @param  bool  $possible  false when it was ruled out, true when something merely suits better */
    public function __construct(
        public string|int|float|bool|null $value,
        public Said $because,
        public bool $possible,
    ) {
    }
}
