<?php

declare(strict_types=1);

namespace App\Review;

use App\Documents\Archive\Arrivals;
use App\Documents\Archive\Packed;
use App\Documents\Archive\Packing;
use App\Documents\Archive\Unpacking;
use App\Models\User;

/** What was logged, many bursts to a file; what is there already, or was deleted here, is left as it is. */
final class PackedLog implements Packed
{
    /** @var list<array<string, mixed>> */
    private array $read = [];

    public function pack(User $person, Packing $into): array
    {
        $list = [];
        foreach (Log::pieces($person) as $i => $bursts) {
            $list[] = ['file' => $into->add(sprintf('bursts/%04d.json', $i + 1), ['bursts' => $bursts])];
        }

        return ['bursts' => $list];
    }

    public function read(Unpacking $from): void
    {
        $this->read = $from->pieces('bursts', (int) config('limits.bursts'), Log::PIECE, Log::read(...));
    }

    public function news(User $person): ?array
    {
        return null;
    }

    public function keep(User $person, Arrivals $arrivals): void
    {
        $new = Log::load($person, $this->read, $arrivals->ids('outings'), $arrivals->ids('rushes'));
        $arrivals->counted('bursts', $new, count($this->read) - $new);
    }
}
