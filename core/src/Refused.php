<?php

declare(strict_types=1);

namespace RushHold;

use BackedEnum;
use InvalidArgumentException;

/** Input that cannot be meant: names the field, what is allowed and the unit. `Words` says it to people. */
final class Refused extends InvalidArgumentException
{
    /** What somebody gave is not given back at any length. */
    private const LONGEST_GIVEN = 40;

    private const LONGEST_FIELD = 160;

    private function __construct(
        public readonly string $field,
        public readonly Said $reason,
        public readonly ?Range $range = null,
    ) {
        parent::__construct("$field: $reason->key");
    }

    public static function outside(string $field, float $value, Range $range): self
    {
        $given = is_finite($value) ? Number::plain($value) : (is_nan($value) ? 'nan' : 'infinite');

        return new self(
            $field,
            Said::of(
                'refused.outside',
                above: $range->aboveMin,
                min: Number::plain($range->min),
                max: Number::plain($range->max),
                unit: $range->unit === '' ? 'none' : $range->unit,
                given: $given,
            ),
            $range,
        );
    }

    /** @param  class-string<BackedEnum>  $words */
    public static function unknownWord(string $field, string $given, string $words): self
    {
        return new self(
            $field,
            Said::of(
                'refused.unknown-word',
                given: self::short($given, self::LONGEST_GIVEN),
                known: implode(
                    ', ',
                    array_map(static fn (BackedEnum $case): string => (string) $case->value, $words::cases()),
                ),
            ),
        );
    }

    /**
     * For what cannot go with the rest, or is not of the right kind.
     *
     * @param  string  $why  `refused.` and this in the catalogue
     * @param  string|int  ...$facts  by the names the sentence uses
     */
    public static function because(string $field, string $why, string|int ...$facts): self
    {
        return self::beyond($field, null, $why, ...$facts);
    }

    /**
     * The same where a range follows from other values.
     *
     * @param  string|int  ...$facts
     */
    public static function beyond(string $field, ?Range $range, string $why, string|int ...$facts): self
    {
        $facts = array_map(
            static fn (string|int $fact): string => self::short((string) $fact, 2 * self::LONGEST_FIELD),
            $facts,
        );

        return new self(self::short($field, self::LONGEST_FIELD), Said::of("refused.$why", ...$facts), $range);
    }

    /** The same for a document in which the field stands higher up: without the first part of its name. */
    public function without(string $prefix): self
    {
        return str_starts_with($this->field, $prefix)
            ? new self(substr($this->field, strlen($prefix)), $this->reason, $this->range)
            : $this;
    }

    /** The same, found in a file among others. */
    public function in(string $file): self
    {
        return new self(self::short("$file, $this->field", 2 * self::LONGEST_FIELD), $this->reason, $this->range);
    }

    private static function short(string $given, int $most): string
    {
        return mb_strlen($given) > $most ? mb_substr($given, 0, $most).'…' : $given;
    }
}
