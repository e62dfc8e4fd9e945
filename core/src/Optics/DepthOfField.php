<?php

declare(strict_types=1);

namespace RushHold\Optics;

/**
 * The distances between which a point is drawn no larger than the circle of confusion.
 *
 * Source: the textbook formulas through the hyperfocal distance H = f²/(N·c) + f.
 */
final readonly class DepthOfField
{
    private function __construct(
        public float $hyperfocalM,
        public float $nearM,
        /** Infinite (INF) from the hyperfocal distance on. */
        public float $farM,
    ) {
    }

    /**
     * @param  float  $cocMm  circle of confusion, mm
     * @param  float  $focusM  focus distance, m, beyond the focal length
     */
    public static function at(ThinLens $lens, float $fNumber, float $cocMm, float $focusM): self
    {
        $f = $lens->focalMm;
        $s = $focusM * 1000;
        $hyperfocal = ($f * $f) / ($fNumber * $cocMm) + $f;
        $near = ($s * ($hyperfocal - $f)) / ($hyperfocal + $s - 2 * $f);
        $far = $s >= $hyperfocal ? INF : ($s * ($hyperfocal - $f)) / ($hyperfocal - $s);

        return new self($hyperfocal / 1000, $near / 1000, $far / 1000);
    }

    /** Length of the sharp zone in metres, possibly infinite. */
    public function depthM(): float
    {
        return $this->farM - $this->nearM;
    }

    /**
     * Frames that fall in the zone while the subject crosses it: depth ÷ closing speed × frame rate. Less than
     * one is the chance of a single frame.
     *
     * @param  float  $closingMps  speed along the line of sight, m/s, either sign; infinite frames when nearly none
     */
    public function framesInside(float $closingMps, float $framesPerS): float
    {
        return abs($closingMps) < 1e-9 ? INF : ($this->depthM() / abs($closingMps)) * $framesPerS;
    }
}
