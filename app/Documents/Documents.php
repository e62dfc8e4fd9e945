<?php

declare(strict_types=1);

namespace App\Documents;

use Illuminate\Http\JsonResponse;
use Illuminate\Support\Str;

/** PHP cannot tell an empty object from an empty list; documents can. */
final class Documents
{
    private const LISTS = [
        'speed_changes',
        'points',
        'group',
        'hazards',
        'modes',
        'detects',
        'range_m',
        'area_at',
        'area_moves',
        'guessed',
        'left',
        'presets',
        'controls',
        'may',
        'stored_sets',
        'zoom',
        'ranges',
        'extenders',
        'own_words',
        'patience_steps',
        'nimble_steps',
        'rushes',
        'bodies',
        'lenses',
        'sky',
        'order',
        'bursts',
        'checklist',
        'layouts',
        'measured',
        'frames',
        'uses',
        'layout',
        'calls',
        'trace',
        'sessions',
        'field',
        'weekdays',
        'off',
    ];

    /**
     * @param  array<string, mixed>  $document
     * @return array<string, mixed>
     */
    public static function withObjects(array $document): array
    {
        foreach ($document as $name => $value) {
            if ($value === [] && ! in_array($name, self::LISTS, true)) {
                $document[$name] = (object) [];
            } elseif (is_array($value) && ! array_is_list($value)) {
                /** @var array<string, mixed> $value */
                $document[$name] = self::withObjects($value);
            } elseif (is_array($value)) {
                // Documents within a list.
                $document[$name] = array_map(
                    static fn (mixed $one): mixed => is_array($one) && ! array_is_list($one)
                        ? self::withObjects($one)
                        : $one,
                    $value,
                );
            }
        }

        return $document;
    }

    /** What is written into a file. */
    public static function text(mixed $value): string
    {
        return json_encode(
            $value,
            JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR,
        )."\n";
    }

    /**
     * A document as a file.
     *
     * @param  array<string, mixed>  $document
     * @param  string  $kind  “rush”, “body”…
     */
    public static function file(array $document, string $name, string $kind): JsonResponse
    {
        $file = (Str::slug($name) ?: $kind).".$kind.json";

        return response()->json(
            self::withObjects($document),
            200,
            ['Content-Disposition' => "attachment; filename=\"$file\""],
            JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE,
        );
    }
}
