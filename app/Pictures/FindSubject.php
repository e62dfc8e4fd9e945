<?php

declare(strict_types=1);

namespace App\Pictures;

use App\Models\Burst;
use App\Models\Picture;
use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Bus\Dispatchable;
use Illuminate\Queue\InteractsWithQueue;
use Illuminate\Support\Collection;
use RushHold\Blur\Verdict;
use RushHold\Review\Follow;

/**
 * Finds the subject of a new burst without a tap: where the camera says that it focused, or because it looks like what
 * the person marked in an earlier burst of the same rush. What is not surely it is left to the person, who can always
 * say otherwise.
 */
final class FindSubject implements ShouldQueue
{
    use Dispatchable;
    use InteractsWithQueue;
    use Queueable;

    public const CAMERA = 'camera';

    public const BEFORE = 'before';

    /** Earlier bursts that are looked through for a mark. */
    private const BURSTS = 10;

    /** Frames of the new burst in which it is looked for: at its beginning, in its middle and at its end. */
    private const FRAMES = [0.0, 0.5, 1.0];

    public int $tries = 2;

    public int $timeout = 85;

    public function __construct(private readonly int $burst)
    {
        $this->onQueue(LookAt::QUEUE);
    }

    public static function soon(Burst $burst): void
    {
        self::dispatch($burst->id)->afterCommit();
    }

    public function handle(): void
    {
        $burst = Burst::query()->find($this->burst);
        if ($burst === null || $burst->mark !== null) {
            return;
        }
        $pictures = Picture::ofBurst($burst)->filter(static fn (Picture $p): bool => $p->original)->values();
        $this->byCamera($burst, $pictures) || $this->asBefore($burst, $pictures);
    }

    /** @param  Collection<int, Picture>  $pictures */
    private function byCamera(Burst $burst, Collection $pictures): bool
    {
        $first = $pictures->first(static fn (Picture $p): bool => isset($p->facts['focus_x'], $p->facts['focus_y']));
        if ($first === null) {
            return false;
        }
        FollowSubject::begin(
            $burst,
            $first,
            (float) ($first->facts['focus_x'] ?? 0),
            (float) ($first->facts['focus_y'] ?? 0),
            self::CAMERA,
        );

        return true;
    }

    /** @param  Collection<int, Picture>  $pictures */
    private function asBefore(Burst $burst, Collection $pictures): void
    {
        $marked = $burst->rush_id === null || $pictures->isEmpty() ? null : $this->markedBefore($burst);
        if ($marked === null) {
            return;
        }
        [$picture, $aim] = $marked;
        try {
            $look = $this->measured($picture, $burst, ['aim' => $aim])['follow'] ?? null;
            foreach (
                array_unique(
                    array_map(
                        static fn (float $share): int => (int) round($share * ($pictures->count() - 1)),
                        self::FRAMES,
                    ),
                ) as $i
            ) {
                $one = $pictures[$i] ?? null;
                $found =
                    $one === null || ! is_string($look)
                        ? []
                        : $this->measured($one, $burst, ['follow' => $look, 'elsewhere' => true]);
                $at = $found['aim'] ?? null;
                if ($one !== null && is_array($at) && (float) ($found['likeness'] ?? 0) >= Follow::CERTAIN) {
                    FollowSubject::begin($burst, $one, (float) $at['x'], (float) $at['y'], self::BEFORE);

                    return;
                }
            }
        } catch (NoPicture) {
            // It is marked by hand then.
        }
    }

    /**
     * @return array{Picture, array{float, float}}|null what the person marked last in a burst of the same rush, and
     *   where
     */
    private function markedBefore(Burst $burst): ?array
    {
        $before = Burst::query();
        $before
            ->where('user_id', $burst->user_id)
            ->where('rush_id', $burst->rush_id)
            ->where('id', '!=', $burst->id)
            ->whereNotNull('mark')
            ->orderByDesc('shot_at')
            ->limit(self::BURSTS);
        foreach ($before->get() as $other) {
            foreach (($other->mark['by'] ?? null) === null ? $other->mark['marks'] ?? [] : [] as $id => $aim) {
                $picture = Picture::query()->where('burst_id', $other->id)->where('original', true)->find($id);
                if ($picture instanceof Picture) {
                    return [$picture, $aim];
                }
            }
        }

        return null;
    }

    /**
     * @param  array<string, mixed>  $asked
     * @return array<string, mixed>
     *
     * @throws NoPicture
     */
    private function measured(Picture $picture, Burst $burst, array $asked): array
    {
        return Store::locally(
            $picture,
            static fn (string $file): array => Sandbox::measure([
                'file' => $file,
                'limit_px' => Verdict::KEEPER_LIMIT * (float) $burst->coc_px,
                ...$asked,
            ]),
        );
    }
}
