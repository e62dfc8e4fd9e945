<?php

declare(strict_types=1);

namespace RushHold\Optics;

/**
 * Third-stop scales of f-number, shutter time and ISO: computed with exact powers of 2^(1/3), shown with the
 * customary rounded values.
 */
final class StopScale
{
    private const F_LABELS = [
        '1',
        '1.1',
        '1.2',
        '1.4',
        '1.6',
        '1.8',
        '2',
        '2.2',
        '2.5',
        '2.8',
        '3.2',
        '3.5',
        '4',
        '4.5',
        '5',
        '5.6',
        '6.3',
        '7.1',
        '8',
        '9',
        '10',
        '11',
        '13',
        '14',
        '16',
        '18',
        '20',
        '22',
        '25',
        '29',
        '32',
        '36',
        '40',
        '45',
        '51',
        '57',
        '64',
    ];

    private const SPEED_LABELS = [
        1,
        1.3,
        1.6,
        2,
        2.5,
        3,
        4,
        5,
        6,
        8,
        10,
        13,
        15,
        20,
        25,
        30,
        40,
        50,
        60,
        80,
        100,
        125,
        160,
        200,
        250,
        320,
        400,
        500,
        640,
        800,
        1000,
        1250,
        1600,
        2000,
        2500,
        3200,
        4000,
        5000,
        6400,
        8000,
        10000,
        12800,
        16000,
        20000,
        25600,
        32000,
    ];

    private const ISO_LABELS = [
        25,
        32,
        40,
        50,
        64,
        80,
        100,
        125,
        160,
        200,
        250,
        320,
        400,
        500,
        640,
        800,
        1000,
        1250,
        1600,
        2000,
        2500,
        3200,
        4000,
        5000,
        6400,
        8000,
        10000,
        12800,
        16000,
        20000,
        25600,
        32000,
        40000,
        51200,
        64000,
        80000,
        102400,
        128000,
        160000,
        204800,
    ];

    /** An exact power is this near to its customary value, as a logarithm; half a stop is not. */
    private const ABOUT = 0.05;

    /**
     * Exact f-numbers from $widest to $smallest, thirds apart; the ends are always among them.
     *
     * @return list<float>
     */
    public static function fNumbers(float $widest, float $smallest): array
    {
        $values = [$widest];
        for ($n = 0; $n < count(self::F_LABELS); $n++) {
            $exact = 2 ** ($n / 6);
            // A stop within a twelfth of the end is the end itself under its customary name.
            if ($exact > $widest * 2 ** (1 / 24) && $exact < $smallest * 2 ** (-1 / 24)) {
                $values[] = $exact;
            }
        }
        if ($smallest > $widest) {
            $values[] = $smallest;
        }

        return $values;
    }

    /**
     * Exact shutter times in seconds from one second to the fastest, longest first.
     *
     * @return list<float>
     */
    public static function shutters(float $fastestS): array
    {
        $values = [];
        for ($n = 0; $n < count(self::SPEED_LABELS); $n++) {
            $exact = 2.0 ** (-$n / 3);
            if ($exact >= $fastestS * 0.97) {
                $values[] = $exact;
            }
        }

        return $values;
    }

    /** ISO rounded to the nearest third of a stop, as an exact power from 100. */
    public static function iso(float $iso): float
    {
        return 100 * 2 ** (round(3 * log($iso / 100, 2)) / 3);
    }

    /** The customary name of an f-number: “f/5.6”. */
    public static function fLabel(float $fNumber): string
    {
        $n = (int) round(6 * log($fNumber, 2));
        $exact = 2 ** ($n / 6);
        $label = self::F_LABELS[$n] ?? null;

        return 'f/'.($label !== null && abs($exact / $fNumber - 1) < 0.045 ? $label : (string) round($fNumber, 1));
    }

    /** The customary name of a shutter time: “1/3200 s”, “1.3 s”. */
    public static function shutterLabel(float $shutterS): string
    {
        if ($shutterS >= 0.4) {
            return round($shutterS, 1).' s';
        }

        return '1/'.self::speedLabel(1 / $shutterS).' s';
    }

    /** What a camera wrote: by its customary name where it is about that, as it stands where it is not. */
    public static function writtenShutter(float $shutterS): string
    {
        $speed = self::nearest(self::SPEED_LABELS, 1 / $shutterS);

        return $shutterS >= 0.4 || self::about($speed, 1 / $shutterS)
            ? self::shutterLabel($shutterS)
            : '1/'.round(1 / $shutterS).' s';
    }

    /** The same for an ISO. */
    public static function writtenIso(float $iso): int
    {
        return self::about(self::isoLabel($iso), $iso) ? self::isoLabel($iso) : (int) round($iso);
    }

    private static function about(float $customary, float $value): bool
    {
        return abs(log($customary / $value)) < self::ABOUT;
    }

    /** The customary value nearest to an ISO. */
    public static function isoLabel(float $iso): int
    {
        return (int) self::nearest(self::ISO_LABELS, $iso);
    }

    private static function speedLabel(float $speed): string
    {
        return (string) self::nearest(self::SPEED_LABELS, $speed);
    }

    /** @param  list<int|float>  $labels */
    private static function nearest(array $labels, float $value): int|float
    {
        $best = $labels[0];
        foreach ($labels as $label) {
            if (abs(log($label / $value)) < abs(log($best / $value))) {
                $best = $label;
            }
        }

        return $best;
    }
}
