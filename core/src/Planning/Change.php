<?php

declare(strict_types=1);

namespace RushHold\Planning;

use RushHold\Hold\Setting;
use RushHold\Said;

/** One thing to change on the camera before a rush. */
final readonly class Change
{
    /**
     * @param  Setting|null  $setting  null for the switch on the lens, which is no setting of a hold
     * @param  mixed  $from  as a hold has it
     * @param  mixed  $to  as a hold has it
     * @param  Said|null  $danger  why leaving it would spoil the rush
     */
    public function __construct(public ?Setting $setting, public mixed $from, public mixed $to, public ?Said $danger)
    {
    }
}
