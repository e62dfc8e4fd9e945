<?php

declare(strict_types=1);

namespace App\Documents\Archive;

use App\Models\User;
use RushHold\Refused;

/**
 * One kind of thing a person has, as it goes into an archive and comes out of one. What comes out is first read and
 * checked, all kinds of it, and only then kept; an instance holds what it has read for one archive.
 */
interface Packed
{
    /** @return array<string, mixed> what `archive.json` says of it, by name; documents go in as files of their own */
    public function pack(User $person, Packing $into): array;

    /** @throws Refused naming the file and the field within */
    public function read(Unpacking $from): void;

    /**
     * What of it is not there yet, and counts among what one may keep.
     *
     * @return array{kind: 'rushes'|'kit'|'outings', new: int, bytes: int}|null
     */
    public function news(User $person): ?array;

    /** Keeps what is not there yet, within a transaction; who points at what is looked up in the arrivals. */
    public function keep(User $person, Arrivals $arrivals): void;
}
