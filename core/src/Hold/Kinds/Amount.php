<?php

declare(strict_types=1);

namespace RushHold\Hold\Kinds;

use Closure;
use RushHold\Kit\Kit;
use RushHold\Kit\Response;
use RushHold\Range;
use RushHold\Refused;

/** A number on a scale. */
final readonly class Amount implements Kind
{
    /** Exposures closer than this are the same setting, stops. */
    private const SAME_STOPS = 0.2;

    /**
     * @param  Range  $meant  what any camera may have
     * @param  Closure(string, float, Kit): mixed  $check  refuses what this kit does not have
     * @param  Closure(float): float  $scale  where differences are felt alike
     * @param  float  $same  differences on that scale up to this are none
     */
    private function __construct(
        private Range $meant,
        private Closure $check,
        private Closure $scale,
        private float $same,
    ) {
    }

    /**
     * A number that is felt as it is.
     *
     * @param  float  $same  differences up to this are none
     */
    public static function plain(Range $meant, float $same): self
    {
        return new self($meant, self::any(...), static fn (float $value): float => $value, $same);
    }

    /** Seconds that a body waits, felt in steps. */
    public static function patience(): self
    {
        return new self(Response::patience(), self::any(...), Response::patienceSteps(...), 0.1);
    }

    public static function nimbleness(): self
    {
        return new self(Response::nimbleness(), self::any(...), static fn (float $n): float => $n, 0.05);
    }

    /** A focus distance, m. */
    public static function distance(): self
    {
        return new self(
            Range::of(0.05, 10000, 'm'),
            static fn (string $field, float $m, Kit $kit): float => $kit->checkFocusDistance($field, $m),
            self::stops(...),
            self::SAME_STOPS,
        );
    }

    /** An exposure time, s. */
    public static function shutter(): self
    {
        return new self(
            Range::of(1 / 64000, 30, 's'),
            static fn (string $field, float $s, Kit $kit): float => Range::of(
                $kit->body->fastestShutterS * 0.97,
                30,
                's',
            )->check($field, $s),
            self::stops(...),
            self::SAME_STOPS,
        );
    }

    /** An f-number: two stops for each doubling. */
    public static function aperture(): self
    {
        return new self(
            Range::of(0.7, 128, '(f-number)'),
            static fn (string $field, float $n, Kit $kit): float => $kit->checkAperture($field, $n),
            static fn (float $n): float => 2 * self::stops($n),
            self::SAME_STOPS,
        );
    }

    public static function iso(): self
    {
        return new self(
            Range::of(25, 4000000, '(ISO)'),
            static fn (string $field, float $iso, Kit $kit): float => Range::of(
                $kit->body->isoMin,
                $kit->body->isoMax,
                '(ISO)',
            )->check($field, $iso),
            self::stops(...),
            self::SAME_STOPS,
        );
    }

    public function read(string $field, mixed $value): float
    {
        return is_int($value) || is_float($value)
            ? $this->meant->check($field, (float) $value)
            : throw Refused::because($field, 'not-number');
    }

    public function shape(): array
    {
        return [
            'type' => 'number',
            'minimum' => $this->meant->min,
            'maximum' => $this->meant->max,
            ...$this->meant->unit === '' ? [] : ['x-unit' => trim($this->meant->unit, '()')],
        ];
    }

    public function check(string $field, mixed $value, Kit $kit): void
    {
        assert(is_float($value));
        ($this->check)($field, $value, $kit);
    }

    public function write(mixed $value): float
    {
        assert(is_float($value));

        return $value;
    }

    public function differs(mixed $now, mixed $wanted): bool
    {
        return ! is_float($now) ||
            ! is_float($wanted) ||
            abs(($this->scale)($now) - ($this->scale)($wanted)) > $this->same;
    }

    private static function stops(float $value): float
    {
        return log($value, 2);
    }

    private static function any(string $field, float $value, Kit $kit): float
    {
        return $value;
    }
}
