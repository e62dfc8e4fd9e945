<?php

declare(strict_types=1);

namespace App\Http;

use RushHold\Words\Catalogue;
use RushHold\Words\Words;

/** The words that every page needs at once: those of the bar, of what is the same everywhere, and the labels. */
final class PageWords
{
    private const PARTS = ['ui', 'bar'];

    /** @return list<string> files of the build, in the language that is spoken or else in the first */
    public static function files(): array
    {
        $own = static fn (string $file): string => is_file(base_path(sprintf($file, Words::language())))
            ? sprintf($file, Words::language())
            : sprintf($file, Catalogue::FIRST);
        $parts = array_map(static fn (string $part): string => "lang/%s/web/$part.json", self::PARTS);

        return array_map($own, [...$parts, 'resources/js/lang/labels.%s.json']);
    }
}
