<?php

declare(strict_types=1);

namespace RushHold;

use JsonSerializable;

/**
 * A closed range of allowed values with its unit, and the check that goes with it.
 *
 * The bounds say what can be meant at all, not what is sensible: outside them the input is a slip of the
 * keyboard or a wrong unit.
 */
final class Range implements JsonSerializable
{
    /** @var (callable(string, self): void)|null */
    private static $hears;

    private function __construct(
        public readonly float $min,
        public readonly float $max,
        public readonly string $unit,
        public readonly bool $aboveMin = false,
        /** Whether its bounds follow from other fields. */
        public readonly bool $depends = false,
    ) {
    }

    /** From $min to $max, both allowed. */
    public static function of(float $min, float $max, string $unit = ''): self
    {
        return new self($min, $max, $unit);
    }

    /** From $min to $max, both allowed, where these follow from other fields. */
    public static function depending(float $min, float $max, string $unit = ''): self
    {
        return new self($min, $max, $unit, depends: true);
    }

    /** From $min, itself not allowed, to $max. */
    public static function above(float $min, float $max, string $unit = ''): self
    {
        return new self($min, $max, $unit, true);
    }

    /** Shares, skills and textures run from 0 to 1. */
    public static function share(): self
    {
        return new self(0.0, 1.0, '');
    }

    /**
     * Gives $value back when it lies in the range.
     *
     * @param  string  $field  the name of the field as documents spell it, such as `subject.speed_mps`
     *
     * @throws Refused if the value is not finite or lies outside
     */
    public function check(string $field, float $value): float
    {
        self::$hears === null || (self::$hears)($field, $this);
        if (
            ! is_finite($value) ||
            $value < $this->min ||
            $value > $this->max ||
            ($this->aboveMin && $value <= $this->min)
        ) {
            throw Refused::outside($field, $value, $this);
        }

        return $value;
    }

    /**
     * Lets somebody hear which field is checked against which range.
     *
     * @param  callable(string, self): void  $hears
     */
    public static function heard(callable $hears, callable $during): void
    {
        self::$hears = $hears;
        try {
            $during();
        } finally {
            self::$hears = null;
        }
    }

    public function contains(float $value): bool
    {
        return $value >= $this->min && $value <= $this->max && ! ($this->aboveMin && $value <= $this->min);
    }

    public function clamp(float $value): float
    {
        return max($this->min, min($this->max, $value));
    }

    /** @return array{min: float, max: float, unit: string} */
    public function jsonSerialize(): array
    {
        return ['min' => $this->min, 'max' => $this->max, 'unit' => $this->unit];
    }
}
