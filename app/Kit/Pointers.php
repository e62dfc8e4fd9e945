<?php

declare(strict_types=1);

namespace App\Kit;

use App\Documents\KitType;

/** What a rush points at: the body and lens of its owner that it has copies of. */
final class Pointers
{
    /**
     * A rush for where the kit has other ids; at samples it points as ever, at nothing else that is not there.
     *
     * @param  array<string, mixed>  $document
     * @param  array<string, string>  $ids  new ones by the old
     * @return array<string, mixed>
     */
    public static function moved(array $document, array $ids): array
    {
        $kit = (array) ($document['kit'] ?? []);
        foreach (['body_id', 'lens_id'] as $part) {
            $id = $kit[$part] ?? null;
            $kit[$part] = is_string($id) ? $ids[$id] ?? (str_starts_with($id, KitType::SAMPLE) ? $id : null) : null;
        }

        return [...$document, 'kit' => $kit];
    }
}
