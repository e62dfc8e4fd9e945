<?php

declare(strict_types=1);

namespace RushHold\Controls;

use RushHold\Kit\ControlPlace;

/** How one rush is reached: what is pressed, held and turned, in order, and what it costs. */
final readonly class Reached
{
    /**
     * @param  ControlPlace|null  $by  the control that is held; null: from rest
     * @param  list<Press>  $presses
     * @param  float  $lost  share of the keepers lost by being ready late
     */
    public function __construct(
        public Need $need,
        public ?ControlPlace $by,
        public array $presses,
        public float $lost,
    ) {
    }

    public function seconds(): float
    {
        return Reaching::seconds($this->presses);
    }

    /** Whether the eye leaves the finder on the way. */
    public function takesALook(): bool
    {
        foreach ($this->presses as $press) {
            if ($press->way->takesALook()) {
                return true;
            }
        }

        return false;
    }
}
