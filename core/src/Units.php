<?php

declare(strict_types=1);

namespace RushHold;

/**
 * How lengths and speeds are said. Sentences of the core carry them as `{20 m}`, `{35 cm}` and `{17 m/s}`;
 * what happens on the sensor side stays in millimetres and micrometres in both systems, as on every lens.
 */
enum Units: string
{
    case Metric = 'metric';
    case Imperial = 'imperial';

    private const FEET = 3.28084;

    private const MILES_PER_HOUR = 2.236936;

    /** Puts the quantities of a sentence into these units. */
    public function say(string $sentence): string
    {
        return (string) preg_replace_callback(
            '~\{(\d+(?:\.\d+)?) (m/s|m|cm)\}~',
            fn (array $m): string => $this === self::Metric ? "{$m[1]} {$m[2]}" : self::imperial((float) $m[1], $m[2]),
            $sentence,
        );
    }

    private static function imperial(float $value, string $unit): string
    {
        return match ($unit) {
            'm/s' => Number::significant($value * self::MILES_PER_HOUR, 2).' mph',
            'cm' => Number::significant($value / 2.54, 2).' in',
            default => Number::significant($value * self::FEET, $value * self::FEET >= 100 ? 3 : 2).' ft',
        };
    }
}
