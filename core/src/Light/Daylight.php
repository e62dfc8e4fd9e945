<?php

declare(strict_types=1);

namespace RushHold\Light;

use RushHold\Range;

/**
 * Light on open level ground from the height of the sun and the sky.
 *
 * Source: IES daylight formulas above the horizon; below it, illuminance runs evenly in its logarithm through the
 * usual values at −6° (3.4 lx) and −12° (0.008 lx).
 */
final class Daylight
{
    private const CIVIL_LUX = 3.4;

    private const NAUTICAL_LUX = 0.008;

    /** Share of the light that meadow, sand or water throws back. */
    private const GROUND = 0.2;

    /** Starlight: it does not get darker than this, lx. */
    private const NIGHT_LUX = 0.0005;

    /** @param  float  $sunHeightDeg  −90 to 90 degrees above the horizon */
    public static function lux(float $sunHeightDeg, Sky $sky): float
    {
        Range::of(-90, 90, 'degrees')->check('light.sun_height_deg', $sunHeightDeg);
        if ($sunHeightDeg >= 0) {
            return self::byDay($sunHeightDeg, $sky);
        }
        // Cloud takes the same share of twilight as of the last daylight.
        $horizon = self::byDay(0.0, $sky);
        $cloud = $horizon / self::byDay(0.0, Sky::Clear);
        $lux =
            $sunHeightDeg >= -6
                ? exp(log($horizon) + ((log(self::CIVIL_LUX * $cloud) - log($horizon)) * $sunHeightDeg) / -6)
                : self::CIVIL_LUX * $cloud * (self::NAUTICAL_LUX / self::CIVIL_LUX) ** (($sunHeightDeg + 6) / -6);

        return max(self::NIGHT_LUX, $lux);
    }

    public static function ev100(float $sunHeightDeg, Sky $sky): float
    {
        return log(self::lux($sunHeightDeg, $sky) / 2.5, 2);
    }

    /**
     * Stops by which what stands upright is brighter than level ground, where a low sun shines at it from behind the
     * camera; 0 where the ground gets more. The upright side gets the sun's own light by the cosine of its angle, half
     * of the sky's, and half of what the ground throws back.
     *
     * @param  float  $turnDeg  from straight behind the camera to the sun, 0 to 180 degrees
     */
    public static function uprightStops(float $sunHeightDeg, Sky $sky, float $turnDeg): float
    {
        if ($sunHeightDeg <= 0 || $turnDeg >= 90) {
            return 0.0;
        }
        $sine = sin(deg2rad($sunHeightDeg));
        $level = self::byDay($sunHeightDeg, $sky);
        $upright =
            1000 *
                (self::direct($sine, $sky) * cos(deg2rad($sunHeightDeg)) * cos(deg2rad($turnDeg)) +
                    self::diffuse($sine, $sky) / 2) +
            (self::GROUND * $level) / 2;

        return max(0.0, log($upright / $level, 2));
    }

    private static function byDay(float $sunHeightDeg, Sky $sky): float
    {
        $sine = sin(deg2rad($sunHeightDeg));

        return 1000 * (self::direct($sine, $sky) * $sine + self::diffuse($sine, $sky));
    }

    /** The sun's own light on what faces it, klx. */
    private static function direct(float $sine, Sky $sky): float
    {
        return match ($sky) {
            Sky::Clear => 127.5 * exp(-0.21 / max(1e-6, $sine)),
            Sky::Partly => 127.5 * exp(-0.8 / max(1e-6, $sine)),
            Sky::Overcast => 0.0,
        };
    }

    /** The sky's light on level ground, klx. */
    private static function diffuse(float $sine, Sky $sky): float
    {
        return match ($sky) {
            Sky::Clear => 0.8 + 15.5 * sqrt($sine),
            Sky::Partly => 0.3 + 45.0 * $sine,
            Sky::Overcast => 0.3 + 21.0 * $sine,
        };
    }
}
