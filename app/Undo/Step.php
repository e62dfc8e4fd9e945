<?php

declare(strict_types=1);

namespace App\Undo;

use App\Models\LogChanged;
use App\Models\User;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use RushHold\Words\Words;

/**
 * Something a person did that can be undone for an hour: what the rows it touched were like before, and which rows it
 * made. Whoever does such a thing notes the rows first, does it, and keeps the step.
 */
final class Step
{
    private const HOURS = 1;

    /** Steps kept of one person; the oldest go first. */
    private const MOST = 100;

    /** What can be touched: things with a person and an id of their own. */
    private const TABLES = ['bursts', 'pictures', 'rushes'];

    /** @var array<string, array<array-key, array<string, mixed>>> columns as they were, by table and id */
    private array $before = [];

    /** @var array<string, list<int|string>> ids of what was made, by table */
    private array $made = [];

    private function __construct(private readonly User $person)
    {
    }

    public static function of(User $person): self
    {
        return new self($person);
    }

    /** A row as it is now, before something is done to it. */
    public function before(Model $row, string ...$columns): self
    {
        $this->before[$row->getTable()][self::id($row)] = array_intersect_key(
            $row->getRawOriginal(),
            array_flip($columns),
        );

        return $this;
    }

    /** A row that was not there before. */
    public function made(Model $row): self
    {
        $this->made[$row->getTable()][] = self::id($row);

        return $this;
    }

    /** @return string by which it is undone */
    public function kept(): string
    {
        $id = Str::lower((string) Str::ulid());
        DB::table('undo_steps')->insert([
            'id' => $id,
            'user_id' => $this->person->id,
            'rows' => json_encode(['before' => $this->before, 'made' => $this->made], JSON_THROW_ON_ERROR),
            'created_at' => now(),
        ]);
        $old = DB::table('undo_steps')
            ->where('user_id', $this->person->id)
            ->orderByDesc('id')
            ->skip(self::MOST)
            ->limit(self::MOST)
            ->pluck('id');
        $old->isEmpty() || DB::table('undo_steps')->whereIn('id', $old)->delete();

        return $id;
    }

    /** Puts everything back as it was before that step, once. */
    public static function undo(User $person, string $id): void
    {
        DB::transaction(static function () use ($person, $id): void {
            $steps = DB::table('undo_steps')
                ->where('user_id', $person->id)
                ->where('id', '>=', $id)
                ->where('created_at', '>', now()->subHours(self::HOURS))
                ->orderBy('id')
                ->lockForUpdate()
                ->get();
            $step = $steps->firstWhere('id', $id);
            abort_if($step === null, 404, Words::text('undo.step.this-cannot-be-undone-any'));
            $rows = self::read((string) $step->rows);
            foreach ($steps as $later) {
                abort_if(
                    $later->id !== $id && self::overlap($rows, self::read((string) $later->rows)),
                    409,
                    Words::text('undo.step.something-was-done-to-the'),
                );
            }
            foreach ($rows['before'] as $table => $ids) {
                foreach ($ids as $key => $columns) {
                    DB::table($table)->where('user_id', $person->id)->where('id', $key)->update($columns);
                }
            }
            foreach ($rows['made'] as $table => $ids) {
                DB::table($table)
                    ->where('user_id', $person->id)
                    ->whereIn('id', $ids)
                    ->update(['deleted_at' => now()]);
            }
            DB::table('undo_steps')->where('id', $id)->delete();
            isset($rows['before']['bursts']) && LogChanged::dispatch($person->id);
        });
    }

    /**
     * @return array{before: array<string, array<array-key, array<string, mixed>>>, made: array<string,
     *   list<int|string>>}
     */
    private static function read(string $json): array
    {
        /**
         * @var array{before: array<string, array<array-key, array<string, mixed>>>, made: array<string,
         *   list<int|string>>} $rows as they were kept
         */
        $rows = json_decode($json, true, 16, JSON_THROW_ON_ERROR);

        return [
            'before' => array_intersect_key($rows['before'], array_flip(self::TABLES)),
            'made' => array_intersect_key($rows['made'], array_flip(self::TABLES)),
        ];
    }

    /**
     * @param  array{before: array<string, array<array-key, array<string, mixed>>>, made: array<string,
     *   list<int|string>>}  $one
     * @param  array{before: array<string, array<array-key, array<string, mixed>>>, made: array<string,
     *   list<int|string>>}  $other
     */
    private static function overlap(array $one, array $other): bool
    {
        foreach (self::TABLES as $table) {
            $ids = static fn (array $rows): array => [
                ...array_map(strval(...), array_keys($rows['before'][$table] ?? [])),
                ...array_map(strval(...), $rows['made'][$table] ?? []),
            ];
            if (array_intersect($ids($one), $ids($other)) !== []) {
                return true;
            }
        }

        return false;
    }

    private static function id(Model $row): int|string
    {
        $id = $row->getKey();

        return is_int($id) ? $id : (string) $id;
    }
}
