<?php

declare(strict_types=1);

namespace RushHold\Blur;

/**
 * What blurs a frame, each as an equivalent width on the sensor in µm. The parts are independent of each other,
 * so they add in squares.
 */
final readonly class BlurParts
{
    public function __construct(
        /** Disc of a point out of focus. */
        public float $defocusUm = 0.0,
        /** Body of the subject moving across the frame. */
        public float $subjectUm = 0.0,
        /** Camera shake. */
        public float $shakeUm = 0.0,
        /** Change of distance while the shutter is open. */
        public float $depthChangeUm = 0.0,
        /** What the lens itself leaves at this opening. */
        public float $lensUm = 0.0,
        /** Warm air. */
        public float $airUm = 0.0,
        /** Diffraction, as its width at half height. */
        public float $diffractionUm = 0.0,
        /** The pixel itself. */
        public float $pixelUm = 0.0,
    ) {
    }

    public function totalUm(): float
    {
        return sqrt($this->movingUm() ** 2 + $this->defocusUm ** 2 + $this->fixedUm() ** 2);
    }

    /** What a shorter exposure makes smaller. */
    public function movingUm(): float
    {
        return sqrt($this->subjectUm ** 2 + $this->shakeUm ** 2 + $this->depthChangeUm ** 2);
    }

    /** What neither shutter nor focus can change. */
    public function fixedUm(): float
    {
        return sqrt($this->lensUm ** 2 + $this->airUm ** 2 + $this->diffractionUm ** 2 + $this->pixelUm ** 2);
    }
}
