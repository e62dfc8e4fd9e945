<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Bench\PackedSweeps;
use App\Documents\Archive\Arrivals;
use App\Documents\Archive\Packed;
use App\Documents\Archive\Packing;
use App\Documents\Archive\Unpacking;
use App\Keeping\Quota;
use App\Kit\PackedHabits;
use App\Kit\PackedKit;
use App\Kit\PackedRushes;
use App\Models\User;
use App\Outings\PackedOutings;
use App\Practice\PackedDrills;
use App\Review\PackedLog;
use Illuminate\Support\Facades\DB;
use RushHold\Refused;

/**
 * A person's data as a ZIP: a document for each rush, outing, body, lens and subject, what was logged and practised, and
 * `archive.json`, which lists them with what stands beside the documents.
 */
final readonly class Archive
{
    public const FORMAT = 'rush-hold/archive@1';

    /** Kinds of things, each after those it points at. */
    private const KINDS = [
        PackedKit::class,
        PackedRushes::class,
        PackedOutings::class,
        PackedLog::class,
        PackedSweeps::class,
        PackedDrills::class,
        PackedHabits::class,
    ];

    /** @return string path of a file that the caller deletes */
    public function write(User $person): string
    {
        $packing = new Packing();
        $list = [
            'format' => self::FORMAT,
            'made_at' => now()->toIso8601ZuluString(),
            'name' => $person->name,
        ];
        foreach (self::kinds() as $kind) {
            $list += $kind->pack($person, $packing);
        }
        $packing->close($list);

        return $packing->path;
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
        $archive = new Unpacking($path, self::FORMAT);
        $kinds = self::kinds();
        foreach ($kinds as $kind) {
            $kind->read($archive);
        }

        return DB::transaction(static function () use ($person, $kinds): array {
            User::query()->whereKey($person->id)->lockForUpdate()->first('id');
            $person->refresh();
            $more = [];
            $bytes = 0;
            foreach ($kinds as $kind) {
                $news = $kind->news($person);
                if ($news !== null) {
                    $more[$news['kind']] = $news['new'];
                    $bytes += $news['bytes'];
                }
            }
            (new Quota($person))->makeRoom($more, $bytes);
            $arrivals = new Arrivals();
            foreach ($kinds as $kind) {
                $kind->keep($person, $arrivals);
            }
            $person->save();

            return [
                'rushes' => $arrivals->of('rushes'),
                'kit' => $arrivals->of('kit'),
                'outings' => $arrivals->of('outings'),
                'bursts' => $arrivals->of('bursts'),
                'already_there' => $arrivals->known,
            ];
        });
    }

    /** @return list<Packed> with nothing read yet */
    private static function kinds(): array
    {
        return array_map(static fn (string $kind): Packed => app($kind), self::KINDS);
    }
}
