<?php

declare(strict_types=1);

namespace RushHold\Kit;

/** A control of a body, and what the body lets it do. */
final readonly class Control
{
    /** @param  list<Duty>  $may */
    public function __construct(public ControlPlace $place, public array $may)
    {
    }

    public function may(Duty $duty): bool
    {
        return in_array($duty, $this->may, true);
    }
}
