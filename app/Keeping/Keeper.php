<?php

declare(strict_types=1);

namespace App\Keeping;

use App\Models\KitItem;
use App\Models\SavedOuting;
use App\Models\SavedRush;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use RushHold\Refused;
use RushHold\Words\Words;

/**
 * Keeps what a person has: within their quota, one change after the other, and none over another that somebody has
 * not seen.
 */
final readonly class Keeper
{
    public function __construct(private User $person)
    {
    }

    /**
     * Does something while nothing else of this person is being changed: what two windows do at once is done one after
     * the other, and what was counted or compared still holds when it is kept.
     *
     * @template T
     *
     * @param  callable(): T  $work
     * @return T
     */
    public function alone(callable $work): mixed
    {
        return DB::transaction(function () use ($work): mixed {
            User::query()->whereKey($this->person->id)->lockForUpdate()->first('id');

            return $work();
        }, 3);
    }

    /**
     * Keeps something new; once, however often the request that asks for it comes.
     *
     * @template T of SavedRush|SavedOuting|KitItem
     *
     * @param  T  $new
     * @return T
     *
     * @throws Refused if the account is full
     */
    public function keep(SavedRush|SavedOuting|KitItem $new): SavedRush|SavedOuting|KitItem
    {
        return $this->alone(
            fn (): SavedRush|SavedOuting|KitItem => app(KeptOnce::class)->orElse($new, function () use (
                $new,
            ): SavedRush|SavedOuting|KitItem {
                $this->makeRoom($new->counts(), self::bytes($new));
                $new->save();

                return $new->refresh();
            }),
        );
    }

    /**
     * Changes something as it is at this moment.
     *
     * @template T of SavedRush|SavedOuting|KitItem
     *
     * @param  T  $kept
     * @param  int|null  $version  the one that whoever changes it has seen; null where any will do
     * @param  callable(T): mixed  $change
     * @return T
     *
     * @throws Refused if the account is full
     */
    public function change(
        SavedRush|SavedOuting|KitItem $kept,
        ?int $version,
        callable $change,
    ): SavedRush|SavedOuting|KitItem {
        return $this->alone(function () use ($kept, $version, $change): SavedRush|SavedOuting|KitItem {
            $kept->refresh();
            abort_if(
                $version !== null && $kept->version !== $version,
                409,
                Words::text('keeping.keeper.this-was-changed-in-another'),
            );
            $before = self::bytes($kept);
            $change($kept);
            $this->makeRoom([], self::bytes($kept) - $before);
            $kept->version++;
            $kept->save();

            return $kept;
        });
    }

    /**
     * Takes a deletion back.
     *
     * @throws Refused if the account is full
     */
    public function restore(SavedRush|SavedOuting|KitItem $deleted): void
    {
        $this->alone(function () use ($deleted): void {
            if ($deleted->trashed()) {
                $this->makeRoom($deleted->counts(), $deleted->bytes);
            }
            $deleted->restore();
        });
    }

    /** @param  array{rushes?: int, kit?: int, outings?: int}  $counts */
    private function makeRoom(array $counts, int $bytes): void
    {
        (new Quota($this->person))->makeRoom($counts, $bytes);
    }

    private static function bytes(SavedRush|SavedOuting|KitItem $kept): int
    {
        return strlen((string) ($kept->getAttributes()['document'] ?? ''));
    }
}
