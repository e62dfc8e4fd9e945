<?php

declare(strict_types=1);

namespace App\Outings;

use App\Documents\Archive\Arrivals;
use App\Documents\Archive\Document;
use App\Documents\Archive\Packed;
use App\Documents\Archive\Packing;
use App\Documents\Archive\Unpacking;
use App\Documents\DocumentGate;
use App\Models\User;
use Illuminate\Support\Str;

/** Outings; their rushes stand in them by the ids that these have in the list. */
final class PackedOutings implements Packed
{
    /** @var list<Document> */
    private array $read = [];

    public function __construct(private readonly DocumentGate $gate)
    {
    }

    public function pack(User $person, Packing $into): array
    {
        $list = [];
        $mine = $person->outings();
        $mine->orderBy('created_at')->orderBy('id');
        foreach ($mine->lazy() as $i => $outing) {
            $file = sprintf('outings/%04d-%s.outing.json', $i + 1, Str::slug($outing->name) ?: 'outing');
            $list[] = $into->document($file, $outing);
        }

        return ['outings' => $list];
    }

    public function read(Unpacking $from): void
    {
        $most = (int) config('limits.outings');
        $this->read = $from->each('outings', $most, function (array $document, array $entry) use ($from): Document {
            $this->gate->outing(
                self::withRushes(
                    $document,
                    static fn (string $id): ?array => isset($from->rushes[$id])
                        ? (array) json_decode($from->rushes[$id], true)
                        : null,
                ),
            );

            return new Document($document, $entry);
        });
    }

    /** All of them count: which are there already is known only when their rushes have their ids. */
    public function news(User $person): array
    {
        return ['kind' => 'outings', 'new' => count($this->read), 'bytes' => Document::bytes($this->read)];
    }

    public function keep(User $person, Arrivals $arrivals): void
    {
        $there = [];
        foreach ($person->outings()->lazy(100) as $outing) {
            $there[Document::mark($outing->document)] = $outing->id;
        }
        $rushes = $arrivals->ids('rushes');
        foreach ($this->read as $read) {
            $document = self::withRushes($read->fields(), static fn (string $id): ?string => $rushes[$id] ?? null);
            $known = $there[Document::mark($document)] ?? null;
            $id = $known ?? $read->dated($person->outings()->make(['document' => $document]))->id;
            $arrivals->came('outings', $read->id(), $id, $known === null);
        }
    }

    /**
     * An outing with something else in the place of its rushes' ids; without those there is nothing for.
     *
     * @param  array<string, mixed>  $outing
     * @param  callable(string): mixed  $instead
     * @return array<string, mixed>
     */
    private static function withRushes(array $outing, callable $instead): array
    {
        $entries = [];
        foreach ((array) ($outing['rushes'] ?? []) as $entry) {
            $rush = is_array($entry) && is_string($entry['rush'] ?? null) ? $instead($entry['rush']) : null;
            if ($rush !== null) {
                $entries[] = [...(array) $entry, 'rush' => $rush];
            }
        }
        // An order by number is one of just these.
        $whole = count($entries) === count((array) ($outing['rushes'] ?? []));

        return [...$outing, 'rushes' => $entries, ...$whole ? [] : ['order' => 'solved']];
    }
}
