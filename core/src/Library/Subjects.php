<?php

declare(strict_types=1);

namespace RushHold\Library;

use LogicException;
use RushHold\Document\SubjectDocument;
use RushHold\Words\Words;
use SplFileObject;

/**
 * Subjects to start from, by build and by what they are doing: the figures stand in `subjects.csv`, what each is called
 * and how it behaves in `lang/<language>/core/subjects.json`. Sizes are those of adults in general handbooks; speeds
 * are for the phase named, not records; limb speeds are stroke or stride length × rate. Each says how sure it is.
 */
final class Subjects
{
    private const FILE = __DIR__.'/subjects.csv';

    /** Columns that are words; the others are numbers. */
    private const WORDS = ['id', 'group', 'figure', 'kind', 'hazards'];

    /** @var array<string, list<LibrarySubject>> by language */
    private static array $read = [];

    /** @return list<LibrarySubject> */
    public static function all(): array
    {
        return self::$read[Words::language()] ??= array_map(self::of(...), self::rows());
    }

    public static function find(string $id): ?LibrarySubject
    {
        foreach (self::all() as $subject) {
            if ($subject->id === $id) {
                return $subject;
            }
        }

        return null;
    }

    /** @return list<array<string, string>> by column */
    private static function rows(): array
    {
        $file = new SplFileObject(self::FILE);
        $file->setFlags(SplFileObject::READ_CSV | SplFileObject::SKIP_EMPTY | SplFileObject::READ_AHEAD);
        $file->setCsvControl(escape: '');
        $head = null;
        $rows = [];
        foreach ($file as $cells) {
            $cells = array_map(static fn (mixed $cell): string => is_string($cell) ? $cell : '', (array) $cells);
            $head === null ? ($head = $cells) : ($rows[] = array_combine($head, $cells));
        }

        return $rows;
    }

    /** @param  array<string, string>  $row */
    private static function of(array $row): LibrarySubject
    {
        $figures = array_map(self::number(...), array_diff_key($row, array_flip(self::WORDS)));
        $id = $row['id'];
        $text = static fn (string $what): string => Words::text("subject.$id.$what");
        $pick = static fn (string ...$names): array => array_intersect_key($figures, array_flip($names));

        return new LibrarySubject($id, [
            'format' => SubjectDocument::FORMAT,
            'subject' => [
                'name' => $text('name'),
                'figure' => $row['figure'],
                'kind' => $row['kind'],
                ...$pick(
                    'length_m',
                    'height_m',
                    'depth_m',
                    'aim_size_m',
                    'speed_mps',
                    'limb_speed_mps',
                    'erratic',
                    'contrast',
                    'distinct',
                ),
            ],
            'group' => Words::text("subject-group.{$row['group']}"),
            ...$pick('burst_mps', 'size_uncertainty', 'speed_uncertainty'),
            'source' => $text('source'),
            'habit' => $text('habit'),
            'hazards' => $row['hazards'] === '' ? [] : explode(' ', $row['hazards']),
        ]);
    }

    private static function number(string $cell): float
    {
        return is_numeric($cell) ? (float) $cell : throw new LogicException("“{$cell}” is no number.");
    }
}
