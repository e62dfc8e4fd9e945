<?php

declare(strict_types=1);

namespace RushHold\Words;

/** What people read for the fields of documents. */
final class FieldNames
{
    /** Parts of a path that say nothing about the field. */
    private const CONTEXTS = [
        '',
        'offers.',
        'kit.body.',
        'kit.body.offers.',
        'kit.lens.',
        'document.',
        'pins.',
        'standing.',
    ];

    /**
     * “The distance at the start”, “A timing (3)”; a path nobody has a name for is given back in quotes.
     *
     * @param  string  $path  such as `path.start_m` or `timings[2]`, after the name of a file and a comma where it
     *   stands in one
     */
    public static function of(string $path): string
    {
        $comma = strrpos($path, ', ');
        if ($comma !== false) {
            return substr($path, 0, $comma).': '.self::of(substr($path, $comma + 2));
        }
        $plain = (string) preg_replace('/\[\d+\]|\.\d+(?=\.|$)/', '', $path);
        $plain = (string) preg_replace('/^((?:kit\.body\.)?areas)\.[a-z-]+/', '$1', $plain);
        $number =
            preg_match('/\[(\d+)\]|\.(\d+)(?=\.|$)/', $path, $found) === 1
                ? ' ('.(1 + (int) ($found[1] !== '' ? $found[1] : $found[2])).')'
                : '';

        return (self::known($plain) ?? Words::quoted($path)).(self::known($plain) === null ? '' : $number);
    }

    private static function known(string $plain): ?string
    {
        foreach (self::CONTEXTS as $context) {
            $name = str_starts_with($plain, $context) ? substr($plain, strlen($context)) : null;
            foreach ($name === null ? [] : ["field.$name", "setting.$name"] as $key) {
                if (Words::has($key)) {
                    return Words::text($key);
                }
            }
        }

        return null;
    }
}
