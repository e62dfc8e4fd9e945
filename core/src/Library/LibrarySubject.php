<?php

declare(strict_types=1);

namespace RushHold\Library;

use RushHold\Document\SubjectDocument;

/** A subject of the library, by its id. */
final readonly class LibrarySubject
{
    /** @param  array<string, mixed>  $document  as {@see SubjectDocument} reads it */
    public function __construct(public string $id, public array $document)
    {
    }

    public function profile(): SubjectDocument
    {
        return SubjectDocument::read($this->document);
    }
}
