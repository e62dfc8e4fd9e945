<?php

declare(strict_types=1);

namespace App\Kit;

use App\Documents\Archive\Arrivals;
use App\Documents\Archive\Packed;
use App\Documents\Archive\Packing;
use App\Documents\Archive\Unpacking;
use App\Documents\DocumentGate;
use App\Documents\Documents;
use App\Models\KitType;
use App\Models\User;
use RushHold\Document\StandingDocument;
use RushHold\Refused;

/** How a person works, what new rushes start from, and how the sample bodies were left. */
final class PackedHabits implements Packed
{
    /** @var array<string, mixed> */
    private array $fields = [];

    /** @var array<string, mixed> by the id of the sample */
    private array $standings = [];

    public function __construct(private readonly DocumentGate $gate)
    {
    }

    public function pack(User $person, Packing $into): array
    {
        return [
            'habits' => Documents::withObjects($person->habits()->fields),
            'standings' => (object) ($person->standings ?? []),
        ];
    }

    public function read(Unpacking $from): void
    {
        $this->fields = $this->gate->habits($from->listed('habits') ?? ['format' => 'rush-hold/habits@1'])->fields;
        $given = $from->listed('standings') ?? [];
        if (! is_array($given)) {
            throw Refused::because('archive.json.standings', 'not-object');
        }
        foreach (array_intersect_key($given, KitType::Bodies->samples()) as $id => $standing) {
            StandingDocument::read($standing);
            $this->standings[(string) $id] = $standing;
        }
    }

    public function news(User $person): ?array
    {
        return null;
    }

    public function keep(User $person, Arrivals $arrivals): void
    {
        $fields = $this->fields;
        // What they start with has other ids here, as what the rushes point at.
        foreach (['body', 'lens'] as $part) {
            $id = $fields[$part] ?? null;
            $fields[$part] = is_string($id) ? $arrivals->ids('kit')[$id] ?? $id : null;
        }
        $person->fill(['habits' => $fields]);
        $person->standings = [...$this->standings, ...$person->standings ?? []];
    }
}
