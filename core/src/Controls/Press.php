<?php

declare(strict_types=1);

namespace RushHold\Controls;

use RushHold\Hold\Setting;
use RushHold\Kit\ControlPlace;

/** One thing a hand does on the way from rest to the moment. */
final readonly class Press
{
    /**
     * @param  Setting|null  $setting  what is changed; null where a control is held
     * @param  mixed  $from  value before
     * @param  mixed  $to  value after
     * @param  int  $clicks  of a dial
     */
    public function __construct(
        public Way $way,
        public float $seconds,
        public ?ControlPlace $control = null,
        public ?Setting $setting = null,
        public mixed $from = null,
        public mixed $to = null,
        public int $clicks = 0,
    ) {
    }
}
