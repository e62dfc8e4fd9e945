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

    /** @var array<string, string> names in this language, by those the demo was made with */
    private readonly array $names;

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
        $this->names = $names;
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
        $quoted = [];
        foreach ($this->names as $made => $spoken) {
            $quoted[self::quoted($made)] = self::quoted($spoken);
        }

        return strtr($json, $quoted);
    }

    private static function quoted(string $text): string
    {
        return json_encode($text, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR);
    }
}
