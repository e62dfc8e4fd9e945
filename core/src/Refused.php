<?php

declare(strict_types=1);

namespace RushHold;

use BackedEnum;
use InvalidArgumentException;

/** Input that cannot be meant: names the field, what is allowed and the unit. */
final class Refused extends InvalidArgumentException
{
    private function __construct(
        public readonly string $field,
        string $message,
        public readonly ?Range $range = null,
    ) {
        parent::__construct($message);
    }

    public static function outside(string $field, float $value, Range $range): self
    {
        $given = is_finite($value) ? Number::plain($value) : (is_nan($value) ? 'something that is not a number' : 'an infinite value');

        return new self($field, "$field must be $range; $given was given.", $range);
    }

    /** @param  class-string<BackedEnum>  $words */
    public static function unknownWord(string $field, string $given, string $words): self
    {
        $given = self::short($given, 40);
        $known = implode(', ', array_map(static fn (BackedEnum $case): string => (string) $case->value, $words::cases()));

        return new self($field, "$field is “{$given}”, which is not known; it can be one of: $known.");
    }

    /** The same for a document in which the field stands higher up: without the first part of its name. */
    public function without(string $prefix): self
    {
        return str_starts_with($this->field, $prefix)
            ? new self(substr($this->field, strlen($prefix)), str_replace($prefix, '', $this->getMessage()), $this->range)
            : $this;
    }

    /** What somebody gave is not given back at any length. */
    private static function short(string $given, int $most): string
    {
        return mb_strlen($given) > $most ? mb_substr($given, 0, $most).'…' : $given;
    }

    /** For what is in range by itself but cannot go with the rest. */
    public static function because(string $field, string $reason, ?Range $range = null): self
    {
        $field = self::short($field, 160);

        return new self($field, "$field: $reason", $range);
    }
}
