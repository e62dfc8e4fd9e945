<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Documents\DocumentGate;
use App\Documents\Documents;
use App\Documents\KitType;
use App\Models\KitItem;
use App\Models\SavedRush;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use RushHold\Document\HoldDocument;
use RushHold\Document\RushDocument;
use RushHold\Planning\Standing;
use RushHold\Refused;
use ZipArchive;

/**
 * A person's data as a ZIP: a document for each rush, body, lens and subject, and `archive.json`, which lists them with
 * what stands beside the documents.
 */
final readonly class Archive
{
    public const FORMAT = 'rush-hold/archive@1';

    private const MOST_ENTRIES = 20_000;

    private const LARGEST_ENTRY = 2_000_000;

    public function __construct(private DocumentGate $gate)
    {
    }

    /** @return string path of a file that the caller deletes */
    public function write(User $person): string
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'archive');
        $zip = new ZipArchive;
        $zip->open($path, ZipArchive::OVERWRITE);
        $list = ['format' => self::FORMAT, 'made_at' => now()->toIso8601ZuluString(), 'name' => $person->name,
            'habits' => Documents::withObjects($person->habits()->fields), 'standings' => (object) ($person->standings ?? []), 'rushes' => [], 'kit' => []];
        foreach ($person->rushes()->orderBy('created_at')->orderBy('id')->lazy() as $i => $rush) {
            $file = sprintf('rushes/%04d-%s.rush.json', $i + 1, Str::slug($rush->name) ?: 'rush');
            $zip->addFromString($file, self::json(Documents::withObjects($rush->document)));
            $list['rushes'][] = ['file' => $file, 'pins' => $rush->pins, 'created_at' => $rush->created_at->toIso8601ZuluString(), 'updated_at' => $rush->updated_at->toIso8601ZuluString()];
        }
        foreach ($person->kit()->orderBy('created_at')->orderBy('id')->lazy() as $i => $item) {
            $file = sprintf('%s/%04d-%s.%s.json', $item->type->value, $i + 1, Str::slug($item->name) ?: 'item', $item->type->document());
            $zip->addFromString($file, self::json(Documents::withObjects($item->document)));
            $list['kit'][] = ['file' => $file, 'type' => $item->type->value, 'id' => $item->id, 'based_on' => $item->based_on, 'standing' => $item->standing,
                'created_at' => $item->created_at->toIso8601ZuluString(), 'updated_at' => $item->updated_at->toIso8601ZuluString()];
        }
        $zip->addFromString('archive.json', self::json($list));
        $zip->close();

        return $path;
    }

    /**
     * Loads all of it or, when anything is wrong with it, nothing.
     *
     * @return array{rushes: int, kit: int, already_there: int}
     *
     * @throws Refused naming the file and the field within
     */
    public function load(User $person, string $path): array
    {
        $zip = new ZipArchive;
        if ($zip->open($path, ZipArchive::RDONLY) !== true) {
            throw Refused::because('file', 'this is not a ZIP file.');
        }
        $list = $this->entry($zip, 'archive.json');
        if (($list['format'] ?? null) !== self::FORMAT) {
            throw Refused::because('archive.json.format', sprintf('must be “%s”.', self::FORMAT));
        }
        $habits = $this->gate->habits($list['habits'] ?? ['format' => 'rush-hold/habits@1']);
        $rushes = $kit = [];
        foreach (self::listed($list, 'rushes') as $entry) {
            $file = self::text($entry, 'file');
            $rushes[] = [...$entry, 'document' => $this->within($file, fn (): array => $this->gate->rush($this->entry($zip, $file))->fields)];
            $rush = RushDocument::read($rushes[count($rushes) - 1]['document'])->rush;
            $this->within($file, fn (): array => [HoldDocument::pins($entry['pins'] ?? [], $rush->kit)]);
        }
        foreach (self::listed($list, 'kit') as $entry) {
            $file = self::text($entry, 'file');
            $type = KitType::tryFrom(self::text($entry, 'type')) ?? throw Refused::because('archive.json.kit.type', 'must be bodies, lenses or subjects.');
            $kit[] = [...$entry, 'type' => $type, 'read' => $this->within($file, fn (): array => $this->gate->kit($type, $this->entry($zip, $file)))];
            ($entry['standing'] ?? null) === null || Standing::read($entry['standing']);
        }

        return DB::transaction(function () use ($person, $list, $habits, $rushes, $kit): array {
            $there = 0;
            $ids = [];
            $mine = $person->kit()->get();
            foreach ($kit as $entry) {
                $known = $mine->first(fn (KitItem $item): bool => $item->type === $entry['type'] && $item->document == $entry['read']['fields']);
                $there += $known === null ? 0 : 1;
                $item = $known ?? $person->kit()->create(['type' => $entry['type'], 'name' => $entry['read']['name'], 'document' => $entry['read']['fields'],
                    'based_on' => is_string($entry['based_on'] ?? null) ? $entry['based_on'] : null, 'standing' => $entry['standing'] ?? null]);
                $known !== null || $this->date($item, $entry);
                if (is_string($entry['id'] ?? null)) {
                    $ids[$entry['id']] = $item->id;
                }
            }
            $mine = $person->rushes()->get();
            $added = 0;
            foreach ($rushes as $entry) {
                if ($mine->contains(fn (SavedRush $rush): bool => $rush->document == $entry['document'] && $rush->pins == ($entry['pins'] ?? null))) {
                    $there++;

                    continue;
                }
                $this->date($person->rushes()->create(['document' => $entry['document'], 'pins' => $entry['pins'] ?? null]), $entry);
                $added++;
            }
            // What the habits start with has other ids here.
            $fields = $habits->fields;
            foreach (['body', 'lens'] as $part) {
                $fields[$part] = is_string($fields[$part] ?? null) ? $ids[$fields[$part]] ?? $fields[$part] : null;
            }
            $standings = is_array($list['standings'] ?? null) ? $list['standings'] : [];
            foreach ($standings as $standing) {
                Standing::read($standing);
            }
            $person->fill(['habits' => $fields]);
            $person->standings = [...$standings, ...($person->standings ?? [])];
            $person->save();

            return ['rushes' => $added, 'kit' => count($kit) + count($rushes) - $added - $there, 'already_there' => $there];
        });
    }

    /** @param  array<array-key, mixed>  $entry */
    private function date(SavedRush|KitItem $model, array $entry): void
    {
        $dates = [];
        foreach (['created_at', 'updated_at'] as $field) {
            $moment = is_string($entry[$field] ?? null) ? date_create_immutable($entry[$field]) : false;
            if ($moment !== false) {
                $dates[$field] = $moment;
            }
        }
        $model->forceFill($dates)->saveQuietly(['timestamps' => false]);
    }

    /**
     * @template T of array
     *
     * @param  callable(): T  $read
     * @return T
     */
    private function within(string $file, callable $read): array
    {
        try {
            return $read();
        } catch (Refused $refused) {
            throw Refused::because("$file, $refused->field", $refused->getMessage());
        }
    }

    /** @return array<string, mixed> */
    private function entry(ZipArchive $zip, string $name): array
    {
        $about = $zip->statName($name);
        if ($about === false) {
            throw Refused::because($name, 'is missing from the archive.');
        }
        if ($about['size'] > self::LARGEST_ENTRY) {
            throw Refused::because($name, 'is larger than any document can be.');
        }
        $value = DocumentGate::decode((string) $zip->getFromName($name));
        if (! is_array($value)) {
            throw Refused::because($name, 'must hold an object with named fields.');
        }
        /** @var array<string, mixed> $value */

        return $value;
    }

    /**
     * @param  array<string, mixed>  $list
     * @return list<array<array-key, mixed>>
     */
    private static function listed(array $list, string $name): array
    {
        $entries = $list[$name] ?? [];
        if (! is_array($entries) || ! array_is_list($entries) || count($entries) > self::MOST_ENTRIES || $entries !== array_filter($entries, is_array(...))) {
            throw Refused::because("archive.json.$name", 'must be a list of objects.');
        }

        return $entries;
    }

    /** @param  array<array-key, mixed>  $entry */
    private static function text(array $entry, string $name): string
    {
        return is_string($entry[$name] ?? null) ? $entry[$name] : throw Refused::because("archive.json.$name", 'must be text.');
    }

    private static function json(mixed $value): string
    {
        return json_encode($value, JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR)."\n";
    }
}
