<?php

declare(strict_types=1);

namespace RushHold;

/** A number for a sentence, in SI units; which units are shown, and how, is decided where it is said. */
final readonly class Quantity
{
    /** @param  int  $digits  significant digits that are worth saying */
    private function __construct(public float $value, public Measure $measure, public int $digits = 2)
    {
    }

    /** What a sentence counts with. */
    public static function count(float $value, int $digits = 2): self
    {
        return new self($value, Measure::Count, $digits);
    }

    public static function figure(float $value, int $digits = 2): self
    {
        return new self($value, Measure::Figure, $digits);
    }

    public static function exact(float $value): self
    {
        return new self($value, Measure::Exact);
    }

    public static function length(float $metres, int $digits = 2): self
    {
        return new self($metres, Measure::Length, $digits);
    }

    public static function distance(float $metres): self
    {
        return new self($metres, Measure::Distance);
    }

    public static function depth(float $metres): self
    {
        return new self($metres, Measure::Depth);
    }

    public static function speed(float $metresPerS): self
    {
        return new self($metresPerS, Measure::Speed);
    }

    public static function seconds(float $seconds, int $digits = 2): self
    {
        return new self($seconds, Measure::Seconds, $digits);
    }

    public static function milliseconds(float $seconds): self
    {
        return new self($seconds, Measure::Milliseconds);
    }

    /** An exposure time, s; an infinite one means that any will do. */
    public static function shutter(float $seconds): self
    {
        return new self($seconds, Measure::Shutter);
    }

    public static function fNumber(float $fNumber): self
    {
        return new self($fNumber, Measure::FNumber);
    }

    public static function iso(float $iso): self
    {
        return new self($iso, Measure::Iso);
    }

    public static function share(float $share, int $digits = 2): self
    {
        return new self($share, Measure::Share, $digits);
    }

    public static function millimetres(float $mm): self
    {
        return new self($mm, Measure::Millimetres);
    }

    public static function degrees(float $degrees): self
    {
        return new self($degrees, Measure::Degrees);
    }
}
