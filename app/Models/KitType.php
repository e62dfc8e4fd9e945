<?php

declare(strict_types=1);

namespace App\Models;

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

    /** How the ids of samples begin. */
    public const SAMPLE = 'sample-';

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

    /**
     * What a list shows of a document: some of its fields, none of them long.
     *
     * @param  array<string, mixed>  $fields  a document with its defaults filled in
     * @return array<string, mixed>
     */
    public function outline(array $fields): array
    {
        $some = static fn (array $of, string ...$names): array => array_intersect_key($of, array_flip($names));

        return match ($this) {
            self::Bodies => [
                ...$some(
                    $fields,
                    'sensor_width_mm',
                    'sensor_height_mm',
                    'pixels_wide',
                    'pixels_high',
                    'frames_per_s',
                    'mirror',
                    'points',
                    'detects',
                    'guessed',
                ),
                'areas' => array_map(
                    static fn (mixed $area): array => $some((array) $area, 'width', 'height'),
                    (array) ($fields['areas'] ?? []),
                ),
                'own_words' => array_values(array_filter(array_column((array) ($fields['words'] ?? []), 'label'))),
            ],
            self::Lenses => $some($fields, 'focal_mm', 'max_aperture', 'nearest_m', 'sweep_s', 'zoom', 'extenders'),
            self::Subjects => [
                ...$some($fields, 'group'),
                'subject' => $some((array) ($fields['subject'] ?? []), 'kind', 'figure'),
            ],
        };
    }

    /** @return array<string, array<string, mixed>> the samples everybody has, by id */
    public function samples(): array
    {
        $samples = match ($this) {
            self::Bodies => Bodies::all(),
            self::Lenses => Lenses::all(),
            self::Subjects => array_column(
                array_map(static fn (LibrarySubject $s): array => [$s->id, $s->document], Subjects::all()),
                1,
                0,
            ),
        };

        return array_combine(
            array_map(static fn (string $id): string => self::SAMPLE.$id, array_keys($samples)),
            $samples,
        );
    }
}
