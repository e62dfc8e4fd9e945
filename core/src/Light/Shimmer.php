<?php

declare(strict_types=1);

namespace RushHold\Light;

use RushHold\Quantity;
use RushHold\Said;

/**
 * How much warm air is likely to blur a distant subject. An indicator, not a measurement:
 * Fried’s parameter of a path over ground that is warmed by the sun, less with height above it and with a breeze.
 */
final readonly class Shimmer
{
    /**
     * Strength of turbulence a metre over grass under a high sun in calm air, m^(-2/3); published values by day run
     * from 1e-13 to 1e-12.
     */
    private const CN2 = 4e-13;

    /** Green light, m. */
    private const WAVELENGTH_M = 0.55e-6;

    private function __construct(
        /** Angular blur, rad. */
        public float $angleRad,
        /** `low`, `some` or `strong`. */
        public string $level,
    ) {
    }

    /**
     * @param  float  $sunHeightDeg  height of the sun; at and below 0 nothing is warmed
     * @param  float  $pathM  distance to the subject
     * @param  float  $aboveM  height of the line of sight over the surface
     * @param  float  $wind  0 calm to 1 strong
     */
    public static function of(
        float $sunHeightDeg,
        Sky $sky,
        Surface $surface,
        float $pathM,
        float $aboveM,
        float $wind,
    ): self {
        $sun =
            max(0.0, sin(deg2rad($sunHeightDeg))) *
            match ($sky) {
                Sky::Clear => 1.0,
                Sky::Partly => 0.6,
                Sky::Overcast => 0.15,
            };
        // Fried's parameter for a spherical wave, and the width at half height of what it leaves of a point.
        $cn2 = self::CN2 * $surface->warmth() * $sun * max(0.3, $aboveM) ** (-4 / 3) * (1 - 0.6 * $wind);
        $angle =
            0.98 *
            self::WAVELENGTH_M *
            (0.423 * ((2 * M_PI) / self::WAVELENGTH_M) ** 2 * 0.375 * $cn2 * max(0.0, $pathM)) ** 0.6;

        return new self(
            $angle,
            match (true) {
                $angle < 6e-6 => 'low',
                $angle < 15e-6 => 'some',
                default => 'strong',
            },
        );
    }

    public static function none(): self
    {
        return new self(0.0, 'low');
    }

    /** Blur on the sensor, µm. */
    public function blurUm(float $focalMm): float
    {
        return $this->angleRad * $focalMm * 1000;
    }

    public function said(): Said
    {
        return Said::of("shimmer.$this->level", angle: Quantity::figure(rad2deg($this->angleRad) * 3600, 1));
    }
}
