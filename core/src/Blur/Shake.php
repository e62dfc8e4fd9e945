<?php

declare(strict_types=1);

namespace RushHold\Blur;

/** How much the camera itself turns during the exposure. */
final class Shake
{
    /**
     * Angular rate of an average person's hands, rad/s. Calibrated so that the old rule, 1/focal length, gives
     * the textbook circle of 0.03 mm on a 36×24 mm sensor: rate × f × 1/f = 0.03.
     */
    public const HANDS_RAD_PER_S = 0.03;

    /** The best a stabiliser is believed to leave while the person also follows something: a tenth of the shake. */
    private const STABILISER_FLOOR = 0.1;

    /**
     * The rate that is left, rad/s.
     *
     * @param  float  $left  share of hand-held shake that the support leaves, 0 to 1
     * @param  float  $steadiness  0 to 1, the same skill that holds an area on a subject
     * @param  float  $stabiliserStops  stops the stabiliser promises; 0 when it is off
     */
    public static function rateRadPerS(float $left, float $steadiness, float $stabiliserStops): float
    {
        $steady = 1.3 - 0.6 * $steadiness;
        $stabiliser = max(self::STABILISER_FLOOR, 2 ** -$stabiliserStops);

        return self::HANDS_RAD_PER_S * $left * $steady * $stabiliser;
    }

    /** Blur on the sensor, µm. */
    public static function blurUm(float $rateRadPerS, float $focalMm, float $shutterS): float
    {
        return 1000 * $rateRadPerS * $focalMm * $shutterS;
    }
}
