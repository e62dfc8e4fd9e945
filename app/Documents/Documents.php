<?php

declare(strict_types=1);

namespace App\Documents;

/** PHP cannot tell an empty object from an empty list; documents can. */
final class Documents
{
    private const LISTS = ['speed_changes', 'points', 'group', 'hazards', 'modes', 'detects', 'range_m', 'area_at', 'presets', 'controls', 'may', 'stored_sets', 'zoom', 'ranges', 'extenders', 'own_words', 'patience_steps', 'nimble_steps'];

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
            }
        }

        return $document;
    }
}
