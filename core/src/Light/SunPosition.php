<?php

declare(strict_types=1);

namespace RushHold\Light;

use DateTimeImmutable;
use RushHold\Range;

/**
 * Where the sun stands for a place and a moment.
 *
 * Source: the NOAA solar calculation (after Meeus, Astronomical Algorithms), within a few hundredths of a degree
 * between 1900 and 2100.
 */
final readonly class SunPosition
{
    private function __construct(
        /** Above the horizon, with the air's bending, degrees. */
        public float $heightDeg,
        /** Clockwise from north, 0 to 360 degrees. */
        public float $bearingDeg,
    ) {
    }

    /**
     * @param  float  $latitudeDeg  north positive, −90 to 90
     * @param  float  $longitudeDeg  east positive, −180 to 180
     */
    public static function at(float $latitudeDeg, float $longitudeDeg, DateTimeImmutable $moment): self
    {
        Range::of(-90, 90, 'degrees')->check('light.latitude_deg', $latitudeDeg);
        Range::of(-180, 180, 'degrees')->check('light.longitude_deg', $longitudeDeg);

        $julianDay = $moment->getTimestamp() / 86400 + 2440587.5;
        $century = ($julianDay - 2451545) / 36525;

        $meanLongitude = self::turn(280.46646 + $century * (36000.76983 + $century * 0.0003032));
        $anomaly = deg2rad(357.52911 + $century * (35999.05029 - 0.0001537 * $century));
        $eccentricity = 0.016708634 - $century * (0.000042037 + 0.0000001267 * $century);
        $centre =
            sin($anomaly) * (1.914602 - $century * (0.004817 + 0.000014 * $century)) +
            sin(2 * $anomaly) * (0.019993 - 0.000101 * $century) +
            sin(3 * $anomaly) * 0.000289;
        $node = deg2rad(125.04 - 1934.136 * $century);
        $apparent = deg2rad($meanLongitude + $centre - 0.00569 - 0.00478 * sin($node));
        $obliquity = deg2rad(
            23 +
                (26 + (21.448 - $century * (46.815 + $century * (0.00059 - $century * 0.001813))) / 60) / 60 +
                0.00256 * cos($node),
        );
        $declination = asin(sin($obliquity) * sin($apparent));

        $y = tan($obliquity / 2) ** 2;
        $mean = deg2rad($meanLongitude);
        $equationMin =
            4 *
            rad2deg(
                $y * sin(2 * $mean) -
                    2 * $eccentricity * sin($anomaly) +
                    4 * $eccentricity * $y * sin($anomaly) * cos(2 * $mean) -
                    0.5 * $y * $y * sin(4 * $mean) -
                    1.25 * $eccentricity ** 2 * sin(2 * $anomaly),
            );

        $minutes = fmod($moment->getTimestamp() / 60, 1440);
        $solarMin = fmod($minutes + $equationMin + 4 * $longitudeDeg + 2880, 1440);
        $hourAngle = deg2rad($solarMin / 4 - 180);

        $latitude = deg2rad($latitudeDeg);
        $sine = sin($latitude) * sin($declination) + cos($latitude) * cos($declination) * cos($hourAngle);
        $height = rad2deg(asin(max(-1.0, min(1.0, $sine))));
        $bearing =
            rad2deg(atan2(sin($hourAngle), cos($hourAngle) * sin($latitude) - tan($declination) * cos($latitude))) +
            180;

        return new self($height + self::refractionDeg($height), self::turn($bearing));
    }

    /** How far the air lifts the sun, degrees. Source: NOAA's piecewise formula. */
    private static function refractionDeg(float $heightDeg): float
    {
        if ($heightDeg > 85) {
            return 0.0;
        }
        $tan = tan(deg2rad($heightDeg));
        $seconds = match (true) {
            $heightDeg > 5 => 58.1 / $tan - 0.07 / $tan ** 3 + 0.000086 / $tan ** 5,
            $heightDeg > -0.575 => 1735 +
                $heightDeg * (-518.2 + $heightDeg * (103.4 + $heightDeg * (-12.79 + $heightDeg * 0.711))),
            default => -20.774 / $tan,
        };

        return $seconds / 3600;
    }

    private static function turn(float $degrees): float
    {
        return fmod(fmod($degrees, 360) + 360, 360);
    }
}
