<?php

declare(strict_types=1);

namespace App\Keeping;

use App\Models\KitItem;
use App\Models\SavedOuting;
use App\Models\SavedRush;
use Illuminate\Container\Attributes\Scoped;
use Illuminate\Support\Facades\DB;

/**
 * What the request at hand has kept, noted in the same transaction. A server may end between keeping and answering;
 * whoever then asks again with the same key gets what was kept, not another one like it.
 */
#[Scoped]
final class KeptOnce
{
    /** Longer than anybody goes on asking for an answer that was lost. */
    public const KEPT_S = 3_600;

    private ?string $request = null;

    private int $kept = 0;

    /** @param  string  $request  what tells this request from all others, 64 characters */
    public function begin(string $request): void
    {
        [$this->request, $this->kept] = [$request, 0];
    }

    /**
     * @template T of SavedRush|SavedOuting|KitItem
     *
     * @param  T  $new
     * @param  callable(): T  $keep
     * @return T what an earlier try of this request has kept in this place, else what is kept now
     */
    public function orElse(SavedRush|SavedOuting|KitItem $new, callable $keep): SavedRush|SavedOuting|KitItem
    {
        if ($this->request === null) {
            return $keep();
        }
        $place = ['request' => $this->request, 'nth' => $this->kept++];
        $had = $new
            ->newQuery()
            ->where('user_id', $new->user_id)
            ->find(DB::table('kept_once')->where($place)->value('kept_id'));
        if ($had !== null) {
            return $had;
        }
        $kept = $keep();
        DB::table('kept_once')->upsert(
            [...$place, 'kept_id' => $kept->id, 'at' => now()],
            ['request', 'nth'],
            ['kept_id', 'at'],
        );

        return $kept;
    }
}
