<?php

declare(strict_types=1);

namespace App\Pictures;

use App\Models\Burst;
use App\Models\Picture;
use App\Models\SavedRush;
use App\Models\User;
use App\Undo\Step;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use RushHold\Words\Words;

/** What a person does to many pictures or bursts at once; each of it can be undone as one step. */
final readonly class Arranging
{
    /** What of a burst may change by any of this. */
    private const OF_A_BURST = [
        'rush_id',
        'rush',
        'outing_id',
        'matched',
        'coc_px',
        'hold',
        'note',
        'kept',
        'frames',
        'keepers',
        'lost_to',
        'shot_at',
        'mark',
        'following',
        'deleted_at',
    ];

    public function __construct(private User $person)
    {
    }

    /**
     * Says of pictures whether they are kept, and what lost them.
     *
     * @param  list<string>  $ids
     * @param  array{said?: bool|null, lost_to?: string|null}  $given
     * @return string how it is undone
     */
    public function judge(array $ids, array $given): string
    {
        return DB::transaction(function () use ($ids, $given): string {
            [$pictures, $step] = [$this->pictures($ids), Step::of($this->person)];
            $bursts = $this->bursts($pictures, $step);
            foreach ($pictures as $picture) {
                $step->before($picture, 'kept', 'lost_to');
                array_key_exists('said', $given) && ($picture->kept = $given['said']);
                array_key_exists('lost_to', $given) && ($picture->lost_to = $given['lost_to']);
                $picture->save();
            }
            $bursts->each(BurstCounts::again(...));

            return $step->kept();
        });
    }

    /**
     * @param  list<string>  $ids
     * @return string how it is undone
     */
    public function delete(array $ids): string
    {
        return DB::transaction(function () use ($ids): string {
            [$pictures, $step] = [$this->pictures($ids), Step::of($this->person)];
            $bursts = $this->bursts($pictures, $step);
            foreach ($pictures as $picture) {
                $step->before($picture, 'deleted_at');
                $picture->delete();
            }
            $bursts->each($this->settled(...));

            return $step->kept();
        });
    }

    /**
     * Puts pictures into another burst, or into one of their own.
     *
     * @param  list<string>  $ids
     * @return array{burst: string, undo: string}
     */
    public function move(array $ids, ?Burst $to): array
    {
        return DB::transaction(function () use ($ids, $to): array {
            [$pictures, $step] = [$this->pictures($ids), Step::of($this->person)];
            $from = $this->bursts($pictures, $step);
            $to === null
                ? $step->made($to = $this->ownOf($pictures, $from->first()))
                : $step->before($to, ...self::OF_A_BURST);
            // A burst that was logged on the card has its first pictures now.
            $first = $pictures->first();
            $to->coc_px === null &&
                $first !== null &&
                $to->fill(['coc_px' => Grouping::cocPx($this->person->rushes()->find($to->rush_id), $first)])->save();
            foreach ($pictures as $picture) {
                $step->before($picture, 'burst_id', 'measured');
                $picture->fill(['burst_id' => $to->id])->save();
            }
            $from->reject(static fn (Burst $burst): bool => $burst->is($to))->each($this->settled(...));
            BurstDocuments::judgedAnew($to);

            return ['burst' => $to->uuid, 'undo' => $step->kept()];
        });
    }

    /**
     * Several bursts as one: the first that somebody has matched to a rush, or else the earliest.
     *
     * @param  non-empty-list<Burst>  $bursts
     * @return array{burst: Burst, undo: string}
     */
    public function join(array $bursts): array
    {
        return DB::transaction(function () use ($bursts): array {
            $step = Step::of($this->person);
            foreach ($bursts as $burst) {
                $step->before($burst, ...self::OF_A_BURST);
                Picture::ofBurst($burst)->each(
                    static fn (Picture $picture): Step => $step->before($picture, 'burst_id', 'measured'),
                );
            }
            usort(
                $bursts,
                static fn (Burst $a, Burst $b): int => [$a->matched !== Grouping::SAID, $a->shot_at] <=> [
                    $b->matched !== Grouping::SAID,
                    $b->shot_at,
                ],
            );
            $one = array_shift($bursts);
            foreach ($bursts as $other) {
                $one = BurstDocuments::merged($one, $other);
            }

            return ['burst' => $one, 'undo' => $step->kept()];
        });
    }

    /**
     * Says which rush bursts are of.
     *
     * @param  list<Burst>  $bursts
     * @return string how it is undone
     */
    public function match(array $bursts, SavedRush $rush): string
    {
        return DB::transaction(function () use ($bursts, $rush): string {
            $step = Step::of($this->person);
            foreach ($bursts as $burst) {
                $step->before($burst, ...self::OF_A_BURST);
                $pictures = Picture::ofBurst($burst)->each(
                    static fn (Picture $picture): Step => $step->before($picture, 'measured'),
                );
                $first = $pictures->first();
                $burst
                    ->fill([
                        'rush_id' => $rush->id,
                        'rush' => $rush->name,
                        'matched' => Grouping::SAID,
                        ...$first === null ? [] : ['coc_px' => Grouping::cocPx($rush, $first)],
                    ])
                    ->save();
                if ($first !== null) {
                    BurstDocuments::judgedAnew($burst);
                    $burst->mark === null && FindSubject::soon($burst);
                }
            }

            return $step->kept();
        });
    }

    /**
     * @param  list<string>  $ids
     * @return Collection<int, Picture>
     */
    private function pictures(array $ids): Collection
    {
        $mine = Picture::query();
        $found = $mine->where('user_id', $this->person->id)->whereKey($ids)->lockForUpdate()->get();
        abort_unless(
            $found->count() === count(array_unique($ids)),
            404,
            Words::text('pictures.arranging.some-of-these-pictures-are'),
        );

        return $found;
    }

    /**
     * The bursts of these pictures, noted as they are.
     *
     * @param  Collection<int, Picture>  $pictures
     * @return Collection<int, Burst>
     */
    private function bursts(Collection $pictures, Step $step): Collection
    {
        $theirs = Burst::query();
        $bursts = $theirs->whereKey($pictures->pluck('burst_id')->filter()->unique()->all())->get();

        return $bursts->each(static fn (Burst $burst): Step => $step->before($burst, ...self::OF_A_BURST));
    }

    /**
     * A burst of its own for these pictures, otherwise like the one they come from.
     *
     * @param  Collection<int, Picture>  $pictures
     */
    private function ownOf(Collection $pictures, ?Burst $from): Burst
    {
        $first = $pictures->sortBy('taken_at')->first();
        $ids = $pictures->modelKeys();
        $mark = $from?->mark;
        $burst = new Burst([
            ...$from?->only(['outing_id', 'rush_id', 'rush', 'matched', 'clocked', 'hold', 'coc_px']) ?? [
                'rush' => '',
                'coc_px' => LookAt::COC_PX,
            ],
            'uuid' => (string) Str::uuid(),
            'note' => '',
            'shot_at' => $first->taken_at ?? ($from->shot_at ?? now()),
            // What was found in them stays found.
            'mark' => $mark === null ? null : [...$mark, 'marks' => array_intersect_key($mark['marks'], array_flip($ids))],
        ]);
        $burst->forceFill(['user_id' => $this->person->id, 'created_at' => now()])->save();

        return $burst;
    }

    /**
     * A burst some pictures are gone from: without any it is gone as well, unless somebody has said something of it.
     */
    private function settled(Burst $burst): void
    {
        $empty = Picture::ofBurst($burst)->isEmpty();
        $empty && $burst->note === '' && $burst->kept === null && $burst->answers === null
            ? $burst->delete()
            : BurstCounts::again($burst);
    }
}
