<?php

declare(strict_types=1);

namespace RushHold\Words;

/** What a language still lacks beside the first one, so that whoever writes it knows where to go on. */
final class Lacking
{
    /**
     * @return list<string> by file and key: messages that are missing, those that are given other facts than in the
     *   first language or cannot be read, and subjects without a name in the grammar
     */
    public static function of(string $language): array
    {
        return [
            ...self::between(Catalogue::written(Catalogue::FIRST), Catalogue::written($language)),
            ...self::ofTheGrammar($language),
        ];
    }

    /**
     * @param  array<string, array<string, string>>  $first  messages by file and key
     * @param  array<string, array<string, string>>  $own
     * @return list<string>
     */
    public static function between(array $first, array $own): array
    {
        $lacking = [];
        foreach ($first as $file => $messages) {
            foreach ($messages as $key => $message) {
                $said = $own[$file][$key] ?? null;
                $problem = $said === null ? 'missing' : self::problem($message, $said);
                if ($problem !== null) {
                    $lacking[] = "$file $key: $problem";
                }
            }
            foreach (array_keys(array_diff_key($own[$file] ?? [], $messages)) as $key) {
                // Inside a sentence a label may read otherwise in this language alone.
                $label = preg_replace('~\.within$~', '', $key);
                isset($messages[$label]) || ($lacking[] = "$file $key: said nowhere");
            }
        }

        return $lacking;
    }

    /** @return list<string> */
    private static function ofTheGrammar(string $language): array
    {
        $first = Catalogue::of(Catalogue::FIRST)->grammar();
        $own = Catalogue::of($language)->grammar();
        if ($own === []) {
            return ['grammar: missing'];
        }
        $lacking = [];
        foreach (array_keys(array_diff_key($first, $own)) as $part) {
            $lacking[] = "grammar $part: missing";
        }
        $amounts = static fn (array $grammar): array => is_array($grammar['amounts'] ?? null) ? $grammar['amounts'] : [];
        foreach (array_keys(array_diff_key($amounts($first), $amounts($own))) as $amount) {
            $lacking[] = "grammar amounts.$amount: missing";
        }
        $meanings = static function (array $grammar): array {
            $names = [];
            foreach ([...(array) ($grammar['phrases'] ?? []), ...(array) ($grammar['later'] ?? [])] as $wording) {
                if (is_array($wording) && is_string($wording[0] ?? null)) {
                    $names[] = $wording[0];
                }
            }

            return $names;
        };
        foreach (array_unique(array_diff($meanings($first), $meanings($own))) as $meaning) {
            $lacking[] = "grammar $meaning: nothing says it";
        }

        return $lacking;
    }

    private static function problem(string $first, string $own): ?string
    {
        [$wanted, $given] = [self::facts($first), self::facts($own)];

        return match (true) {
            $given === null => 'cannot be read',
            $wanted !== $given => 'says '.
                implode(', ', $given).
                ' where the first says '.
                implode(', ', $wanted ?? []),
            default => null,
        };
    }

    /** @return list<string>|null names of what goes into a message, of tags as well; null where braces do not match */
    private static function facts(string $message): ?array
    {
        preg_match_all('~<(\w+)>~', $message, $tags);
        $at = 0;
        $names = self::within($message, $at);
        if ($names === null || $at < strlen($message)) {
            return null;
        }
        $names = array_unique([...$names, ...array_map(static fn (string $tag): string => "<$tag>", $tags[1])]);
        sort($names);

        return $names;
    }

    /** @return list<string>|null names up to the brace that closes this message */
    private static function within(string $message, int &$at): ?array
    {
        $names = [];
        while ($at < strlen($message) && $message[$at] !== '}') {
            if ($message[$at] !== '{') {
                $at++;

                continue;
            }
            if (preg_match('~\\{(\w+)(?:\\}|, (?:plural|select),)~A', $message, $found, 0, $at) !== 1) {
                return null;
            }
            $names[] = $found[1];
            $at += strlen($found[0]);
            $cases = str_ends_with($found[0], ',') ? self::cases($message, $at) : [];
            if ($cases === null) {
                return null;
            }
            $names = [...$names, ...$cases];
        }

        return $names;
    }

    /** @return list<string>|null names in the cases of an argument, past the brace that ends it */
    private static function cases(string $message, int &$at): ?array
    {
        $names = [];
        while (preg_match('~\s*[\w=]+\s*\{~A', $message, $found, 0, $at) === 1) {
            $at += strlen($found[0]);
            $inner = self::within($message, $at);
            if ($inner === null || ($message[$at] ?? '') !== '}') {
                return null;
            }
            $at++;
            $names = [...$names, ...$inner];
        }
        if (preg_match('~\s*\}~A', $message, $found, 0, $at) !== 1) {
            return null;
        }
        $at += strlen($found[0]);

        return $names;
    }
}
