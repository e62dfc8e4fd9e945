<?php

declare(strict_types=1);

namespace App\Review;

use App\Models\Burst;
use App\Models\SavedOuting;
use App\Models\SavedRush;
use App\Models\User;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Validator;
use Illuminate\Validation\Rule;
use RushHold\Document\HoldDocument;
use RushHold\Focus\LossCause;
use RushHold\Record\HowMany;
use RushHold\Record\Plausible;
use RushHold\Refused;
use RushHold\Units;
use RushHold\Words\Words;

/** What a person logged in the field: each burst once, however often and from wherever it comes in. */
final class Log
{
    private const FULL = 'The log is full.';

    /** Bursts in one file of an archive. */
    public const PIECE = 200;

    /** @return iterable<int, list<array<string, mixed>>> all of it, some at a time */
    public static function pieces(User $person): iterable
    {
        $mine = Burst::query();
        $mine->where('user_id', $person->id)->orderBy('id');
        foreach ($mine->lazy(self::PIECE)->chunk(self::PIECE) as $i => $bursts) {
            yield $i => array_values($bursts->map(self::toArray(...))->all());
        }
    }

    /** @return array<string, mixed> */
    public static function toArray(Burst $burst): array
    {
        return [
            'id' => $burst->uuid,
            'outing_id' => $burst->outing_id,
            'rush_id' => $burst->rush_id,
            'rush' => $burst->rush,
            'at' => $burst->shot_at->toIso8601ZuluString(),
            'kept' => $burst->kept,
            'frames' => $burst->frames,
            'keepers' => $burst->keepers,
            'lost_to' => $burst->lost_to,
            'note' => $burst->note,
            'hold' => (object) ($burst->hold ?? []),
            ...$burst->coc_px === null ? [] : ['pictures' => true],
            ...$burst->doubted ? ['doubted' => true] : [],
            ...$burst->answers === null ? [] : ['asked' => true],
        ];
    }

    /**
     * Keeps what an archive has of a log; what is there already, or was deleted here, is left as it is.
     *
     * @param  list<array<string, mixed>>  $rows  as `read` makes them
     * @param  array<string, string>  $outings  ids here by those there
     * @param  array<string, string>  $rushes
     * @return int how many were not there
     *
     * @throws Refused if there is no room for them
     */
    public static function load(User $person, array $rows, array $outings, array $rushes): int
    {
        $known = array_flip(Burst::withTrashed()->where('user_id', $person->id)->pluck('uuid')->all());
        $new = array_filter(
            array_column($rows, null, 'uuid'),
            static fn (array $row): bool => ! isset($known[$row['uuid']]),
        );
        if ($person->bursts()->count() + count($new) > (int) config('limits.bursts')) {
            throw Refused::because('bursts', 'burst', problem: self::FULL);
        }
        $here = static fn (mixed $id, array $ids): mixed => is_string($id) ? $ids[$id] ?? null : null;
        foreach (array_chunk($new, self::PIECE) as $some) {
            Burst::query()->insertOrIgnore(
                array_map(
                    static fn (array $row): array => [
                        ...$row,
                        'user_id' => $person->id,
                        'outing_id' => $here($row['outing_id'], $outings),
                        'rush_id' => $here($row['rush_id'], $rushes),
                    ],
                    $some,
                ),
            );
        }

        $new === [] || LearnFromLog::soon($person->id);

        return count($new);
    }

    /**
     * @param  array<array-key, mixed>  $burst
     * @return string|null why it cannot be kept; null when it is, from now or before
     */
    public static function keep(User $person, string $id, array $burst): ?string
    {
        try {
            $row = self::read([...$burst, 'id' => $id]);
        } catch (Refused $refused) {
            return Words::in(Units::Metric)->refused($refused);
        }
        // What was deleted does not come back by being sent once more.
        if (Burst::withTrashed()->where('user_id', $person->id)->where('uuid', $id)->exists()) {
            return null;
        }
        if ($person->bursts()->count() >= (int) config('limits.bursts')) {
            return self::FULL;
        }
        // What is somebody else's cannot be pointed at; what is not here yet may come from the same device in a moment.
        $theirs = static fn (Builder $kept, ?string $id): bool => $id !== null &&
            $kept->where('id', $id)->where('user_id', '!=', $person->id)->exists();
        $row['rush_id'] = $theirs(SavedRush::withTrashed(), $row['rush_id']) ? null : $row['rush_id'];
        $row['outing_id'] = $theirs(SavedOuting::withTrashed(), $row['outing_id']) ? null : $row['outing_id'];
        // Sent twice at once it is kept once: the one that comes second finds it there.
        Burst::query()->insertOrIgnore([...$row, 'user_id' => $person->id]);
        LearnFromLog::soon($person->id);

        return null;
    }

    /**
     * A burst as it is kept.
     *
     * @param  array<array-key, mixed>  $burst
     * @return array<string, mixed>
     *
     * @throws Refused if it cannot be meant
     */
    public static function read(array $burst): array
    {
        $check = Validator::make($burst, [
            'id' => ['required', 'uuid'],
            'outing_id' => ['nullable', 'string', 'ulid'],
            'rush_id' => ['nullable', 'string', 'ulid'],
            'rush' => ['required', 'string', 'max:120'],
            'at' => ['required', 'date'],
            'kept' => ['nullable', Rule::enum(HowMany::class)],
            'frames' => ['nullable', 'integer'],
            'keepers' => ['nullable', 'integer'],
            'lost_to' => ['nullable', Rule::enum(LossCause::class)],
            'note' => ['sometimes', 'string', 'max:500'],
            'hold' => ['nullable', 'array'],
        ]);
        if ($check->fails()) {
            throw Refused::because('burst', 'burst', problem: $check->errors()->first());
        }
        /**
         * @var array{id: string, outing_id?: string|null, rush_id?: string|null, rush: string, at: string,
         *   kept?: string|null, frames?: int|null, keepers?: int|null, lost_to?: string|null, note?: string,
         *   hold?: array<array-key, mixed>|null} $given
         */
        $given = $check->validated();

        return self::row($given);
    }

    /**
     * A burst whose fields are of the kinds they should be, as it is kept.
     *
     * @param  array{id: string, outing_id?: string|null, rush_id?: string|null, rush: string, at: string,
     *   kept?: string|null, frames?: int|null, keepers?: int|null, lost_to?: string|null, note?: string,
     *   hold?: array<array-key, mixed>|null}  $given
     * @return array<string, mixed>
     *
     * @throws Refused if it cannot be meant
     */
    public static function row(array $given): array
    {
        $hold = ($given['hold'] ?? []) !== [] ? HoldDocument::settings(HoldDocument::read($given['hold'])) : null;
        $at = Carbon::parse($given['at'])->utc();
        Plausible::counts($given['frames'] ?? null, $given['keepers'] ?? null);
        Plausible::day($at, now()->toDateTimeImmutable());

        return [
            'uuid' => $given['id'],
            'outing_id' => $given['outing_id'] ?? null,
            'rush_id' => $given['rush_id'] ?? null,
            'rush' => $given['rush'],
            'shot_at' => $at,
            'kept' => $given['kept'] ?? null,
            'frames' => $given['frames'] ?? null,
            'keepers' => $given['keepers'] ?? null,
            'lost_to' => $given['lost_to'] ?? null,
            'note' => $given['note'] ?? '',
            'created_at' => now(),
            'hold' => $hold === null ? null : json_encode($hold, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION),
        ];
    }
}
