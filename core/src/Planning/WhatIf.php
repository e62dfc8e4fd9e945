<?php

declare(strict_types=1);

namespace RushHold\Planning;

use RushHold\Focus\LossCause;
use RushHold\Said;

/** One thing about the situation changed, everything solved and played again. */
final readonly class WhatIf
{
    public function __construct(
        public string $change,
        public Said $sentence,
        /** Of the keeper rate. */
        public float $gain,
        public float $standardError,
        /** What it saves most frames from; null where it saves none. */
        public ?LossCause $against = null,
    ) {
    }
}
