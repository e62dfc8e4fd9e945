<?php

declare(strict_types=1);

namespace RushHold\Planning;

use RushHold\Hold\Setting;

/** One thing to change on the camera before a rush. */
final readonly class Change
{
    /** @param  string|null  $danger  why leaving it would spoil the rush */
    public function __construct(
        /** Null for switches that are no setting of a hold. */
        public ?Setting $setting,
        public string $name,
        public string $from,
        public string $to,
        public ?string $danger,
    ) {
    }
}
