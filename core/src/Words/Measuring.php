<?php

declare(strict_types=1);

namespace RushHold\Words;

use RushHold\Measure;
use RushHold\Number;
use RushHold\Optics\StopScale;
use RushHold\Quantity;
use RushHold\Units;

/** Writes quantities the way people say them, in their units. */
final readonly class Measuring
{
    private const FEET = 3.28084;

    private const KM_PER_HOUR = 3.6;

    private const INCHES = 39.3701;

    private const MILES_PER_HOUR = 2.236936;

    public function __construct(private Units $units)
    {
    }

    /** @return string|float with its unit; a number only where a sentence counts with it */
    public function write(Quantity $q): string|float
    {
        return match ($q->measure) {
            Measure::Count => self::rounded($q),
            Measure::Figure => Number::significant($q->value, $q->digits),
            Measure::Exact => Number::plain($q->value),
            Measure::Length => $this->length($q->value, Number::significant($q->value, $q->digits)),
            Measure::Distance => $this->length(
                $q->value,
                Number::plain($q->value < 20 ? round($q->value, 1) : round($q->value * 2) / 2),
            ),
            Measure::Depth => $this->depth($q->value),
            Measure::Speed => match ($this->units) {
                Units::Imperial => Number::significant($q->value * self::MILES_PER_HOUR).' mph',
                Units::Kmh => Number::significant($q->value * self::KM_PER_HOUR).' km/h',
                Units::Metric => Number::significant($q->value, $q->digits).' m/s',
            },
            Measure::Seconds => Number::significant($q->value, $q->digits).' s',
            Measure::Milliseconds => Number::significant(1000 * $q->value, $q->digits).' ms',
            Measure::Shutter => is_finite($q->value) ? StopScale::shutterLabel($q->value) : Words::text('shutter.any'),
            Measure::FNumber => StopScale::fLabel($q->value),
            Measure::Iso => (string) StopScale::isoLabel($q->value),
            Measure::Share => Number::significant(100 * $q->value, $q->digits).'%',
            Measure::Millimetres => Number::plain(round($q->value)).' mm',
            Measure::Degrees => Number::plain(round($q->value)).'°',
        };
    }

    private static function rounded(Quantity $q): float
    {
        return (float) Number::significant($q->value, $q->digits);
    }

    private function length(float $metres, string $metric): string
    {
        $feet = $metres * self::FEET;

        return $this->units === Units::Imperial
            ? Number::significant($feet, $feet >= 100 ? 3 : 2).' ft'
            : "$metric m";
    }

    private function depth(float $metres): string
    {
        return match (true) {
            $metres >= 1 => $this->length($metres, Number::plain(round($metres, 1))),
            $this->units === Units::Imperial => Number::significant($metres * self::INCHES).' in',
            default => Number::plain(round(100 * $metres)).' cm',
        };
    }
}
