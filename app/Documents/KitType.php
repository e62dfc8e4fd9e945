<?php

declare(strict_types=1);

namespace App\Documents;

use RushHold\Document\BodyDocument;
use RushHold\Document\LensDocument;
use RushHold\Document\SubjectDocument;
use RushHold\Library\Bodies;
use RushHold\Library\Lenses;
use RushHold\Library\LibrarySubject;
use RushHold\Library\Subjects;

/** What a kit is made of, as addresses spell it. */
enum KitType: string
{
    case Bodies = 'bodies';
    case Lenses = 'lenses';
    case Subjects = 'subjects';

    /** The name of its documents. */
    public function document(): string
    {
        return match ($this) {
            self::Bodies => 'body',
            self::Lenses => 'lens',
            self::Subjects => 'subject',
        };
    }

    /**
     * A document with its defaults filled in.
     *
     * @param  array<string, mixed>  $document
     * @return array<string, mixed>
     */
    public function filled(array $document): array
    {
        return match ($this) {
            self::Bodies => BodyDocument::read($document)->fields,
            self::Lenses => LensDocument::read($document)->fields,
            self::Subjects => SubjectDocument::read($document)->fields,
        };
    }

    /** @return array<string, array<string, mixed>> the samples everybody has, by id */
    public function samples(): array
    {
        $samples = match ($this) {
            self::Bodies => Bodies::all(),
            self::Lenses => Lenses::all(),
            self::Subjects => array_column(array_map(static fn (LibrarySubject $s): array => [$s->id, $s->document], Subjects::all()), 1, 0),
        };

        return array_combine(array_map(static fn (string $id): string => "sample-$id", array_keys($samples)), $samples);
    }
}
