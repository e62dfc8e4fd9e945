<?php

declare(strict_types=1);

namespace App\Documents\Archive;

/** What came out of an archive so far: the ids things have here by those they had there, and how many were new. */
final class Arrivals
{
    /** @var array<string, array<string, string>> by kind, then by the id there */
    private array $ids = [];

    /** @var array<string, int> by kind */
    private array $new = [];

    public int $known = 0;

    /** @param  mixed  $there  its id in the archive, if it has one */
    public function came(string $kind, mixed $there, string $here, bool $new): void
    {
        $this->counted($kind, $new ? 1 : 0, $new ? 0 : 1);
        if (is_string($there)) {
            $this->ids[$kind][$there] = $here;
        }
    }

    public function counted(string $kind, int $new, int $known): void
    {
        $this->new[$kind] = $this->of($kind) + $new;
        $this->known += $known;
    }

    /** How many of a kind were not there. */
    public function of(string $kind): int
    {
        return $this->new[$kind] ?? 0;
    }

    /** @return array<string, string> ids here by those there */
    public function ids(string $kind): array
    {
        return $this->ids[$kind] ?? [];
    }
}
