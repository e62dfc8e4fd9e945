<?php

declare(strict_types=1);

namespace App\Kit;

use App\Models\KitType;
use App\Models\User;
use RushHold\Document\Difference;
use RushHold\Units;
use RushHold\Words\Words;

/** Whether somebody's body and lens were described anew since a rush took its copies of them. */
final class Newer
{
    /** What belongs to the rush rather than to the lens: where a zoom stands. */
    private const OF_THE_RUSH = ['focal_mm', 'max_aperture'];

    /**
     * @param  array<string, mixed>  $document  a rush
     * @return list<array{part: string, id: string, name: string, differences: list<array{field: string, name: string,
     *   from: string, to: string}>}> only what differs
     */
    public static function than(array $document, User $person): array
    {
        $kit = (array) ($document['kit'] ?? []);
        $newer = [];
        foreach (['body' => KitType::Bodies, 'lens' => KitType::Lenses] as $part => $type) {
            $id = $kit["{$part}_id"] ?? null;
            $entry = is_string($id) ? (new Shelf($person, $type))->find($id) : null;
            // Samples are everybody's, and described by nobody here.
            if ($entry === null || $entry->sample) {
                continue;
            }
            $zoom = $part === 'lens' && (array) ($entry->document()['zoom'] ?? []) !== [];
            $differences = Difference::between(
                (array) ($kit[$part] ?? []),
                $type->filled($entry->document()),
                Words::in(Units::Metric),
                $zoom ? self::OF_THE_RUSH : [],
            );
            if ($differences !== []) {
                $newer[] = [
                    'part' => $part,
                    'id' => $entry->id,
                    'name' => $entry->name,
                    'differences' => array_map(static fn (Difference $d): array => (array) $d, $differences),
                ];
            }
        }

        return $newer;
    }
}
