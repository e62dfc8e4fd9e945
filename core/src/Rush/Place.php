<?php

declare(strict_types=1);

namespace RushHold\Rush;

use DateTimeImmutable;

/** Where and when a rush is, as far as the light needs it. */
final readonly class Place
{
    /**
     * @param  float  $latitudeDeg  −90 to 90
     * @param  float  $longitudeDeg  −180 to 180
     */
    public function __construct(public float $latitudeDeg, public float $longitudeDeg, public DateTimeImmutable $at)
    {
    }
}
