<?php

declare(strict_types=1);

namespace RushHold\Reading;

/** The plain words that a pattern of names stands for: of endings and spellings the first, of beginnings each. */
final class Plain
{
    /** A group with what follows it, a class of letters, or a single one. */
    private const PART = '~(?<group>\((?:[^()]|(?&group))*\))(?<may>\?)?|(?<class>\[[^]]*\]|\\\\p\{L\})[?*]?|(?<letter>.)(?<left>\?)?~u';

    /** @return list<string> */
    public static function words(string $pattern): array
    {
        $words = [];
        foreach (self::alternatives($pattern) as $alternative) {
            $words = [...$words, ...self::expanded($alternative)];
        }

        return array_values(
            array_unique(array_filter(array_map(trim(...), $words), static fn (string $w): bool => $w !== '')),
        );
    }

    /** @return list<string> what stands between strokes, those within groups left alone */
    private static function alternatives(string $pattern): array
    {
        preg_match_all('~(?:\((?:[^()]|(?R))*\)|[^|()])+~u', $pattern, $found);

        return $found[0];
    }

    /** @return list<string> */
    private static function expanded(string $alternative): array
    {
        $words = [''];
        preg_match_all(self::PART, $alternative, $parts, PREG_SET_ORDER | PREG_UNMATCHED_AS_NULL);
        foreach ($parts as $i => $part) {
            $group = $part['group'] ?? null;
            if ($group === null) {
                $kinds = [($part['left'] ?? '') === '' ? $part['letter'] ?? '' : ''];
            } else {
                $inside = (string) preg_replace('~^\((?:\?:)?|\)$~', '', $group);
                $inner = self::words($inside);
                $may = ($part['may'] ?? '') !== '';
                // What a longer name begins with makes names of its own; an ending, or a word before, makes none.
                $begins = $i === 0 && isset($parts[1]) && ! str_contains($inside, ' ');
                $kinds = match (true) {
                    $begins => [...$inner, ...$may ? [''] : []],
                    $may => [''],
                    default => [$inner[0] ?? ''],
                };
            }
            $words = array_merge(
                ...array_map(
                    static fn (string $word): array => array_map(
                        static fn (string $kind): string => $word.$kind,
                        $kinds,
                    ),
                    $words,
                ),
            );
        }

        return $words;
    }
}
