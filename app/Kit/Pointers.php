<?php

declare(strict_types=1);

namespace App\Kit;

use App\Models\KitType;
use App\Models\User;

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

    /**
     * A rush that comes from elsewhere and points at nothing its owner has: at the only one of theirs that is called
     * the same, at a sample that is, or at nothing.
     *
     * @param  array<string, mixed>  $document
     * @return array<string, mixed>
     */
    public static function found(array $document, User $owner): array
    {
        $kit = (array) ($document['kit'] ?? []);
        foreach (['body' => KitType::Bodies, 'lens' => KitType::Lenses] as $part => $type) {
            $id = $kit["{$part}_id"] ?? null;
            if (! is_string($id) || (new Shelf($owner, $type))->find($id) === null) {
                $name = ((array) ($kit[$part] ?? []))['name'] ?? '';
                $kit["{$part}_id"] = is_string($name) && $name !== '' ? self::called($name, $owner, $type) : null;
            }
        }

        return [...$document, 'kit' => $kit];
    }

    private static function called(string $name, User $owner, KitType $type): ?string
    {
        $own = $owner->kit()->where('type', $type)->where('name', $name)->limit(2)->pluck('id');
        $sample = array_search(
            $name,
            array_map(static fn (array $document): mixed => $document['name'] ?? null, $type->samples()),
            true,
        );

        return match ($own->count()) {
            0 => is_string($sample) ? $sample : null,
            1 => (string) $own->first(),
            default => null,
        };
    }
}
