<?php

declare(strict_types=1);

namespace App\Kit;

use App\Models\KitItem;
use App\Models\KitType;
use App\Models\User;
use Illuminate\Database\Eloquent\Builder;

/** All the bodies, lenses or subjects a person can reach: their own, and the samples they have not replaced. */
final readonly class Shelf
{
    public function __construct(private User $person, private KitType $type)
    {
    }

    /** @return list<Entry> their own first, then the samples */
    public function listings(): array
    {
        $listings = $replaced = [];
        foreach ($this->own()->get(KitItem::LISTED) as $item) {
            $listings[] = Entry::own($item);
            // A corrected subject stands in for the one it corrects; a sample camera stays beside what was made of it.
            $replaced[] = $this->type === KitType::Subjects ? $item->based_on : null;
        }
        foreach ($this->type->samples() as $id => $document) {
            if (! in_array($id, $replaced, true)) {
                $listings[] = Entry::sample($this->type, $id, $document, $this->person);
            }
        }

        return $listings;
    }

    /** @return list<Entry> some of one's own; of the samples where one has none */
    public function some(int $most): array
    {
        $own = [];
        $mine = $this->own();
        $mine->limit($most);
        foreach ($mine->get() as $item) {
            $own[] = Entry::own($item);
        }
        if ($own !== []) {
            return $own;
        }
        $samples = array_slice($this->type->samples(), 0, $most);

        return array_map(
            fn (string $id, array $document): Entry => Entry::sample($this->type, $id, $document, $this->person),
            array_keys($samples),
            $samples,
        );
    }

    /**
     * Every document with its id and the id of the sample it was made from, their own first.
     *
     * @return list<array{string, string|null, array<string, mixed>}>
     */
    public function documents(): array
    {
        $documents = [];
        foreach ($this->own()->get(['id', 'user_id', 'type', 'name', 'document', 'based_on']) as $item) {
            $documents[] = [$item->id, $item->based_on, $item->document];
        }
        foreach ($this->type->samples() as $id => $document) {
            $documents[] = [$id, null, $document];
        }

        return $documents;
    }

    /** What the person described or changed last. */
    public function newest(): ?Entry
    {
        $own = $this->own();
        $own->reorder('updated_at', 'desc');
        $item = $own->first();

        return $item === null ? null : Entry::own($item);
    }

    /** @return Builder<KitItem> */
    private function own(): Builder
    {
        $own = KitItem::query();
        $own->where('user_id', $this->person->id)
            ->where('type', $this->type)
            ->orderBy('name')
            ->orderBy('id')
            ->limit(1000);

        return $own;
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
