<?php

declare(strict_types=1);

namespace App\Kit;

/** Words by which somebody finds their rushes again: few, short, each once, in the order they were given. */
final class Tags
{
    public const MOST = 12;

    public const LONGEST = 30;

    /**
     * Those of anything that was said, as far as they may be.
     *
     * @return list<string>|null null: none
     */
    public static function of(mixed $said): ?array
    {
        $tags = [];
        foreach (is_array($said) ? $said : [] as $tag) {
            $clean = is_string($tag) ? self::clean($tag) : '';
            if ($clean !== '' && count($tags) < self::MOST && ! in_array($clean, $tags, true)) {
                $tags[] = $clean;
            }
        }

        return $tags === [] ? null : $tags;
    }

    public static function clean(string $tag): string
    {
        return mb_substr(trim((string) preg_replace('~[\p{C}\s]+~u', ' ', $tag)), 0, self::LONGEST);
    }
}
