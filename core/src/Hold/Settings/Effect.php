<?php

declare(strict_types=1);

namespace RushHold\Hold\Settings;

/** What settings that few bodies offer do in a rush; the simulation adds up those of a hold. */
final readonly class Effect
{
    /**
     * @param  float  $soonerS  by how much focus is at work before the finger would have it so, s
     * @param  float  $strays  chance that focus does not wait where it was set, but on what is behind, 0 to 1
     * @param  float  $spentS  frames of so many seconds go into the buffer before a burst begins
     */
    public function __construct(public float $soonerS = 0.0, public float $strays = 0.0, public float $spentS = 0.0)
    {
    }

    /** Both at once. What waits for the same finger is saved once. */
    public function and(self $other): self
    {
        return new self(
            max($this->soonerS, $other->soonerS),
            max($this->strays, $other->strays),
            $this->spentS + $other->spentS,
        );
    }
}
