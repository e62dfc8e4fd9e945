<?php

declare(strict_types=1);

namespace RushHold\Review;

/**
 * The noise of a picture, from where it is calmest: the mean deviation from what the eight neighbours let expect, in
 * blocks of eight by eight, of which the calmest tenth is believed.
 *
 * Source: J. Immerkær, Fast noise variance estimation, 1996.
 */
final class Grain
{
    private const BLOCK = 8;

    private const CALMEST = 0.1;

    /** @return float standard deviation, as a share of white */
    public static function of(Patch $patch): float
    {
        [$w, $light] = [$patch->wide, $patch->light];
        $blocks = [];
        for ($by = 1; $by + self::BLOCK < $patch->high; $by += self::BLOCK) {
            for ($bx = 1; $bx + self::BLOCK < $w; $bx += self::BLOCK) {
                $sum = 0.0;
                for ($y = $by; $y < $by + self::BLOCK; $y++) {
                    for ($x = $bx, $i = $y * $w + $bx; $x < $bx + self::BLOCK; $x++, $i++) {
                        $sum += abs(
                            $light[$i - $w - 1] +
                                $light[$i - $w + 1] +
                                $light[$i + $w - 1] +
                                $light[$i + $w + 1] -
                                2 * ($light[$i - $w] + $light[$i + $w] + $light[$i - 1] + $light[$i + 1]) +
                                4 * $light[$i],
                        );
                    }
                }
                $blocks[] = $sum;
            }
        }
        if ($blocks === []) {
            return 0.0;
        }
        sort($blocks);

        return ((sqrt(M_PI / 2) / 6) * $blocks[(int) (self::CALMEST * (count($blocks) - 1))]) / self::BLOCK ** 2;
    }
}
