<?php

declare(strict_types=1);

namespace RushHold\Planning;

use RushHold\Focus\LossCause;
use RushHold\Hold\Setting;
use RushHold\Quantity;
use RushHold\Said;

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
        /** What most of the frames it loses are lost to; null where it loses none. */
        public ?LossCause $cause = null,
    ) {
    }

    /** Why the setting stands as it does, when this change would lose frames that one would miss; null when not. */
    public function against(int $frames): ?Said
    {
        $cause = str_replace(' ', '-', $this->cause->value ?? '');

        return $this->change < 0 &&
            $this->cause !== null &&
            (new Chance($this->change, $this->standardError, $frames))->matters()
            ? Said::of(
                'line.would-lose',
                frames: Quantity::count(max(1.0, round(-$this->change * $frames)), 6),
                cause: Said::of("lost-to.$cause"),
            )
            : null;
    }
}
