<?php

declare(strict_types=1);

namespace RushHold\Words;

/**
 * A language that nobody speaks: English with accents, a third longer, within brackets. On a screen that speaks it,
 * whatever stands there without accents is not in the catalogue, and what is cut off would be cut off in a longer
 * language as well.
 */
final class Pseudo
{
    public const LANGUAGE = 'en-XA';

    private const PLAIN = 'ABCDEFGHIJKLMNOPRSTUWYZabcdefghijklmnoprstuwyz';

    private const ACCENTED = 'ÀƁÇÐÉƑĜĤÎĴĶĻḾÑÔÞŔŠŢÛŴÝŽàƀçðéƒĝĥîĵķļḿñôþŕšţûŵýž';

    /** @param  string  $message  as ICU MessageFormat; what goes into it stays as it is */
    public static function of(string $message): string
    {
        return preg_match('/\p{L}/u', $message) === 1
            ? '['.self::accented($message).self::longer($message).']'
            : $message;
    }

    private static function accented(string $message): string
    {
        // Arguments with cases have messages within; those without have nothing to say.
        $pattern = '/\{(\w+), (plural|select), ((?:[^{}]|(?<braces>\{(?:[^{}]|(?&braces))*\}))*)\}|\{\w+\}/u';
        $said = '';
        $at = 0;
        preg_match_all($pattern, $message, $found, PREG_OFFSET_CAPTURE | PREG_SET_ORDER);
        foreach ($found as $argument) {
            $said .= self::letters(substr($message, $at, $argument[0][1] - $at));
            $said .= isset($argument[3])
                ? '{'.$argument[1][0].', '.$argument[2][0].', '.self::cases($argument[3][0]).'}'
                : $argument[0][0];
            $at = $argument[0][1] + strlen($argument[0][0]);
        }

        return $said.self::letters(substr($message, $at));
    }

    private static function cases(string $cases): string
    {
        return (string) preg_replace_callback(
            '/([\w=]+) (?<braces>\{((?:[^{}]|(?&braces))*)\})/u',
            static fn (array $case): string => $case[1].' {'.self::accented($case[3]).'}',
            $cases,
        );
    }

    private static function letters(string $text): string
    {
        return strtr($text, array_combine(mb_str_split(self::PLAIN), mb_str_split(self::ACCENTED)));
    }

    private static function longer(string $message): string
    {
        // In pieces that a line may break between.
        return str_repeat(' ····', (int) ceil(mb_strlen((string) preg_replace('/\{[^{}]*\}/', '', $message)) / 15));
    }
}
