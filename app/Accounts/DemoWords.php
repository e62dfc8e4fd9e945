<?php

declare(strict_types=1);

namespace App\Accounts;

use RushHold\Words\Catalogue;
use RushHold\Words\Words;

/** The names that the demo's things have, in the language of whoever visits it. */
final class DemoWords
{
    private const PARTS = ['app/demo', 'core/samples'];

    private const SUBJECTS = 'core/subjects';

    /** @var array<string, string> names in this language, by those the demo was made with; none that stay as they are */
    private readonly array $names;

    /** @var array<string, string> the same as they stand in JSON */
    private readonly array $quoted;

    public function __construct()
    {
        $made = Catalogue::of(Catalogue::FIRST);
        $spoken = Catalogue::of(Words::language());
        $names = [];
        foreach ([...self::PARTS, self::SUBJECTS] as $part) {
            foreach ($made->part($part) as $key => $name) {
                if ($part !== self::SUBJECTS || str_ends_with($key, '.name')) {
                    $names[$name] = $spoken->part($part)[$key] ?? $name;
                }
            }
        }
        $this->names = array_filter(
            $names,
            static fn (string $spoken, string $name): bool => $spoken !== $name,
            ARRAY_FILTER_USE_BOTH,
        );
        $this->quoted = array_combine(
            array_map(self::quoted(...), array_keys($this->names)),
            array_map(self::quoted(...), $this->names),
        );
    }

    /**
     * A row of a table, with documents as JSON.
     *
     * @param  array<string, mixed>  $row
     * @return array<string, mixed>
     */
    public function in(array $row): array
    {
        return array_map(
            fn (mixed $value): mixed => match (true) {
                ! is_string($value) => $value,
                in_array($value[0] ?? '', ['{', '['], true) => $this->json($value),
                default => $this->names[$value] ?? $value,
            },
            $row,
        );
    }

    /** Only whole texts are names, not parts of others. */
    public function json(string $json): string
    {
        return strtr($json, $this->quoted);
    }

    private static function quoted(string $text): string
    {
        return json_encode($text, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR);
    }
}
