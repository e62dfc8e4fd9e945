<?php

declare(strict_types=1);

namespace App\Http;

use RushHold\Words\Catalogue;
use RushHold\Words\Words;

/** The words that every page needs at once: those of the bar, of what is the same everywhere, and the labels. */
final class PageWords
{
    private const PARTS = ['ui', 'bar'];

    /** @return list<string> files of the build, in the language that is spoken and in the first, which it falls back on */
    public static function files(): array
    {
        $files = [];
        foreach (array_unique([Catalogue::FIRST, Words::language()]) as $language) {
            $parts = array_map(static fn (string $part): string => "lang/$language/web/$part.json", self::PARTS);
            foreach ([...$parts, "resources/js/lang/labels.$language.json"] as $file) {
                if (is_file(base_path($file))) {
                    $files[] = $file;
                }
            }
        }

        return $files;
    }
}
