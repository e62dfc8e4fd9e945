<?php

declare(strict_types=1);

namespace App\Keeping;

use App\Models\KitItem;
use App\Models\SavedOuting;
use App\Models\SavedRush;
use App\Models\User;
use Illuminate\Database\Eloquent\Relations\HasMany;
use RushHold\Refused;
use RushHold\Words\Words;

/**
 * How much one person may keep. What was deleted counts until it is swept away, but makes room for what is new.
 */
final readonly class Quota
{
    /** From this share on the person hears of it. */
    private const NEAR = 0.9;

    /** What is kept, and where. */
    private const KINDS = ['rushes' => SavedRush::class, 'kit' => KitItem::class, 'outings' => SavedOuting::class];

    /** @var array{rushes: int, kit: int, outings: int, bytes: int} */
    private array $most;

    public function __construct(private User $person)
    {
        $most = static fn (string $name): int => (int) config("limits.$name");
        $this->most = [
            'rushes' => $most('rushes'),
            'kit' => $most('kit'),
            'outings' => $most('outings'),
            'bytes' => $most('bytes'),
        ];
    }

    /**
     * @param  array{rushes?: int, kit?: int, outings?: int}  $more  that are to come in
     * @param  int  $bytes  that they take, and what is to grow by
     *
     * @throws Refused if they do not go in
     */
    public function makeRoom(array $more, int $bytes): void
    {
        $has = $this->used();
        foreach (array_keys(self::KINDS) as $kind) {
            if ($this->most[$kind] < $has[$kind] + ($more[$kind] ?? 0)) {
                throw Refused::because('document', "quota-$kind", most: $this->most[$kind], has: $has[$kind]);
            }
        }
        if ($this->most['bytes'] < $has['bytes'] + $bytes) {
            throw Refused::because(
                'document',
                'quota-bytes',
                most: self::megabytes($this->most['bytes']),
                has: self::megabytes($has['bytes']),
            );
        }
        // What was deleted makes room, so that deleting and keeping in turns cannot fill the server either.
        foreach (self::KINDS as $kind => $model) {
            $deleted = $model::onlyTrashed()
                ->where('user_id', $this->person->id)
                ->orderByDesc('deleted_at')
                ->orderByDesc('id');
            $oldest = $deleted->skip($this->most[$kind])->take(1000)->pluck('id');
            $oldest->isEmpty() || $model::withTrashed()->whereKey($oldest->all())->forceDelete();
        }
    }

    /** @return array{rushes: int, kit: int, outings: int, bytes: int} */
    public function used(): array
    {
        $all = [$this->person->rushes(), $this->person->kit(), $this->person->outings()];
        [$rushes, $kit, $outings] = array_map(static fn (HasMany $kept): int => $kept->count(), $all);

        return [
            'rushes' => $rushes,
            'kit' => $kit,
            'outings' => $outings,
            'bytes' => array_sum(array_map(static fn (HasMany $kept): int => (int) $kept->sum('bytes'), $all)),
        ];
    }

    /**
     * @return array{used: array{rushes: int, kit: int, outings: int, bytes: int}, most: array{rushes: int, kit: int,
     *   outings: int, bytes: int}, notice: string|null}
     */
    public function state(): array
    {
        $used = $this->used();
        $near = fn (string $kind): bool => $used[$kind] >= self::NEAR * $this->most[$kind];
        $say = fn (string $kind): string => Words::text("keeping.quota.$kind", [
            'used' => $used[$kind],
            'most' => $this->most[$kind],
        ]);
        $notice = match (true) {
            $near('rushes') => $say('rushes'),
            $near('kit') => $say('kit'),
            $near('outings') => $say('outings'),
            $near('bytes') => Words::text('keeping.quota.you-keep-mb', [
                'used' => self::megabytes($used['bytes']),
                'most' => self::megabytes($this->most['bytes']),
            ]),
            default => null,
        };

        return ['used' => $used, 'most' => $this->most, 'notice' => $notice];
    }

    private static function megabytes(int $bytes): string
    {
        return number_format($bytes / 1e6, 1);
    }
}
