<?php

declare(strict_types=1);

namespace RushHold\Motion;

use RushHold\Optics\ThinLens;

/** A subject's movement as the sensor gets it. */
final readonly class ImageMotion
{
    private function __construct(
        public float $magnification,
        /** Across the sensor, with a camera that stands still, mm/s. */
        public float $acrossMmPerS,
        public float $acrossPxPerS,
        /** Along the axis: what the focus drive has to keep up with, mm/s, positive when closing. */
        public float $focusTravelMmPerS,
    ) {
    }

    /** @param  float  $pitchMm  pixel pitch, mm */
    public static function of(PathPoint $point, ThinLens $lens, float $pitchMm): self
    {
        $distance = max($point->distanceM, (1.2 * $lens->focalMm) / 1000);
        $magnification = $lens->magnification($distance);
        $across = $point->transverseMps * 1000 * $magnification;

        return new self(
            $magnification,
            $across,
            $across / $pitchMm,
            $lens->focusTravelMmPerS($distance, $point->closingMps),
        );
    }

    /**
     * Smear of the body of the subject, µm.
     *
     * @param  float  $panningRemoved  share of the movement that following takes out, 0 to 1
     */
    public function bodyBlurUm(float $shutterS, float $panningRemoved): float
    {
        return 1000 * $this->acrossMmPerS * $shutterS * (1 - $panningRemoved);
    }

    /** Smear of limbs, µm: their own speed, which following does not take out. */
    public function limbBlurUm(float $shutterS, float $limbSpeedMps): float
    {
        return 1e6 * $limbSpeedMps * $this->magnification * $shutterS;
    }
}
