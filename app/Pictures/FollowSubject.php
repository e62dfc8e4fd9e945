<?php

declare(strict_types=1);

namespace App\Pictures;

use App\Models\Burst;
use App\Models\Picture;
use App\Models\User;
use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Bus\Dispatchable;
use Illuminate\Queue\InteractsWithQueue;
use RushHold\Blur\Verdict;

/**
 * Follows the subject from the picture it was marked in through the rest of the burst, forwards and then backwards, and
 * measures it in each. It works for a while and then queues itself again, so that others have their turn; each picture
 * is written down as it is done, so that whatever ends it, what is done is done.
 */
final class FollowSubject implements ShouldQueue
{
    use Dispatchable;
    use InteractsWithQueue;
    use Queueable;

    /** Seconds at a time. */
    private const TURN_S = 15.0;

    public int $tries = 5;

    public int $timeout = 85;

    /** @param  int  $mark  which marking it is for: a later one overtakes it */
    public function __construct(private readonly int $burst, private readonly int $mark)
    {
        $this->onQueue(LookAt::QUEUE);
    }

    /**
     * Marks the subject and has it followed.
     *
     * @param  string|null  $by  what says that it is there: the camera, or how it was in a burst before; null: the
     *   person
     */
    public static function begin(Burst $burst, Picture $picture, float $x, float $y, ?string $by = null): void
    {
        $count = (int) ($burst->mark['count'] ?? 0) + 1;
        $ids = self::order($burst);
        $at = (int) array_search($picture->id, $ids, true);
        // What the person marked in other pictures stays: it is taken up again where it comes to them.
        $others = ($burst->mark['by'] ?? null) === null ? $burst->mark['marks'] ?? [] : [];
        $burst
            ->fill([
                'mark' => [
                    'marks' => [...$others, $picture->id => [$x, $y]],
                    'count' => $count,
                    ...$by === null ? [] : ['by' => $by],
                ],
                'following' => [
                    'todo' => [...array_slice($ids, $at), ...array_reverse(array_slice($ids, 0, $at))],
                    'turns_at' => count($ids) - $at,
                    'done' => 0,
                    'total' => count($ids),
                    'state' => null,
                    'first' => null,
                ],
            ])
            ->save();
        self::dispatch($burst->id, $count);
    }

    /** @return list<string> ids of its pictures in the order of their times */
    private static function order(Burst $burst): array
    {
        return array_values(Picture::ofBurst($burst)->map(static fn (Picture $p): string => $p->id)->all());
    }

    public function handle(): void
    {
        $until = microtime(true) + self::TURN_S;
        while (microtime(true) < $until) {
            // Read anew each time: it may have been cancelled, or marked elsewhere.
            $burst = Burst::query()->find($this->burst);
            $following = $burst?->following;
            if ($burst === null || $following === null || (int) ($burst->mark['count'] ?? 0) !== $this->mark) {
                return;
            }
            if ($following['todo'] === []) {
                $this->end($burst);

                return;
            }
            $this->next($burst, $following);
        }
        self::dispatch($this->burst, $this->mark);
    }

    /** @param  array<string, mixed>  $following */
    private function next(Burst $burst, array $following): void
    {
        /**
         * @var array{todo: non-empty-list<string>, turns_at: int, done: int, total: int, state: string|null,
         *   first: string|null} $following
         */
        $id = array_shift($following['todo']);
        if ($following['done'] === $following['turns_at']) {
            // Back from where it was marked.
            $following['state'] = $following['first'];
        }
        $picture = Picture::query()->find($id);
        if ($picture !== null && $picture->burst_id === $burst->id) {
            try {
                $marked = $burst->mark['marks'][$id] ?? null;
                $found = $this->looked($picture, [
                    'limit_px' => Verdict::KEEPER_LIMIT * (float) $burst->coc_px,
                    'aim' => $marked,
                    'follow' => $following['state'],
                ]);
                $following['state'] = is_string($found['follow'] ?? null) ? $found['follow'] : $following['state'];
                $following['first'] ??= $following['state'];
                $picture->fill(['measured' => self::measured($found), 'problem' => null])->save();
            } catch (NoPicture $refused) {
                $picture->fill(['problem' => $refused->kept()])->save();
            }
        }
        $following['done']++;
        $later = Burst::query();
        // Only if nobody marked it anew meanwhile.
        $later
            ->whereKey($burst->id)
            ->where('mark->count', $this->mark)
            ->whereNotNull('following')
            ->update(['following' => json_encode($following, JSON_THROW_ON_ERROR)]);
    }

    /**
     * Measures it, and keeps the close-up of what was found there.
     *
     * @param  array<string, mixed>  $asked
     * @return array<string, mixed>
     *
     * @throws NoPicture
     */
    private function looked(Picture $picture, array $asked): array
    {
        $close = (string) tempnam(sys_get_temp_dir(), 'close');
        try {
            $found = Store::locally(
                $picture,
                static fn (string $file): array => Sandbox::measure([
                    'file' => $file,
                    'close' => [$close, Crops::CLOSE_SIDE],
                    ...$asked,
                ]),
            );
            $piece = (string) file_get_contents($close);
            if ($piece !== '' && is_array($found['aim'] ?? null)) {
                Crops::keep($picture, (float) $found['aim']['x'], (float) $found['aim']['y'], $piece);
            }

            return $found;
        } finally {
            @unlink($close);
        }
    }

    /**
     * @param  array<string, mixed>  $found
     * @return array<string, mixed>
     */
    private static function measured(array $found): array
    {
        $measured = array_diff_key($found, array_flip(['wide', 'high', 'follow', 'memory_mb']));

        // Gone, or not to be made out: whether it was lost there only somebody who looks can tell.
        return ($found['aim'] ?? null) === null
            ? [...$measured, 'verdict' => 'untold', 'sure' => 0.5, 'sharp_where' => 'nowhere', 'not_found' => true]
            : $measured;
    }

    private function end(Burst $burst): void
    {
        $burst->fill(['following' => null])->save();
        BurstCounts::again($burst);
        $person = User::query()->find($burst->user_id);
        if ($person !== null && ! $person->keeps_originals) {
            foreach (Picture::ofBurst($burst)->whereNull('lent_by') as $picture) {
                Store::disk()->delete(Store::path($picture, Store::ORIGINAL));
                Crops::drop($picture);
                $picture->fill(['original' => false])->save();
            }
        }
    }
}
