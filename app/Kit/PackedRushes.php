<?php

declare(strict_types=1);

namespace App\Kit;

use App\Documents\Archive\Arrivals;
use App\Documents\Archive\Document;
use App\Documents\Archive\Packed;
use App\Documents\Archive\Packing;
use App\Documents\Archive\Unpacking;
use App\Documents\DocumentGate;
use App\Models\User;
use Illuminate\Support\Str;

/** Rushes with what is pinned of their holds, and their tags; they point at kit. */
final class PackedRushes implements Packed
{
    /** @var list<array{Document, mixed, list<string>}> with its pins and its tags */
    private array $read = [];

    /** @var array<string, string>|null ids of what is there, by what they are */
    private ?array $there = null;

    public function __construct(private readonly DocumentGate $gate)
    {
    }

    public function pack(User $person, Packing $into): array
    {
        $list = [];
        $mine = $person->rushes();
        $mine->orderBy('created_at')->orderBy('id');
        foreach ($mine->lazy() as $i => $rush) {
            $file = sprintf('rushes/%04d-%s.rush.json', $i + 1, Str::slug($rush->name) ?: 'rush');
            $list[] = $into->document($file, $rush, ['pins' => $rush->pins, 'tags' => $rush->tags]);
        }

        return ['rushes' => $list];
    }

    public function read(Unpacking $from): void
    {
        $most = (int) config('limits.rushes');
        $this->read = $from->each('rushes', $most, function (array $document, array $entry) use ($from): array {
            $read = $this->gate->rush($document);
            $pins = $entry['pins'] ?? null;
            $this->gate->pins($pins, $read->rush->kit);
            $kept = new Document($read->fields, $entry);
            if (is_string($kept->id())) {
                $from->rushes[$kept->id()] = $kept->json;
            }

            return [$kept, $pins ?: null, Tags::of($entry['tags'] ?? null)];
        });
    }

    public function news(User $person): array
    {
        $new = array_filter($this->read, fn (array $one): bool => $this->known($person, $one[0], $one[1]) === null);

        return ['kind' => 'rushes', 'new' => count($new), 'bytes' => Document::bytes(array_column($new, 0))];
    }

    public function keep(User $person, Arrivals $arrivals): void
    {
        foreach ($this->read as [$document, $pins, $tags]) {
            $known = $this->known($person, $document, $pins);
            $id =
                $known ??
                $document->dated(
                    $person->rushes()->make([
                        'document' => Pointers::moved($document->fields(), $arrivals->ids('kit')),
                        'pins' => $pins,
                        'tags' => $tags,
                    ]),
                )->id;
            $arrivals->came('rushes', $document->id(), $id, $known === null);
        }
    }

    /** Whatever it points at: that has other ids here. */
    private function known(User $person, Document $document, mixed $pins): ?string
    {
        if ($this->there === null) {
            $this->there = [];
            foreach ($person->rushes()->lazy(100) as $rush) {
                $this->there[Document::mark([Pointers::moved($rush->document, []), $rush->pins])] = $rush->id;
            }
        }

        return $this->there[Document::mark([Pointers::moved($document->fields(), []), $pins])] ?? null;
    }
}
