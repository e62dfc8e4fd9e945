<?php

declare(strict_types=1);

namespace App\Kit;

use App\Documents\KitType;
use App\Models\KitItem;
use App\Models\User;
use Illuminate\Support\Carbon;

/** One body, lens or subject on the shelf, a sample or somebody's own. */
final readonly class Entry
{
    /**
     * @param  array<string, mixed>  $document
     * @param  array<string, mixed>|null  $standing
     */
    private function __construct(
        public string $id,
        public KitType $type,
        public string $name,
        public bool $sample,
        public ?string $basedOn,
        public array $document,
        public ?array $standing,
        public int $version,
        public ?Carbon $updatedAt,
    ) {
    }

    public static function own(KitItem $item): self
    {
        return new self($item->id, $item->type, $item->name, false, $item->based_on, $item->document, $item->standing, $item->version, $item->updated_at);
    }

    /** @param  array<string, mixed>  $document */
    public static function sample(KitType $type, string $id, array $document, User $person): self
    {
        $fields = $type->filled($document);
        $name = data_get($fields, $type === KitType::Subjects ? 'subject.name' : 'name');

        return new self($id, $type, is_string($name) ? $name : '', true, null, $fields, $person->standings[$id] ?? null, 1, null);
    }
}
