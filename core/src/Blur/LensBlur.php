<?php

declare(strict_types=1);

namespace RushHold\Blur;

/** What the lens leaves at each opening, in a two-parameter picture of any decent lens. */
final class LensBlur
{
    /** Blur at its best opening, µm: about what a good lens resolves. */
    private const BEST_UM = 3.0;

    /** Added for each stop opened beyond the best, µm. */
    private const PER_STOP_UM = 3.0;

    /** An extender magnifies what the lens leaves. */
    public static function um(float $fNumber, float $widest, float $bestStopsDown, float $extender = 1.0): float
    {
        $stopsDown = 2 * log($fNumber / $widest, 2);
        $wide = max(0.0, $bestStopsDown - $stopsDown);

        return sqrt(self::BEST_UM ** 2 + (self::PER_STOP_UM * $wide) ** 2) * $extender;
    }
}
