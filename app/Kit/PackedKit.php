<?php

declare(strict_types=1);

namespace App\Kit;

use App\Documents\Archive\Arrivals;
use App\Documents\Archive\Document;
use App\Documents\Archive\Packed;
use App\Documents\Archive\Packing;
use App\Documents\Archive\Unpacking;
use App\Documents\DocumentGate;
use App\Models\KitType;
use App\Models\User;
use Illuminate\Support\Str;
use RushHold\Document\StandingDocument;
use RushHold\Refused;

/** Bodies, lenses and subjects of one's own, and how each body was left. */
final class PackedKit implements Packed
{
    /** @var list<array{Document, KitType, string, mixed, string|null}> with its name, its standing and its sample */
    private array $read = [];

    /** @var array<string, string>|null ids of what is there, by what they are */
    private ?array $there = null;

    public function __construct(private readonly DocumentGate $gate)
    {
    }

    public function pack(User $person, Packing $into): array
    {
        $list = [];
        $mine = $person->kit();
        $mine->orderBy('created_at')->orderBy('id');
        foreach ($mine->lazy() as $i => $item) {
            $file = sprintf(
                '%s/%04d-%s.%s.json',
                $item->type->value,
                $i + 1,
                Str::slug($item->name) ?: 'item',
                $item->type->document(),
            );
            $list[] = $into->document($file, $item, [
                'type' => $item->type->value,
                'based_on' => $item->based_on,
                'standing' => $item->standing,
            ]);
        }

        return ['kit' => $list];
    }

    public function read(Unpacking $from): void
    {
        $this->read = $from->each('kit', (int) config('limits.kit'), function (array $document, array $entry): array {
            $type =
                KitType::tryFrom(Unpacking::text($entry, 'type')) ??
                throw Refused::because('archive.json.kit.type', 'archive-type');
            $read = $this->gate->kit($type, $document);
            $standing = $entry['standing'] ?? null;
            $standing === null || StandingDocument::read($standing);
            $sample = $entry['based_on'] ?? null;

            return [
                new Document($read['fields'], $entry),
                $type,
                $read['name'],
                $standing,
                is_string($sample) && isset($type->samples()[$sample]) ? $sample : null,
            ];
        });
    }

    public function news(User $person): array
    {
        $new = array_filter($this->read, fn (array $one): bool => $this->known($person, $one[0], $one[1]) === null);

        return ['kind' => 'kit', 'new' => count($new), 'bytes' => Document::bytes(array_column($new, 0))];
    }

    public function keep(User $person, Arrivals $arrivals): void
    {
        foreach ($this->read as [$document, $type, $name, $standing, $sample]) {
            $known = $this->known($person, $document, $type);
            $id =
                $known ??
                $document->dated(
                    $person->kit()->make([
                        'type' => $type,
                        'name' => $name,
                        'document' => $document->fields(),
                        'based_on' => $sample,
                        'standing' => $standing,
                    ]),
                )->id;
            $arrivals->came('kit', $document->id(), $id, $known === null);
        }
    }

    private function known(User $person, Document $document, KitType $type): ?string
    {
        if ($this->there === null) {
            $this->there = [];
            foreach ($person->kit()->lazy(100) as $item) {
                $this->there[$item->type->value.Document::mark($item->document)] = $item->id;
            }
        }

        return $this->there[$type->value.Document::mark($document->fields())] ?? null;
    }
}
