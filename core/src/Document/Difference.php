<?php

declare(strict_types=1);

namespace RushHold\Document;

use RushHold\Number;
use RushHold\Quantity;
use RushHold\Said;
use RushHold\Words\FieldNames;
use RushHold\Words\Words;

/** One field in which two descriptions of the same thing differ, as people read it. */
final readonly class Difference
{
    private function __construct(public string $field, public string $name, public string $from, public string $to)
    {
    }

    /**
     * @param  array<array-key, mixed>  $from  a document, defaults filled in
     * @param  array<array-key, mixed>  $to  another of the same format
     * @param  list<string>  $except  fields that do not count
     * @return list<self> in the order of the newer one
     */
    public static function between(array $from, array $to, Words $words, array $except = [], string $path = ''): array
    {
        $differences = [];
        foreach (array_keys($to + $from) as $name) {
            $field = $path === '' ? (string) $name : "$path.$name";
            [$was, $is] = [$from[$name] ?? null, $to[$name] ?? null];
            if ($was == $is || in_array($field, $except, true)) {
                continue;
            }
            $differences =
                is_array($was) && is_array($is) && ! array_is_list($was) && ! array_is_list($is)
                    ? [...$differences, ...self::between($was, $is, $words, $except, $field)]
                    : [
                        ...$differences,
                        new self($field, FieldNames::of($field), self::said($was, $words), self::said($is, $words)),
                    ];
        }

        return $differences;
    }

    private static function said(mixed $value, Words $words): string
    {
        return match (true) {
            $value === null, $value === [], $value === '' => $words->say(Said::of('difference.nothing')),
            is_bool($value) => $words->say(Said::of($value ? 'difference.yes' : 'difference.no')),
            is_array($value) => $words->say(Said::of('difference.several', count: Quantity::count(count($value), 4))),
            is_float($value) || is_int($value) => Number::plain((float) $value),
            default => is_string($value) ? mb_substr($value, 0, 60) : '',
        };
    }
}
