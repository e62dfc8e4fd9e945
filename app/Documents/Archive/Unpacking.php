<?php

declare(strict_types=1);

namespace App\Documents\Archive;

use App\Documents\DocumentGate;
use DateTimeImmutable;
use RushHold\Refused;
use ZipArchive;

/** An archive while it is read: its list, and the files that are named there, each once. */
final class Unpacking
{
    public const LIST = 'archive.json';

    /** Bytes of one document, and of all together, when they are unpacked. */
    private const LARGEST_ENTRY = 1_000_000;

    private const LARGEST_WHOLE = 40_000_000;

    private readonly ZipArchive $zip;

    /** @var array<string, mixed> */
    private readonly array $list;

    /** @var array<string, true> by name */
    private array $files = [];

    /** @var array<string, string> documents of rushes as JSON, by the id they have in the archive */
    public array $rushes = [];

    /** @throws Refused if it is no archive, or unpacks to more than any account has */
    public function __construct(string $path, string $format)
    {
        $this->zip = new ZipArchive();
        if ($this->zip->open($path, ZipArchive::RDONLY) !== true) {
            throw Refused::because('file', 'archive-zip');
        }
        $this->weigh();
        $this->list = $this->document(self::LIST);
        if (($this->list['format'] ?? null) !== $format) {
            throw Refused::because(self::LIST.'.format', 'format', format: $format, given: 'none');
        }
    }

    public function listed(string $name): mixed
    {
        return $this->list[$name] ?? null;
    }

    /**
     * Reads the things of a kind one by one, each from the file it names.
     *
     * @template T
     *
     * @param  callable(array<string, mixed>, array<array-key, mixed>): T  $read  gets the document and what the list
     *   says of it
     * @return list<T>
     *
     * @throws Refused naming the file and the field within
     */
    public function each(string $name, int $most, callable $read): array
    {
        $things = [];
        foreach (self::entries($this->list, $name, $most) as $entry) {
            $file = $this->once($entry);
            $things[] = $this->within($file, fn () => $read($this->document($file), $entry));
        }

        return $things;
    }

    /**
     * Reads the things of a kind that stand many to a file.
     *
     * @template T
     *
     * @param  int  $most  of all
     * @param  int  $piece  at most in a file
     * @param  callable(array<array-key, mixed>): T  $read
     * @return list<T>
     *
     * @throws Refused naming the file and the field within
     */
    public function pieces(string $name, int $most, int $piece, callable $read): array
    {
        return array_merge(
            ...$this->each(
                $name,
                (int) ceil($most / $piece),
                static fn (array $document): array => array_map($read, self::entries($document, $name, $piece)),
            ),
        );
    }

    /**
     * @template T
     *
     * @param  callable(): T  $read
     * @return T
     *
     * @throws Refused naming the file
     */
    public function within(string $file, callable $read): mixed
    {
        try {
            return $read();
        } catch (Refused $refused) {
            throw $refused->in($file);
        }
    }

    /** @param  array<array-key, mixed>  $entry */
    public static function text(array $entry, string $name): string
    {
        return is_string($entry[$name] ?? null)
            ? $entry[$name]
            : throw Refused::because(self::LIST.".$name", 'archive-text', name: $name);
    }

    /**
     * When it was made and last changed; what cannot have been is not taken for a date.
     *
     * @param  array<array-key, mixed>  $entry
     * @return array{created_at: DateTimeImmutable|null, updated_at: DateTimeImmutable|null}
     */
    public static function dates(array $entry): array
    {
        $date = static function (mixed $given): ?DateTimeImmutable {
            $moment = is_string($given) && strlen($given) <= 40 ? date_create_immutable($given) : false;

            return $moment !== false && $moment > new DateTimeImmutable('2000-01-01') && $moment < now()->addDay()
                ? $moment
                : null;
        };

        return [
            'created_at' => $date($entry['created_at'] ?? null),
            'updated_at' => $date($entry['updated_at'] ?? null),
        ];
    }

    private function weigh(): void
    {
        $bytes = 0;
        for ($i = 0; $i < $this->zip->numFiles; $i++) {
            $about = $this->zip->statIndex($i);
            $bytes += $about === false ? 0 : $about['size'];
            if ($bytes > self::LARGEST_WHOLE) {
                throw Refused::because('file', 'archive-large', most: (int) (self::LARGEST_WHOLE / 1e6));
            }
        }
    }

    /**
     * The file of an entry, which no other entry may name.
     *
     * @param  array<array-key, mixed>  $entry
     */
    private function once(array $entry): string
    {
        $file = self::text($entry, 'file');
        if (isset($this->files[$file])) {
            throw Refused::because(self::LIST, 'archive-twice', file: $file);
        }
        $this->files[$file] = true;

        return $file;
    }

    /** @return array<string, mixed> */
    private function document(string $name): array
    {
        $about = $this->zip->statName($name);
        if ($about === false) {
            throw Refused::because($name, 'archive-lacks', file: $name);
        }
        if ($about['size'] > self::LARGEST_ENTRY) {
            throw Refused::because($name, 'archive-entry', file: $name);
        }
        $value = DocumentGate::decode((string) $this->zip->getFromName($name, self::LARGEST_ENTRY + 1));
        if (! is_array($value)) {
            throw Refused::because($name, 'not-object');
        }
        /** @var array<string, mixed> $value */

        return $value;
    }

    /**
     * @param  array<string, mixed>  $list
     * @return list<array<array-key, mixed>>
     */
    private static function entries(array $list, string $name, int $most): array
    {
        $entries = $list[$name] ?? [];
        if (! is_array($entries) || ! array_is_list($entries) || $entries !== array_filter($entries, is_array(...))) {
            throw Refused::because(self::LIST.".$name", 'archive-list', name: $name);
        }
        if (count($entries) > $most) {
            throw Refused::because(self::LIST.".$name", 'archive-most', name: $name, most: $most);
        }

        return $entries;
    }
}
