<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Documents\Documents;
use App\Kit\Pointers;
use App\Models\User;
use App\Review\LearnFromLog;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** A visitor's own copy of the demo: what they change is theirs alone, and is gone after a day. */
final class DemoVisit
{
    private const HOURS = 24;

    /**
     * @param  User  $demo  as it was made
     * @return User|null the copy; null when there are too many visitors just now
     */
    public static function open(User $demo): ?User
    {
        if (User::query()->whereNotNull('demo_until')->count() >= (int) config('limits.demo_visits')) {
            return null;
        }

        return DB::transaction(static function () use ($demo): User {
            $visitor = User::query()->create(['name' => $demo->name, 'email' => Str::lower((string) Str::ulid()).'@demo.rush-hold.example', 'password' => Str::random(40), 'is_demo' => true]);
            $ids = [];
            $copies = static function (string $table) use ($demo, $visitor, &$ids): void {
                $rows = [];
                foreach (DB::table($table)->where('user_id', $demo->id)->whereNull('deleted_at')->orderBy('id')->get() as $row) {
                    $ids[$row->id] = Str::lower((string) Str::ulid());
                    $row = [...(array) $row, 'id' => $ids[$row->id], 'user_id' => $visitor->id];
                    $rows[] = $table === 'kit' ? $row : [...$row, 'document' => self::pointing($row['document'], $ids)];
                }
                DB::table($table)->insert($rows);
            };
            $copies('kit');
            $copies('rushes');
            $copies('outings');
            DB::table('sweeps')->insert(DB::table('sweeps')->where('user_id', $demo->id)->whereNull('deleted_at')->orderBy('id')->get()->map(static fn (object $row): array => [...(array) $row, 'id' => Str::lower((string) Str::ulid()), 'user_id' => $visitor->id])->all());
            DB::table('drills')->insert(DB::table('drills')->where('user_id', $demo->id)->whereNull('deleted_at')->orderBy('id')->get()->map(static fn (object $row): array => [...(array) $row, 'id' => Str::lower((string) Str::ulid()), 'user_id' => $visitor->id])->all());
            // What the log has taught names bursts by their ids.
            DB::table('bursts')->insert(DB::table('bursts')->where('user_id', $demo->id)->orderBy('id')->get()->map(static fn (object $row): array => array_diff_key(
                [...(array) $row, 'user_id' => $visitor->id, 'uuid' => (string) Str::uuid(), 'outing_id' => $ids[$row->outing_id ?? ''] ?? null, 'rush_id' => $ids[$row->rush_id ?? ''] ?? null], ['id' => true]))->all());
            $habits = $demo->habits;
            foreach (['body', 'lens'] as $part) {
                $habits[$part] = $ids[$habits[$part] ?? ''] ?? null;
            }
            $visitor->forceFill(['habits' => $habits, 'standings' => $demo->standings, 'practice' => $demo->practice, 'learned' => self::learned($demo, $visitor, $ids), 'demo_until' => now()->addHours(self::HOURS)])->save();

            $visitor->learned === null && LearnFromLog::soon($visitor->id);

            return $visitor;
        });
    }

    /**
     * What the demo's log has taught, with the ids that the bursts have in the copy.
     *
     * @param  array<string, string>  $ids  new ones by the old
     * @return array<string, mixed>|null
     */
    private static function learned(User $demo, User $visitor, array $ids): ?array
    {
        $of = static fn (User $person): array => DB::table('bursts')->where('user_id', $person->id)->orderBy('id')->pluck('uuid')->all();
        $learned = json_decode(strtr((string) json_encode($demo->learned), array_combine($of($demo), $of($visitor)) + $ids), true);

        return is_array($learned) ? $learned : null;
    }

    /** @param  array<string, string>  $ids  new ones by the old */
    private static function pointing(mixed $document, array $ids): string
    {
        /** @var array<string, mixed> $kept as it was */
        $kept = json_decode(is_string($document) ? $document : '', true);
        if (isset($kept['rushes'])) {
            $kept['rushes'] = array_map(static fn (array $entry): array => [...$entry, 'rush' => $ids[$entry['rush']] ?? $entry['rush']], (array) $kept['rushes']);
        } else {
            $kept = Pointers::moved($kept, $ids);
        }

        return (string) json_encode(Documents::withObjects($kept), JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION);
    }
}
