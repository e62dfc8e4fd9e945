<?php

declare(strict_types=1);

namespace RushHold\Blur;

/** The inverse of the blur budget: how long the shutter may stay open. */
final class SlowestShutter
{
    /**
     * Of what the fixed parts leave, movement may take half in squares, and focus the other half. Neither then
     * spoils a frame alone.
     */
    private const MOVEMENT_SHARE = 0.5;

    /** The width that movement may have so that the whole stays within $allowedUm, µm; 0 when nothing is left. */
    public static function movementShareUm(float $allowedUm, float $fixedUm): float
    {
        return sqrt(max(0.0, $allowedUm ** 2 - $fixedUm ** 2) * self::MOVEMENT_SHARE);
    }

    /**
     * The longest exposure in seconds for blur that grows evenly with time.
     *
     * @param  float  $ratesUmPerS  independent rates, µm of blur for each second
     * @return float seconds; infinite when nothing moves
     */
    public static function forShare(float $shareUm, float ...$ratesUmPerS): float
    {
        $rate = sqrt(array_sum(array_map(static fn (float $r): float => $r * $r, $ratesUmPerS)));

        return $rate < 1e-9 ? INF : $shareUm / $rate;
    }
}
