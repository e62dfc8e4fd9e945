<?php

declare(strict_types=1);

namespace RushHold\Planning;

use RushHold\Hold\Setting;
use RushHold\Said;

/** One setting of the hold as it is shown: value, reason, margin and the other choices. */
final readonly class HoldLine
{
    /**
     * @param  mixed  $value  as documents spell it
     * @param  list<Alternative>  $alternatives
     */
    public function __construct(
        public Setting $setting,
        public mixed $value,
        public Said $reason,
        public bool $pinned,
        public ?Margin $margin = null,
        public array $alternatives = [],
    ) {
    }
}
