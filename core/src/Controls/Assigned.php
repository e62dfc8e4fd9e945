<?php

declare(strict_types=1);

namespace RushHold\Controls;

use RushHold\Hold\PartialHold;
use RushHold\Kit\ControlPlace;
use RushHold\Kit\Duty;

/** A control with its duty, and the set it puts in force while it is held. */
final readonly class Assigned
{
    public function __construct(public ControlPlace $place, public Duty $duty, public ?PartialHold $set = null)
    {
    }
}
