<?php

declare(strict_types=1);

namespace RushHold\Controls;

use RushHold\Hold\Hold;
use RushHold\Hold\PartialHold;
use RushHold\Hold\Setting;

/** What one rush of the day needs of the buttons, and what it loses when it gets it late. */
final readonly class Need
{
    /**
     * @param  float  $warningS  from seeing it come to the first frame, s
     * @param  float  $weight  how much its frames are wanted, above 0
     */
    public function __construct(
        public string $name,
        public Hold $hold,
        public float $warningS,
        public LateStart $late,
        public float $weight = 1.0,
    ) {
    }

    /** The settings of a set that this rush cannot do without: what is idle in its hold may be anything. */
    public function set(): PartialHold
    {
        return PartialHold::of($this->hold)->only(
            ...array_filter(Setting::inASet(), fn (Setting $setting): bool => ! $setting->isIdleIn($this->hold)),
        );
    }

    /** Share of its frames lost when everything stands after so many seconds. */
    public function lostAfter(float $seconds): float
    {
        return $this->late->lost(max(0.0, $seconds - $this->warningS));
    }
}
