<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Documents\Documents;
use App\Kit\Pointers;
use App\Models\Picture;
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
            $visitor = User::query()->create([
                'name' => $demo->name,
                'email' => Str::lower((string) Str::ulid()).'@demo.rush-hold.example',
                'password' => Str::random(40),
                'is_demo' => true,
            ]);
            $ids = [];
            $words = new DemoWords();
            $copies = static function (string $table) use ($demo, $visitor, $words, &$ids): void {
                $rows = [];
                foreach (
                    DB::table($table)->where('user_id', $demo->id)->whereNull('deleted_at')->orderBy('id')->get() as $row
                ) {
                    $ids[$row->id] = Str::lower((string) Str::ulid());
                    $row = [...(array) $row, 'id' => $ids[$row->id], 'user_id' => $visitor->id];
                    $row = $table === 'kit' ? $row : [...$row, 'document' => self::pointing($row['document'], $ids)];
                    $rows[] = $words->in($row);
                }
                DB::table($table)->insert($rows);
            };
            $copies('kit');
            $copies('rushes');
            $copies('outings');
            DB::table('sweeps')->insert(
                DB::table('sweeps')
                    ->where('user_id', $demo->id)
                    ->whereNull('deleted_at')
                    ->orderBy('id')
                    ->get()
                    ->map(
                        static fn (object $row): array => [
                            ...$words->in((array) $row),
                            'id' => Str::lower((string) Str::ulid()),
                            'user_id' => $visitor->id,
                        ],
                    )
                    ->all(),
            );
            DB::table('drills')->insert(
                DB::table('drills')
                    ->where('user_id', $demo->id)
                    ->whereNull('deleted_at')
                    ->orderBy('id')
                    ->get()
                    ->map(
                        static fn (object $row): array => [
                            ...$words->in((array) $row),
                            'id' => Str::lower((string) Str::ulid()),
                            'user_id' => $visitor->id,
                        ],
                    )
                    ->all(),
            );
            // What the log has taught names bursts by their ids.
            self::log($demo, $visitor, $ids, $words);
            $habits = $demo->habits;
            foreach (['body', 'lens'] as $part) {
                $habits[$part] = $ids[$habits[$part] ?? ''] ?? null;
            }
            $visitor
                ->forceFill([
                    'habits' => $habits,
                    'standings' => $demo->standings,
                    'practice' => $demo->practice,
                    'learned' => self::learned($demo, $visitor, $ids, $words),
                    'demo_until' => now()->addHours(self::HOURS),
                ])
                ->save();

            $visitor->learned === null && LearnFromLog::soon($visitor->id);

            return $visitor;
        });
    }

    /**
     * The log with its pictures, whose files stay the demo's.
     *
     * @param  array<string, string>  $ids  new ones by the old
     */
    private static function log(User $demo, User $visitor, array $ids, DemoWords $words): void
    {
        $pictures = DB::table('pictures')
            ->where('user_id', $demo->id)
            ->where('stage', Picture::LOOKED)
            ->whereNotNull('burst_id')
            ->whereNull('deleted_at')
            ->orderBy('id')
            ->get();
        $copies = [];
        foreach ($pictures as $picture) {
            $copies[$picture->id] = Str::lower((string) Str::ulid());
        }
        $bursts = DB::table('bursts')->where('user_id', $demo->id)->orderBy('id')->get();
        $uuids = [];
        foreach ($bursts as $row) {
            $uuids[$row->id] = (string) Str::uuid();
        }
        DB::table('bursts')->insert(
            $bursts
                ->map(
                    static fn (object $row): array => array_diff_key(
                        [
                            ...$words->in((array) $row),
                            'user_id' => $visitor->id,
                            'uuid' => $uuids[$row->id],
                            'outing_id' => $ids[$row->outing_id ?? ''] ?? null,
                            'rush_id' => $ids[$row->rush_id ?? ''] ?? null,
                            'mark' => $row->mark === null ? null : strtr($row->mark, $copies),
                            'following' => null,
                        ],
                        ['id' => true],
                    ),
                )
                ->all(),
        );
        $here = DB::table('bursts')->where('user_id', $visitor->id)->pluck('id', 'uuid');
        DB::table('pictures')->insert(
            $pictures
                ->map(
                    static fn (object $row): array => [
                        ...(array) $row,
                        'id' => $copies[$row->id],
                        'user_id' => $visitor->id,
                        'burst_id' => $here[$uuids[$row->burst_id] ?? ''] ?? null,
                        'lent_by' => $demo->id,
                    ],
                )
                ->all(),
        );
    }

    /**
     * What the demo's log has taught, with the ids that the bursts have in the copy.
     *
     * @param  array<string, string>  $ids  new ones by the old
     * @return array<string, mixed>|null
     */
    private static function learned(User $demo, User $visitor, array $ids, DemoWords $words): ?array
    {
        $of = static fn (User $person): array => DB::table('bursts')
            ->where('user_id', $person->id)
            ->orderBy('id')
            ->pluck('uuid')
            ->all();
        $learned = json_decode(
            $words->json(
                strtr(
                    (string) json_encode($demo->learned, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES),
                    array_combine($of($demo), $of($visitor)) + $ids,
                ),
            ),
            true,
        );

        return is_array($learned) ? $learned : null;
    }

    /** @param  array<string, string>  $ids  new ones by the old */
    private static function pointing(mixed $document, array $ids): string
    {
        /** @var array<string, mixed> $kept as it was */
        $kept = json_decode(is_string($document) ? $document : '', true);
        if (isset($kept['rushes'])) {
            $kept['rushes'] = array_map(
                static fn (array $entry): array => [...$entry, 'rush' => $ids[$entry['rush']] ?? $entry['rush']],
                (array) $kept['rushes'],
            );
        } else {
            $kept = Pointers::moved($kept, $ids);
        }

        return (string) json_encode(
            Documents::withObjects($kept),
            JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION,
        );
    }
}
