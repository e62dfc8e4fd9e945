<?php

declare(strict_types=1);

namespace App\Kit;

use App\Models\KitItem;
use App\Models\KitType;
use App\Models\User;
use Illuminate\Support\Carbon;
use LogicException;
use RushHold\Reading\Grammar;
use RushHold\Words\Catalogue;

/** One body, lens or subject on the shelf, a sample or somebody's own; in a list without its document. */
final readonly class Entry
{
    /**
     * @param  array<string, mixed>  $outline  what a list shows of it
     * @param  array<string, mixed>|null  $document  null where it was not read
     * @param  array<string, mixed>|null  $standing
     */
    private function __construct(
        public string $id,
        public KitType $type,
        public string $name,
        public bool $sample,
        public ?string $basedOn,
        public array $outline,
        private ?array $document,
        public ?array $standing,
        public int $version,
        public ?Carbon $updatedAt,
    ) {
    }

    /** @param  KitItem  $item  with or without its document */
    public static function own(KitItem $item): self
    {
        $document = array_key_exists('document', $item->getAttributes()) ? $item->document : null;

        return new self(
            $item->id,
            $item->type,
            $item->name,
            false,
            $item->based_on,
            $item->outline,
            $document,
            $item->standing,
            $item->version,
            $item->updated_at,
        );
    }

    /** @param  array<string, mixed>  $document */
    public static function sample(KitType $type, string $id, array $document, User $person): self
    {
        $fields = $type->filled($document);
        $name = data_get($fields, $type === KitType::Subjects ? 'subject.name' : 'name');

        return new self(
            $id,
            $type,
            is_string($name) ? $name : '',
            true,
            null,
            [
                ...$type->outline($fields),
                ...$type === KitType::Subjects
                    ? ['also' => self::alsoCalled(substr($id, strlen(KitType::SAMPLE)))]
                    : [],
            ],
            $fields,
            $person->standings[$id] ?? null,
            1,
            null,
        );
    }

    /**
     * Whoever searches finds it by what it is called in any of the languages.
     *
     * @return list<string>
     */
    private static function alsoCalled(string $id): array
    {
        $called = [];
        foreach (Catalogue::languages() as $language) {
            $name = Catalogue::of($language)->message("subject.$id.name");
            $called = [...$called, ...$name === null ? [] : [$name], ...Grammar::of($language)->alsoCalled($id)];
        }

        return array_values(array_unique($called));
    }

    /** @return array<string, mixed> defaults filled in */
    public function document(): array
    {
        return $this->document ?? throw new LogicException('Listed without its document.');
    }
}
