<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Models\Burst;
use App\Models\User;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Validator;
use Illuminate\Validation\Rule;
use RushHold\Document\HoldDocument;
use RushHold\Focus\LossCause;
use RushHold\Record\HowMany;
use RushHold\Refused;
use RushHold\Units;
use RushHold\Words\Words;

/** What a person logged in the field: each burst once, however often and from wherever it comes in. */
final class Log
{
    /** @return list<array<string, mixed>> */
    public static function written(User $person): array
    {
        $bursts = [];
        $mine = Burst::query();
        $mine->where('user_id', $person->id)->orderBy('id');
        foreach ($mine->lazy() as $burst) {
            $bursts[] = self::told($burst);
        }

        return $bursts;
    }

    /** @return array<string, mixed> */
    public static function told(Burst $burst): array
    {
        return ['id' => $burst->uuid, 'outing_id' => $burst->outing_id, 'rush_id' => $burst->rush_id, 'rush' => $burst->rush,
            'at' => $burst->shot_at->toIso8601ZuluString(), 'kept' => $burst->kept, 'frames' => $burst->frames, 'keepers' => $burst->keepers,
            'lost_to' => $burst->lost_to, 'note' => $burst->note, 'hold' => (object) ($burst->hold ?? [])];
    }

    /**
     * @param  list<array<array-key, mixed>>  $bursts
     * @param  array<string, string>  $outings  ids here by those there
     * @param  array<string, string>  $rushes
     * @return int how many were not there
     *
     * @throws Refused if one of them cannot be
     */
    public static function load(User $person, array $bursts, array $outings, array $rushes): int
    {
        $before = $person->bursts()->count();
        foreach ($bursts as $burst) {
            $id = $burst['id'] ?? null;
            $here = static fn (string $part, array $ids): ?string => is_string($burst[$part] ?? null) ? $ids[$burst[$part]] ?? null : null;
            $wrong = is_string($id) && preg_match('/^[0-9a-f-]{36}$/', $id) === 1
                ? self::keep($person, $id, [...$burst, 'outing_id' => $here('outing_id', $outings), 'rush_id' => $here('rush_id', $rushes)]) : 'It has no id.';
            if ($wrong !== null) {
                throw Refused::because('bursts.json', 'archive-burst', problem: $wrong);
            }
        }

        return $person->bursts()->count() - $before;
    }

    /**
     * @param  array<array-key, mixed>  $burst
     * @return string|null why it cannot be kept; null when it is, from now or before
     */
    public static function keep(User $person, string $id, array $burst): ?string
    {
        $check = Validator::make($burst, [
            'outing_id' => ['nullable', 'string', 'ulid'],
            'rush_id' => ['nullable', 'string', 'ulid'],
            'rush' => ['required', 'string', 'max:120'],
            'at' => ['required', 'date', 'after:2000-01-01', 'before:tomorrow +1 day'],
            'kept' => ['nullable', Rule::enum(HowMany::class)],
            'frames' => ['nullable', 'integer', 'min:1', 'max:100000'],
            'keepers' => ['nullable', 'integer', 'min:0', 'max:100000', ...(isset($burst['frames']) ? ['lte:frames'] : [])],
            'lost_to' => ['nullable', Rule::enum(LossCause::class)],
            'note' => ['sometimes', 'string', 'max:500'],
            'hold' => ['nullable', 'array'],
        ]);
        if ($check->fails()) {
            return $check->errors()->first();
        }
        try {
            $hold = is_array($burst['hold'] ?? null) && $burst['hold'] !== [] ? HoldDocument::settings(HoldDocument::read($burst['hold'])) : null;
        } catch (Refused $refused) {
            return Words::in(Units::Metric)->refused($refused);
        }
        // What was deleted does not come back by being sent once more.
        if (Burst::withTrashed()->where('user_id', $person->id)->where('uuid', $id)->exists()) {
            return null;
        }
        if ($person->bursts()->count() >= (int) config('limits.bursts')) {
            return 'The log is full.';
        }
        /** @var array{outing_id?: string|null, rush_id?: string|null, rush: string, at: string, kept?: string|null, frames?: int|null, keepers?: int|null, lost_to?: string|null, note?: string} $given */
        $given = $check->validated();
        // Sent twice at once it is kept once: the one that comes second finds it there.
        Burst::query()->insertOrIgnore([
            'user_id' => $person->id, 'uuid' => $id, 'outing_id' => $given['outing_id'] ?? null, 'rush_id' => $given['rush_id'] ?? null,
            'rush' => $given['rush'], 'shot_at' => Carbon::parse($given['at'])->utc(), 'kept' => $given['kept'] ?? null,
            'frames' => $given['frames'] ?? null, 'keepers' => $given['keepers'] ?? null, 'lost_to' => $given['lost_to'] ?? null,
            'note' => $given['note'] ?? '', 'created_at' => now(),
            'hold' => $hold === null ? null : json_encode($hold, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION),
        ]);

        return null;
    }
}
