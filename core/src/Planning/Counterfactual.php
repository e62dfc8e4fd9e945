<?php

declare(strict_types=1);

namespace RushHold\Planning;

/** One setting of the winner changed, and what that does to its keepers. */
final readonly class Counterfactual
{
    public function __construct(
        public string $setting,
        public string|int|float|bool $from,
        public string|int|float|bool $to,
        /** Of the keeper rate, negative when the change loses keepers. */
        public float $change,
        public float $standardError,
    ) {
    }
}
