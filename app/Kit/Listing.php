<?php

declare(strict_types=1);

namespace App\Kit;

use App\Documents\KitType;
use App\Models\KitItem;
use App\Models\User;
use Illuminate\Support\Carbon;

/** One body, lens or subject as a list shows it: what can be told without its document. */
final readonly class Listing
{
    /**
     * @param  array<string, mixed>  $outline
     * @param  array<string, mixed>|null  $standing
     */
    private function __construct(
        public string $id,
        public KitType $type,
        public string $name,
        public bool $sample,
        public ?string $basedOn,
        public array $outline,
        public ?array $standing,
        public int $version,
        public ?Carbon $updatedAt,
    ) {
    }

    public static function own(KitItem $item): self
    {
        return new self($item->id, $item->type, $item->name, false, $item->based_on, $item->outline, $item->standing, $item->version, $item->updated_at);
    }

    /** @param  array<string, mixed>  $document */
    public static function sample(KitType $type, string $id, array $document, User $person): self
    {
        $entry = Entry::sample($type, $id, $document, $person);

        return new self($id, $type, $entry->name, true, null, $type->outline($entry->document), $entry->standing, 1, null);
    }
}
