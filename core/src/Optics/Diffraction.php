<?php

declare(strict_types=1);

namespace RushHold\Optics;

/** Blur by the opening itself, for green light. Source: the Airy pattern of a circular opening. */
final class Diffraction
{
    /** Green light, where the eye is most sensitive, µm. */
    public const WAVELENGTH_UM = 0.55;

    /** Diameter of the first dark ring, µm: 2.44·λ·N. */
    public static function discUm(float $fNumber): float
    {
        return 2.44 * self::WAVELENGTH_UM * $fNumber;
    }

    /** Width at half height, µm: 1.03·λ·N. This is the width that adds in squares with other blurs. */
    public static function widthUm(float $fNumber): float
    {
        return 1.03 * self::WAVELENGTH_UM * $fNumber;
    }

    /**
     * The f-number at which the disc fills the circle of confusion, which is two pixels where pixels are looked at;
     * beyond it fine detail goes.
     */
    public static function limitFor(float $cocUm): float
    {
        return $cocUm / (2.44 * self::WAVELENGTH_UM);
    }
}
