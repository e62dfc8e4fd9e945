<?php

declare(strict_types=1);

namespace RushHold\Kit;

use RushHold\Range;
use RushHold\Refused;

/** Distances between which the lens may look for focus; no far end means infinity. */
final readonly class FocusRange
{
    public function __construct(public float $nearM, public ?float $farM)
    {
        Range::of(0.05, 10000, 'm')->check('focus.range_m[0]', $nearM);
        if ($farM !== null && $farM <= $nearM) {
            throw Refused::beyond('focus.range_m', Range::above($nearM, 10000, 'm'), 'range-order');
        }
    }

    public function contains(float $metres): bool
    {
        return $metres >= $this->nearM && ($this->farM === null || $metres <= $this->farM);
    }
}
