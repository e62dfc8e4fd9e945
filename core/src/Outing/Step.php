<?php

declare(strict_types=1);

namespace RushHold\Outing;

use RushHold\Controls\Press;
use RushHold\Controls\Reaching;
use RushHold\Kit\ControlPlace;

/** From one rush of an outing to the next. */
final readonly class Step
{
    /**
     * @param  Planned|null  $before  null for the first
     * @param  ControlPlace|null  $by  the control that is held for it; null: from rest
     * @param  list<Press>  $presses  what is held, then what is changed
     * @param  array<string, array{string, string}>  $kit  body, lens and extender that change, from and to
     */
    public function __construct(
        public Planned $next,
        public ?Planned $before,
        public ?ControlPlace $by,
        public array $presses,
        public array $kit,
    ) {
    }

    /** @return list<Press> what is changed by hand before it begins */
    public function changes(): array
    {
        return array_values(array_filter($this->presses, static fn (Press $p): bool => $p->setting !== null));
    }

    public function seconds(): float
    {
        return Reaching::seconds($this->changes());
    }
}
