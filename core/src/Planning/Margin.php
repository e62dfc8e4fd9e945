<?php

declare(strict_types=1);

namespace RushHold\Planning;

/** How much of what is allowed a setting uses. */
final readonly class Margin
{
    /** @param  string  $what  what is compared and in what unit: `margin.` and this in the catalogue */
    public function __construct(public string $what, public float $used, public float $allowed)
    {
    }

    /** Below one there is room; above one it does not fit. */
    public function share(): float
    {
        return $this->allowed > 0 ? $this->used / $this->allowed : ($this->used > 0 ? INF : 0.0);
    }
}
