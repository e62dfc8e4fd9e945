<?php

declare(strict_types=1);

namespace RushHold\Planning;

use RushHold\Hold\Setting;

/** One setting of the winner changed, and what that does to its keepers. */
final readonly class Counterfactual
{
    public function __construct(
        public Setting $setting,
        public mixed $from,
        public mixed $to,
        /** Of the keeper rate, negative when the change loses keepers. */
        public float $change,
        public float $standardError,
    ) {
    }
}
