<?php

declare(strict_types=1);

namespace RushHold\Light;

use RushHold\Labelled;

/** Where the sun is seen from the way the camera points. */
enum LightDirection: string implements Labelled
{
    case Front = 'front';
    case Side = 'side';
    case Back = 'back';
    /** The sun is below the horizon. */
    case None = 'none';

    /** Angle in degrees between the line of sight (level) and the sun. */
    public static function separationDeg(SunPosition $sun, float $shootingBearingDeg): float
    {
        $height = deg2rad($sun->heightDeg);
        $turn = deg2rad($sun->bearingDeg - $shootingBearingDeg);

        return rad2deg(acos(max(-1.0, min(1.0, cos($height) * cos($turn)))));
    }

    /** From where the lens points to the sun, round the horizon: 0 to 180 degrees. */
    public static function turnDeg(SunPosition $sun, float $shootingBearingDeg): float
    {
        return abs(fmod($sun->bearingDeg - $shootingBearingDeg + 540, 360) - 180);
    }

    /** The sun behind the camera lights the subject's front. */
    public static function of(SunPosition $sun, float $shootingBearingDeg): self
    {
        if ($sun->heightDeg <= 0) {
            return self::None;
        }
        $turn = self::turnDeg($sun, $shootingBearingDeg);

        return match (true) {
            $turn < 60 => self::Back,
            $turn < 120 => self::Side,
            default => self::Front,
        };
    }
}
