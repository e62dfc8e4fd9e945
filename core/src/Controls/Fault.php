<?php

declare(strict_types=1);

namespace RushHold\Controls;

use RushHold\Kit\ControlPlace;
use RushHold\Said;

/** Something about a layout that will go wrong in the field: where, what, and the way out. */
final readonly class Fault
{
    public function __construct(
        public string $what,
        public ?ControlPlace $where,
        public Said $sentence,
        public Said $wayOut,
    ) {
    }
}
