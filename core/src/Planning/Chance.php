<?php

declare(strict_types=1);

namespace RushHold\Planning;

use RushHold\Quantity;
use RushHold\Said;

/** A difference of keeper rates on the same chances: when it is more than chance, and worth a word. */
final readonly class Chance
{
    /** Differences up to so many of their standard errors may be chance: one in twenty is more. */
    private const ERRORS = 2.0;

    /** Nobody notices less than this many frames of a pass. */
    private const LEAST_FRAMES = 0.5;

    /**
     * @param  float  $difference  of keeper rates
     * @param  float  $standardError  of the difference
     * @param  int  $frames  of a pass
     */
    public function __construct(private float $difference, private float $standardError, private int $frames)
    {
    }

    public function matters(): bool
    {
        return abs($this->difference) > self::ERRORS * $this->standardError &&
            abs($this->difference) * $this->frames >= self::LEAST_FRAMES;
    }

    /** What changing to this costs or brings. */
    public function changing(string $to): Said
    {
        return match (true) {
            ! $this->matters() => Said::of('why.none', to: $to),
            $this->difference < 0 => Said::of('why.loses', to: $to, frames: $this->inFrames()),
            default => Said::of('why.gains', to: $to, frames: $this->inFrames()),
        };
    }

    /** The second of two set-ups against the first. */
    public function comparing(): Said
    {
        return $this->matters()
            ? Said::of(
                'comparison.differs',
                frames: $this->inFrames(),
                more: $this->difference > 0,
                pass: Quantity::count($this->frames, 6),
                noise: Quantity::count(max(1.0, round(self::ERRORS * $this->standardError * $this->frames)), 6),
            )
            : Said::of('comparison.none');
    }

    private function inFrames(): Quantity
    {
        return Quantity::count(max(1.0, round(abs($this->difference) * $this->frames)), 6);
    }
}
