<?php

declare(strict_types=1);

namespace RushHold\Library;

/** A subject to start from, with how far its figures can be trusted. */
final readonly class LibrarySubject
{
    /**
     * @param  array<string, mixed>  $subject  the `subject` part of a rush document
     * @param  string  $source  where the figures come from and how sure they are
     * @param  string  $habit  what gives away that it is about to move
     */
    public function __construct(
        public string $id,
        public string $group,
        public array $subject,
        public string $source,
        public string $habit,
    ) {
    }
}
