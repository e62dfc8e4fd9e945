<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Bench\Session;
use App\Documents\DocumentGate;
use App\Documents\Documents;
use App\Keeping\Quota;
use App\Kit\Pointers;
use App\Kit\Tags;
use App\Models\KeptSweep;
use App\Models\KitItem;
use App\Models\KitType;
use App\Models\SavedOuting;
use App\Models\SavedRush;
use App\Models\User;
use App\Practice\Settings;
use App\Practice\Turns;
use App\Review\Log;
use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use RushHold\Document\StandingDocument;
use RushHold\Refused;
use ZipArchive;

/**
 * A person's data as a ZIP: a document for each rush, outing, body, lens and subject, what was logged, and
 * `archive.json`,
 * which lists them with what stands beside the documents.
 */
final readonly class Archive
{
    public const FORMAT = 'rush-hold/archive@1';

    /** Bytes of one document, and of all together, when they are unpacked. */
    private const LARGEST_ENTRY = 1_000_000;

    private const LARGEST_WHOLE = 40_000_000;

    public function __construct(private DocumentGate $gate)
    {
    }

    /** @return string path of a file that the caller deletes */
    public function write(User $person): string
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'archive');
        $zip = new ZipArchive();
        $zip->open($path, ZipArchive::OVERWRITE);
        $list = [
            'format' => self::FORMAT,
            'made_at' => now()->toIso8601ZuluString(),
            'name' => $person->name,
            'habits' => Documents::withObjects($person->habits()->fields),
            'standings' => (object) ($person->standings ?? []),
            'rushes' => [],
            'outings' => [],
            'bursts' => [],
            'sweeps' => [],
            'practice' => $person->practice,
            'drills' => [],
            'kit' => [],
        ];
        foreach ($person->rushes()->orderBy('created_at')->orderBy('id')->lazy() as $i => $rush) {
            $file = sprintf('rushes/%04d-%s.rush.json', $i + 1, Str::slug($rush->name) ?: 'rush');
            $zip->addFromString($file, Documents::text(Documents::withObjects($rush->document)));
            $list['rushes'][] = [
                'file' => $file,
                'id' => $rush->id,
                'pins' => $rush->pins,
                'tags' => $rush->tags,
                'created_at' => $rush->created_at->toIso8601ZuluString(),
                'updated_at' => $rush->updated_at->toIso8601ZuluString(),
            ];
        }
        foreach ($person->kit()->orderBy('created_at')->orderBy('id')->lazy() as $i => $item) {
            $file = sprintf(
                '%s/%04d-%s.%s.json',
                $item->type->value,
                $i + 1,
                Str::slug($item->name) ?: 'item',
                $item->type->document(),
            );
            $zip->addFromString($file, Documents::text(Documents::withObjects($item->document)));
            $list['kit'][] = [
                'file' => $file,
                'type' => $item->type->value,
                'id' => $item->id,
                'based_on' => $item->based_on,
                'standing' => $item->standing,
                'created_at' => $item->created_at->toIso8601ZuluString(),
                'updated_at' => $item->updated_at->toIso8601ZuluString(),
            ];
        }
        // Rushes stand in an outing by the ids they have in the list.
        foreach ($person->outings()->orderBy('created_at')->orderBy('id')->lazy() as $i => $outing) {
            $file = sprintf('outings/%04d-%s.outing.json', $i + 1, Str::slug($outing->name) ?: 'outing');
            $zip->addFromString($file, Documents::text(Documents::withObjects($outing->document)));
            $list['outings'][] = [
                'file' => $file,
                'id' => $outing->id,
                'created_at' => $outing->created_at->toIso8601ZuluString(),
                'updated_at' => $outing->updated_at->toIso8601ZuluString(),
            ];
        }
        foreach (Log::pieces($person) as $i => $bursts) {
            $file = sprintf('bursts/%04d.json', $i + 1);
            $zip->addFromString($file, Documents::text(['bursts' => $bursts]));
            $list['bursts'][] = ['file' => $file];
        }
        foreach ($person->sweeps()->orderBy('created_at')->orderBy('id')->lazy() as $i => $sweep) {
            $file = sprintf('sweeps/%04d.sweep.json', $i + 1);
            $zip->addFromString($file, Documents::text($sweep->document));
            $list['sweeps'][] = [
                'file' => $file,
                'name' => $sweep->name,
                'body' => $sweep->body,
                'lens' => $sweep->lens,
                'hidden' => $sweep->hidden,
            ];
        }
        foreach (Turns::pieces($person) as $i => $turns) {
            $file = sprintf('drills/%04d.json', $i + 1);
            $zip->addFromString($file, Documents::text(['drills' => $turns]));
            $list['drills'][] = ['file' => $file];
        }
        $zip->addFromString('archive.json', Documents::text($list));
        $zip->close();

        return $path;
    }

    /**
     * Loads all of it or, when anything is wrong with it, nothing.
     *
     * @return array{rushes: int, kit: int, outings: int, bursts: int, already_there: int}
     *
     * @throws Refused naming the file and the field within
     */
    public function load(User $person, string $path): array
    {
        $zip = new ZipArchive();
        if ($zip->open($path, ZipArchive::RDONLY) !== true) {
            throw Refused::because('file', 'archive-zip');
        }
        $this->weigh($zip);
        $list = $this->entry($zip, 'archive.json');
        if (($list['format'] ?? null) !== self::FORMAT) {
            throw Refused::because('archive.json.format', 'format', format: self::FORMAT, given: 'none');
        }
        $habits = $this->gate->habits($list['habits'] ?? ['format' => 'rush-hold/habits@1']);
        $standings = self::standings($list['standings'] ?? []);
        // Read and checked one by one, and kept as text: arrays of them all would be many times as large.
        $rushes = $kit = $outings = $files = [];
        foreach (self::listed($list, 'rushes', (int) config('limits.rushes')) as $entry) {
            $file = self::once($entry, $files);
            $rushes[] = $this->within($file, function () use ($zip, $file, $entry): array {
                $read = $this->gate->rush($this->entry($zip, $file));
                $pins = $entry['pins'] ?? null;
                $this->gate->pins($pins, $read->rush->kit);

                return [
                    'document' => self::compact($read->fields),
                    'pins' => $pins ?: null,
                    'tags' => Tags::of($entry['tags'] ?? null),
                    'id' => $entry['id'] ?? null,
                    ...self::dates($entry),
                ];
            });
        }
        foreach (self::listed($list, 'kit', (int) config('limits.kit')) as $entry) {
            $file = self::once($entry, $files);
            $kit[] = $this->within($file, function () use ($zip, $file, $entry): array {
                $type =
                    KitType::tryFrom(self::text($entry, 'type')) ??
                    throw Refused::because('archive.json.kit.type', 'archive-type');
                $read = $this->gate->kit($type, $this->entry($zip, $file));
                ($entry['standing'] ?? null) === null || StandingDocument::read($entry['standing']);
                $sample = $entry['based_on'] ?? null;

                return [
                    'type' => $type,
                    'name' => $read['name'],
                    'document' => self::compact($read['fields']),
                    'standing' => $entry['standing'] ?? null,
                    'based_on' => is_string($sample) && isset($type->samples()[$sample]) ? $sample : null,
                    'id' => $entry['id'] ?? null,
                    ...self::dates($entry),
                ];
            });
        }

        $within = array_column($rushes, 'document', 'id');
        foreach (self::listed($list, 'outings', (int) config('limits.outings')) as $entry) {
            $file = self::once($entry, $files);
            $outings[] = $this->within($file, function () use ($zip, $file, $entry, $within): array {
                $document = $this->entry($zip, $file);
                $this->gate->outing(
                    self::withRushes(
                        $document,
                        static fn (string $id): ?array => isset($within[$id]) ? self::decoded($within[$id]) : null,
                    ),
                );

                return ['document' => self::compact($document), 'id' => $entry['id'] ?? null, ...self::dates($entry)];
            });
        }
        $log = [];
        foreach (self::listed($list, 'bursts', (int) ceil((int) config('limits.bursts') / Log::PIECE)) as $entry) {
            $file = self::once($entry, $files);
            $log = [
                ...$log,
                ...$this->within(
                    $file,
                    fn (): array => array_map(
                        Log::read(...),
                        self::listed($this->entry($zip, $file), 'bursts', Log::PIECE),
                    ),
                ),
            ];
        }

        $sweeps = [];
        foreach (self::listed($list, 'sweeps', (int) config('limits.sweeps')) as $entry) {
            $file = self::once($entry, $files);
            $hidden = $entry['hidden'] ?? null;
            $sweeps[] = [
                'name' => mb_substr(self::text($entry, 'name'), 0, 120),
                'body' => mb_substr(self::text($entry, 'body'), 0, 120),
                'lens' => mb_substr(self::text($entry, 'lens'), 0, 120),
                'document' => $this->within($file, fn (): array => Session::checked($this->entry($zip, $file))),
                'hidden' => is_array($hidden) && is_numeric($hidden['value'] ?? null) && is_int($hidden['seed'] ?? null)
                        ? $hidden
                        : null,
            ];
        }

        $turns = [];
        foreach (self::listed($list, 'drills', (int) ceil((int) config('limits.drills') / Turns::PIECE)) as $entry) {
            $file = self::once($entry, $files);
            $turns = [
                ...$turns,
                ...$this->within(
                    $file,
                    fn (): array => array_map(
                        fn (array $turn): array => Turns::read($turn, $this->gate),
                        self::listed($this->entry($zip, $file), 'drills', Turns::PIECE),
                    ),
                ),
            ];
        }
        $practice = is_array($list['practice'] ?? null)
            ? $this->within('archive.json', static fn (): array => Settings::read($list['practice'])->written())
            : null;

        return DB::transaction(function () use (
            $person,
            $habits,
            $standings,
            $rushes,
            $kit,
            $outings,
            $log,
            $sweeps,
            $turns,
            $practice,
        ): array {
            User::query()->whereKey($person->id)->lockForUpdate()->first('id');
            $person->refresh();
            $ids = $mine = [];
            foreach ($person->kit()->lazy(100) as $item) {
                $mine[$item->type->value.self::mark($item->document)] = $item->id;
            }
            $new = array_filter(
                $kit,
                static fn (array $entry): bool => ! isset(
                    $mine[$entry['type']->value.self::mark(self::decoded($entry['document']))],
                ),
            );
            $known = [];
            foreach ($person->rushes()->lazy(100) as $rush) {
                $known[self::mark([Pointers::moved($rush->document, []), $rush->pins])] = $rush->id;
            }
            $markOf = static fn (array $entry): string => self::mark([
                Pointers::moved(self::decoded($entry['document']), []),
                $entry['pins'],
            ]);
            $added = array_filter($rushes, static fn (array $entry): bool => ! isset($known[$markOf($entry)]));
            (new Quota($person))->makeRoom(
                ['rushes' => count($added), 'kit' => count($new), 'outings' => count($outings)],
                array_sum(
                    array_map(static fn (array $entry): int => strlen($entry['document']), [
                        ...$added,
                        ...$new,
                        ...$outings,
                    ]),
                ),
            );

            foreach ($kit as $i => $entry) {
                $id = null;
                if (isset($new[$i])) {
                    $item = $person
                        ->kit()
                        ->make([
                            'type' => $entry['type'],
                            'name' => $entry['name'],
                            'document' => self::decoded($entry['document']),
                            'based_on' => $entry['based_on'],
                            'standing' => $entry['standing'],
                        ]);
                    $this->date($item, $entry)->save(['timestamps' => false]);
                    $id = $item->id;
                }
                if (is_string($entry['id'])) {
                    $ids[$entry['id']] =
                        $id ?? $mine[$entry['type']->value.self::mark(self::decoded($entry['document']))];
                }
            }
            $moved = [];
            foreach ($rushes as $i => $entry) {
                $rush = null;
                if (isset($added[$i])) {
                    $rush = $this->date(
                        $person
                            ->rushes()
                            ->make([
                                'document' => Pointers::moved(self::decoded($entry['document']), $ids),
                                'pins' => $entry['pins'],
                                'tags' => $entry['tags'],
                            ]),
                        $entry,
                    );
                    $rush->save(['timestamps' => false]);
                }
                if (is_string($entry['id'])) {
                    $moved[$entry['id']] = $rush->id ?? $known[$markOf($entry)];
                }
            }
            $there = [];
            foreach ($person->outings()->lazy(100) as $outing) {
                $there[self::mark($outing->document)] = $outing->id;
            }
            $outingIds = [];
            $fresh = 0;
            foreach ($outings as $entry) {
                $document = self::withRushes(
                    self::decoded($entry['document']),
                    static fn (string $id): ?string => $moved[$id] ?? null,
                );
                $id = $there[self::mark($document)] ?? null;
                if ($id === null) {
                    $outing = $this->date($person->outings()->make(['document' => $document]), $entry);
                    $outing->save(['timestamps' => false]);
                    $id = $outing->id;
                    $fresh++;
                }
                if (is_string($entry['id'])) {
                    $outingIds[$entry['id']] = $id;
                }
            }
            $logged = Log::load($person, $log, $outingIds, $moved);
            $known = array_flip(
                $person
                    ->sweeps()
                    ->get()
                    ->map(static fn (KeptSweep $s): string => self::mark([$s->name, $s->document]))
                    ->all(),
            );
            foreach ($sweeps as $sweep) {
                isset($known[self::mark([$sweep['name'], $sweep['document']])]) ||
                    $person->sweeps()->count() >= (int) config('limits.sweeps') ||
                    $person->sweeps()->create($sweep);
            }
            Turns::load($person, $turns);
            // What the habits start with has other ids here, as what the rushes point at.
            $fields = $habits->fields;
            foreach (['body', 'lens'] as $part) {
                $fields[$part] = is_string($fields[$part] ?? null) ? $ids[$fields[$part]] ?? $fields[$part] : null;
            }
            $person->fill(['habits' => $fields]);
            $person->practice ??= $practice;
            $person->standings = [...$standings, ...$person->standings ?? []];
            $person->save();

            return [
                'rushes' => count($added),
                'kit' => count($new),
                'outings' => $fresh,
                'bursts' => $logged,
                'already_there' => count($kit) -
                    count($new) +
                    count($rushes) -
                    count($added) +
                    count($outings) -
                    $fresh +
                    count($log) -
                    $logged,
            ];
        });
    }

    /**
     * An outing with something else in the place of its rushes' ids; without those there is nothing for.
     *
     * @param  array<string, mixed>  $outing
     * @param  callable(string): mixed  $instead
     * @return array<string, mixed>
     */
    private static function withRushes(array $outing, callable $instead): array
    {
        $entries = [];
        foreach ((array) ($outing['rushes'] ?? []) as $entry) {
            $rush = is_array($entry) && is_string($entry['rush'] ?? null) ? $instead($entry['rush']) : null;
            if ($rush !== null) {
                $entries[] = [...(array) $entry, 'rush' => $rush];
            }
        }
        // An order by number is one of just these.
        $whole = count($entries) === count((array) ($outing['rushes'] ?? []));

        return [...$outing, 'rushes' => $entries, ...$whole ? [] : ['order' => 'solved']];
    }

    /** @throws Refused if it unpacks to more than any account has */
    private function weigh(ZipArchive $zip): void
    {
        $bytes = 0;
        for ($i = 0; $i < $zip->numFiles; $i++) {
            $about = $zip->statIndex($i);
            $bytes += $about === false ? 0 : $about['size'];
            if ($bytes > self::LARGEST_WHOLE) {
                throw Refused::because('file', 'archive-large', most: (int) (self::LARGEST_WHOLE / 1e6));
            }
        }
    }

    /**
     * How the sample bodies were left.
     *
     * @return array<string, mixed> by the id of the sample
     */
    private static function standings(mixed $given): array
    {
        if (! is_array($given)) {
            throw Refused::because('archive.json.standings', 'not-object');
        }
        $samples = KitType::Bodies->samples();
        $standings = [];
        foreach ($given as $id => $standing) {
            if (isset($samples[$id])) {
                StandingDocument::read($standing);
                $standings[(string) $id] = $standing;
            }
        }

        return $standings;
    }

    /**
     * The file of an entry, which no other entry may name.
     *
     * @param  array<array-key, mixed>  $entry
     * @param  array<string, true>  $files
     */
    private static function once(array $entry, array &$files): string
    {
        $file = self::text($entry, 'file');
        if (isset($files[$file])) {
            throw Refused::because('archive.json', 'archive-twice', file: $file);
        }
        $files[$file] = true;

        return $file;
    }

    /** @param  array<string, mixed>  $document */
    private static function compact(array $document): string
    {
        return json_encode($document, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION);
    }

    /** @return array<string, mixed> */
    private static function decoded(string $json): array
    {
        $value = json_decode($json, true);
        assert(is_array($value));

        /** @var array<string, mixed> $value */
        return $value;
    }

    /** The same for equal documents, in whatever order their fields are. */
    private static function mark(mixed $value): string
    {
        $sorted = static function (mixed $value) use (&$sorted): mixed {
            if (! is_array($value)) {
                return is_int($value) ? (float) $value : $value;
            }
            array_is_list($value) || ksort($value);

            return array_map($sorted, $value);
        };

        return hash('sha256', serialize($sorted($value)));
    }

    /**
     * @param  array<array-key, mixed>  $entry
     * @return array{created_at: DateTimeImmutable|null, updated_at: DateTimeImmutable|null}
     */
    private static function dates(array $entry): array
    {
        $date = static function (mixed $given): ?DateTimeImmutable {
            $moment = is_string($given) && strlen($given) <= 40 ? date_create_immutable($given) : false;

            // What cannot have been is not taken for a date.
            return $moment !== false && $moment > new DateTimeImmutable('2000-01-01') && $moment < now()->addDay()
                ? $moment
                : null;
        };

        return [
            'created_at' => $date($entry['created_at'] ?? null),
            'updated_at' => $date($entry['updated_at'] ?? null),
        ];
    }

    /**
     * @template M of SavedRush|SavedOuting|KitItem
     *
     * @param  M  $model
     * @param  array{created_at: DateTimeImmutable|null, updated_at: DateTimeImmutable|null, ...}  $entry
     * @return M
     */
    private function date(SavedRush|SavedOuting|KitItem $model, array $entry): SavedRush|SavedOuting|KitItem
    {
        return $model->forceFill([
            'created_at' => $entry['created_at'] ?? now(),
            'updated_at' => $entry['updated_at'] ?? now(),
        ]);
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
            throw $refused->in($file);
        }
    }

    /** @return array<string, mixed> */
    private function entry(ZipArchive $zip, string $name): array
    {
        $about = $zip->statName($name);
        if ($about === false) {
            throw Refused::because($name, 'archive-lacks', file: $name);
        }
        if ($about['size'] > self::LARGEST_ENTRY) {
            throw Refused::because($name, 'archive-entry', file: $name);
        }
        $value = DocumentGate::decode((string) $zip->getFromName($name, self::LARGEST_ENTRY + 1));
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
    private static function listed(array $list, string $name, int $most): array
    {
        $entries = $list[$name] ?? [];
        if (! is_array($entries) || ! array_is_list($entries) || $entries !== array_filter($entries, is_array(...))) {
            throw Refused::because("archive.json.$name", 'archive-list', name: $name);
        }
        if (count($entries) > $most) {
            throw Refused::because("archive.json.$name", 'archive-most', name: $name, most: $most);
        }

        return $entries;
    }

    /** @param  array<array-key, mixed>  $entry */
    private static function text(array $entry, string $name): string
    {
        return is_string($entry[$name] ?? null)
            ? $entry[$name]
            : throw Refused::because("archive.json.$name", 'archive-text', name: $name);
    }
}
