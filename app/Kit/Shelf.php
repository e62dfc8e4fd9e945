<?php

declare(strict_types=1);

namespace App\Kit;

use App\Documents\KitType;
use App\Models\KitItem;
use App\Models\User;

/** All the bodies, lenses or subjects a person can reach: their own, and the samples they have not replaced. */
final readonly class Shelf
{
    public function __construct(private User $person, private KitType $type)
    {
    }

    /** @return list<Entry> their own first, then the samples */
    public function entries(): array
    {
        $entries = $replaced = [];
        $own = KitItem::query();
        $own->where('user_id', $this->person->id)->where('type', $this->type)->orderBy('name')->orderBy('id')->limit(1000);
        foreach ($own->get() as $item) {
            $entries[] = Entry::own($item);
            // A corrected subject stands in for the one it corrects; a sample camera stays beside what was made of it.
            $replaced[] = $this->type === KitType::Subjects ? $item->based_on : null;
        }
        foreach ($this->type->samples() as $id => $document) {
            if (! in_array($id, $replaced, true)) {
                $entries[] = Entry::sample($this->type, $id, $document, $this->person);
            }
        }

        return $entries;
    }

    /** The entry with an id; null when there is none, or it is somebody else's. */
    public function find(string $id): ?Entry
    {
        $sample = $this->type->samples()[$id] ?? null;
        if ($sample !== null) {
            return Entry::sample($this->type, $id, $sample, $this->person);
        }
        $item = KitItem::query()->where('user_id', $this->person->id)->where('type', $this->type)->find($id);

        return $item === null ? null : Entry::own($item);
    }
}
