<?php

declare(strict_types=1);

namespace RushHold\Tests;

use BackedEnum;
use JsonSerializable;

/**
 * Whole answers as they were when somebody last read them: a line for each part, in core/tests/answers. Whatever
 * changes one
 * shows there as a difference to be read and judged; `bin/record-answers core` writes them anew.
 */
final class Answers
{
    /** Of longer lists only so many are written out; of all the others it is told whether they are the same. */
    private const MOST = 10;

    /** @param  array<string, mixed>  $answers  by what was asked */
    public static function same(string $name, array $answers): void
    {
        $file = __DIR__."/answers/$name.txt";
        $text = '';
        foreach ($answers as $asked => $answer) {
            $text .= "# $asked\n".implode("\n", self::lines($answer))."\n\n";
        }
        if (getenv('RECORD_ANSWERS') !== false) {
            file_put_contents($file, $text);
        }
        expect(explode("\n", $text))->toBe(explode("\n", (string) file_get_contents($file)));
    }

    /** @return list<string> */
    private static function lines(mixed $value, string $place = ''): array
    {
        $value = self::plain($value);
        if (is_array($value) && ! array_is_list($value)) {
            $value = array_filter($value, static fn (mixed $part): bool => $part !== null);
        }
        if (! is_array($value)) {
            return [trim("$place ".self::one($value))];
        }
        if ($value === []) {
            return ["$place -"];
        }
        if (array_is_list($value) && self::isShort($value)) {
            $shown = implode(' ', array_map(self::one(...), array_slice($value, 0, self::MOST)));

            return ["$place [$shown]".self::rest($value)];
        }
        if (
            ! array_is_list($value) &&
            $place !== '' &&
            array_filter($value, static fn (mixed $part): bool => ! is_scalar($part)) === []
        ) {
            return [
                $place.
                ': '.
                implode(
                    ', ',
                    array_map(
                        static fn (string|int $key, mixed $part): string => "$key ".self::one($part),
                        array_keys($value),
                        $value,
                    ),
                ),
            ];
        }
        $lines = [];
        $most = array_is_list($value) ? self::MOST : PHP_INT_MAX;
        foreach ($value as $key => $part) {
            if ($most-- > 0) {
                $lines = [...$lines, ...self::lines($part, $place === '' ? (string) $key : "$place.$key")];
            }
        }

        return array_is_list($value) && count($value) > self::MOST ? [...$lines, $place.self::rest($value)] : $lines;
    }

    /** @param  list<mixed>  $all */
    private static function rest(array $all): string
    {
        $more = array_slice($all, self::MOST);

        return $more === []
            ? ''
            : sprintf(
                ' and %d more: %s',
                count($more),
                hash('xxh32', implode("\n", self::lines(['all' => array_chunk($more, self::MOST)]))),
            );
    }

    /** @param  list<mixed>  $values */
    private static function isShort(array $values): bool
    {
        foreach ($values as $value) {
            if (! is_int($value) && ! is_float($value) && ! is_bool($value)) {
                return false;
            }
        }

        return true;
    }

    private static function plain(mixed $value): mixed
    {
        return match (true) {
            $value instanceof BackedEnum => $value->value,
            $value instanceof JsonSerializable => $value->jsonSerialize(),
            is_object($value) => get_object_vars($value),
            default => $value,
        };
    }

    /** Five digits: processors differ in the last ones. */
    private static function one(mixed $value): string
    {
        return match (true) {
            is_float($value) => sprintf('%.5g', $value + 0.0),
            is_bool($value) => $value ? 'yes' : 'no',
            $value === null => 'nothing',
            default => str_replace("\n", ' / ', (string) $value),
        };
    }
}
