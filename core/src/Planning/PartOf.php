<?php

declare(strict_types=1);

namespace RushHold\Planning;

use RushHold\Focus\Stage;

/** The stage of a larger question, which says itself how far it has come. */
final readonly class PartOf implements Stage
{
    public function __construct(private Stage $whole)
    {
    }

    public function play(array $plays): array
    {
        return $this->whole->play($plays);
    }

    public function reached(float $done): void
    {
    }
}
