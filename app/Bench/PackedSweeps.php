<?php

declare(strict_types=1);

namespace App\Bench;

use App\Documents\Archive\Arrivals;
use App\Documents\Archive\Document;
use App\Documents\Archive\Packed;
use App\Documents\Archive\Packing;
use App\Documents\Archive\Unpacking;
use App\Models\KeptSweep;
use App\Models\User;

/** Sessions of calibration; as many as there is room for. */
final class PackedSweeps implements Packed
{
    /** @var list<array{name: string, body: string, lens: string, document: array<string, mixed>, hidden: mixed}> */
    private array $read = [];

    public function pack(User $person, Packing $into): array
    {
        $list = [];
        foreach ($person->sweeps()->orderBy('created_at')->orderBy('id')->lazy() as $i => $sweep) {
            $list[] = [
                'file' => $into->add(sprintf('sweeps/%04d.sweep.json', $i + 1), $sweep->document),
                'name' => $sweep->name,
                'body' => $sweep->body,
                'lens' => $sweep->lens,
                'hidden' => $sweep->hidden,
            ];
        }

        return ['sweeps' => $list];
    }

    public function read(Unpacking $from): void
    {
        $most = (int) config('limits.sweeps');
        $named = static fn (array $entry, string $name): string => mb_substr(Unpacking::text($entry, $name), 0, 120);
        $this->read = $from->each('sweeps', $most, static function (array $document, array $entry) use ($named): array {
            $hidden = $entry['hidden'] ?? null;
            $whole = is_array($hidden) && is_numeric($hidden['value'] ?? null) && is_int($hidden['seed'] ?? null);

            return [
                'name' => $named($entry, 'name'),
                'body' => $named($entry, 'body'),
                'lens' => $named($entry, 'lens'),
                'document' => KeptSession::checked($document),
                'hidden' => $whole ? $hidden : null,
            ];
        });
    }

    public function news(User $person): ?array
    {
        return null;
    }

    public function keep(User $person, Arrivals $arrivals): void
    {
        $there = $person->sweeps()->get();
        $known = array_flip(
            $there->map(static fn (KeptSweep $s): string => Document::mark([$s->name, $s->document]))->all(),
        );
        $room = (int) config('limits.sweeps') - $there->count();
        foreach ($this->read as $sweep) {
            if (! isset($known[Document::mark([$sweep['name'], $sweep['document']])]) && $room-- > 0) {
                $person->sweeps()->create($sweep);
            }
        }
    }
}
