<?php

declare(strict_types=1);

namespace RushHold\Optics;

use RushHold\Range;

/**
 * A lens at one focal length, in the thin-lens model: distances are measured from the lens.
 *
 * Source: the Gaussian lens equation 1/f = 1/s + 1/v.
 */
final readonly class ThinLens
{
    /** @param  float  $focalMm  focal length including any extender, 1 to 3000 mm */
    public function __construct(public float $focalMm)
    {
        Range::of(1, 3000, 'mm')->check('focal_mm', $focalMm);
    }

    /** Size on the sensor ÷ size in the world, when focused at $focusM metres: f / (s − f). */
    public function magnification(float $focusM): float
    {
        return $this->focalMm / ($focusM * 1000 - $this->focalMm);
    }

    /** Length of the world that fills $sensorSideMm, in metres. */
    public function fieldM(float $focusM, float $sensorSideMm): float
    {
        return $sensorSideMm / $this->magnification($focusM) / 1000;
    }

    /** Distance from lens to sensor when focused at $focusM, in mm. */
    public function imageDistanceMm(float $focusM): float
    {
        $s = $focusM * 1000;

        return ($this->focalMm * $s) / ($s - $this->focalMm);
    }

    /**
     * Diameter of the defocus disc of a point at $subjectM when focused at $focusM, in micrometres:
     * (f/N) · f/(s − f) · |d − s|/d.
     */
    public function defocusUm(float $fNumber, float $focusM, float $subjectM): float
    {
        return (1000 * ($this->focalMm / $fNumber) * $this->magnification($focusM) * abs($subjectM - $focusM)) /
            $subjectM;
    }

    /**
     * How fast the image moves along the lens axis while the subject closes at $closingMps, in mm/s: the
     * time derivative of the image distance, m² · closing speed.
     */
    public function focusTravelMmPerS(float $distanceM, float $closingMps): float
    {
        return $this->magnification($distanceM) ** 2 * $closingMps * 1000;
    }
}
