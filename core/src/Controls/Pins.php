<?php

declare(strict_types=1);

namespace RushHold\Controls;

use RushHold\Hold\PartialHold;
use RushHold\Kit\ControlPlace;

/** What of a layout is to stay as it is: sets on controls, and what is in force at rest. */
final readonly class Pins
{
    /** @param  array<string, PartialHold|null>  $controls  by place; null: it is to hold no set */
    public function __construct(public array $controls = [], public ?PartialHold $rest = null)
    {
    }

    public static function none(): self
    {
        return new self();
    }

    public function has(ControlPlace $place): bool
    {
        return array_key_exists($place->value, $this->controls);
    }
}
