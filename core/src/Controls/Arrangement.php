<?php

declare(strict_types=1);

namespace RushHold\Controls;

use RushHold\Hold\PartialHold;
use RushHold\Kit\ControlPlace;
use RushHold\Kit\Duty;

/** What every control of a body does, the sets they hold, and what is in force when nothing is pressed. */
final readonly class Arrangement
{
    /**
     * @param  PartialHold  $rest  in force when nothing is pressed
     * @param  list<Assigned>  $controls
     * @param  bool  $focusesAlways  whether the body focuses all the time, whatever is pressed
     */
    public function __construct(public PartialHold $rest, public array $controls, public bool $focusesAlways = false)
    {
    }

    /** @return list<Assigned> the controls that hold sets */
    public function sets(): array
    {
        return array_values(array_filter($this->controls, static fn (Assigned $a): bool => $a->set !== null));
    }

    /** @return list<ControlPlace> the controls that start focus */
    public function starters(): array
    {
        return array_map(
            static fn (Assigned $a): ControlPlace => $a->place,
            array_values(array_filter($this->controls, static fn (Assigned $a): bool => $a->duty === Duty::StartFocus)),
        );
    }
}
