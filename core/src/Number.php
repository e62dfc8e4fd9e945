<?php

declare(strict_types=1);

namespace RushHold;

/** How numbers are written in sentences. */
final class Number
{
    /** Up to six significant digits, no exponent, no trailing zeros. */
    public static function plain(float $value): string
    {
        if (! is_finite($value)) {
            return is_nan($value) ? 'not a number' : 'infinite';
        }
        if ($value == 0.0) {
            return '0';
        }
        $decimals = max(0, 5 - (int) floor(log10(abs($value))));
        $text = number_format($value, min(9, $decimals), '.', '');

        return str_contains($text, '.') ? rtrim(rtrim($text, '0'), '.') : $text;
    }

    /** A count with its word: “1 stop”, “1.3 stops”. */
    public static function of(float $value, string $one, int $digits = 2): string
    {
        $text = self::significant($value, $digits);

        return $text === '1' ? "1 $one" : "$text {$one}s";
    }

    /** Rounded to $digits significant digits, written plainly: 17.42 becomes 17 with two digits. */
    public static function significant(float $value, int $digits = 2): string
    {
        if ($value == 0.0 || ! is_finite($value)) {
            return self::plain($value);
        }
        $scale = 10 ** ($digits - 1 - (int) floor(log10(abs($value))));

        return self::plain(round($value * $scale) / $scale);
    }
}
