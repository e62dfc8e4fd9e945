<?php

declare(strict_types=1);

namespace App\Practice;

use App\Documents\Archive\Arrivals;
use App\Documents\Archive\Packed;
use App\Documents\Archive\Packing;
use App\Documents\Archive\Unpacking;
use App\Documents\DocumentGate;
use App\Models\User;

/** Rounds that were practised, several to a file, and what was chosen of practice. */
final class PackedDrills implements Packed
{
    /** @var list<array<string, mixed>> */
    private array $read = [];

    /** @var array<string, mixed>|null */
    private ?array $settings = null;

    public function __construct(private readonly DocumentGate $gate)
    {
    }

    public function pack(User $person, Packing $into): array
    {
        $list = [];
        foreach (Turns::pieces($person) as $i => $turns) {
            $list[] = ['file' => $into->add(sprintf('drills/%04d.json', $i + 1), ['drills' => $turns])];
        }

        return ['practice' => $person->practice, 'drills' => $list];
    }

    public function read(Unpacking $from): void
    {
        $this->read = $from->pieces(
            'drills',
            (int) config('limits.drills'),
            Turns::PIECE,
            fn (array $turn): array => Turns::read($turn, $this->gate),
        );
        $given = $from->listed('practice');
        $this->settings = is_array($given)
            ? $from->within(Unpacking::LIST, static fn (): array => Settings::read($given)->written())
            : null;
    }

    public function news(User $person): ?array
    {
        return null;
    }

    public function keep(User $person, Arrivals $arrivals): void
    {
        Turns::load($person, $this->read);
        $person->practice ??= $this->settings;
    }
}
