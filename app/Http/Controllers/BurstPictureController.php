<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Burst;
use App\Models\Picture;
use App\Models\SavedOuting;
use App\Models\SavedRush;
use App\Models\User;
use App\Pictures\Arranging;
use App\Pictures\BurstCounts;
use App\Pictures\BurstDocuments;
use App\Pictures\FollowSubject;
use App\Pictures\OwnWords;
use App\Pictures\PictureView;
use App\Pictures\Sidecars;
use App\Review\Log;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use RushHold\Words\Words;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpFoundation\StreamedResponse;

/**
 * The pictures of a burst: seen together, the subject marked and followed, and out as sidecars, a table or a document.
 */
final class BurstPictureController extends Controller
{
    private const PAGE = 100;

    public function index(Request $request): JsonResponse
    {
        $skip = (int) ($this->asked($request)['before'] ?? 0);
        $mine = Burst::query();
        $mine
            ->where('user_id', $this->person($request)->id)
            ->whereNotNull('coc_px')
            ->orderByDesc('shot_at')
            ->orderByDesc('id')
            ->skip($skip)
            ->limit(self::PAGE + 1);
        $bursts = $mine->get();
        $more = $bursts->count() > self::PAGE;
        $bursts = $bursts->take(self::PAGE);
        $all = Picture::query();
        $all->whereIn('burst_id', $bursts->modelKeys())
            ->orderByRaw('taken_at is null, taken_at, written_at')
            ->orderBy('name');
        $pictures = $all
            ->get(['id', 'user_id', 'burst_id', 'stage', 'sha256', 'lent_by', 'measured', 'kept'])
            ->groupBy('burst_id');
        $zones = $this->zones($bursts->pluck('outing_id')->filter()->unique()->values()->all());

        return response()->json([
            'next' => $more ? $skip + self::PAGE : null,
            'items' => $bursts
                ->map(static function (Burst $burst) use ($pictures, $zones): array {
                    $own = $pictures->get($burst->id);
                    $first = $own?->first();

                    return [
                        'burst' => Log::toArray($burst),
                        'first' => $first === null ? null : PictureView::thumbnail($first),
                        'pictures' => $own?->count() ?? 0,
                        'kept' => $own?->map(static fn (Picture $picture): ?bool => $picture->isKept())->values()->all() ?? [],
                        'marked' => $burst->mark !== null,
                        'following' => self::following($burst),
                        'zone' => $zones[$burst->outing_id ?? ''] ?? null,
                        'clocked' => $burst->clocked,
                    ];
                })
                ->values(),
        ]);
    }

    /**
     * @param  list<string>  $outings  ids
     * @return array<string, string> time zones by outing
     */
    private function zones(array $outings): array
    {
        $there = SavedOuting::withTrashed();

        return $there
            ->whereKey($outings)
            ->get(['id', 'document'])
            ->mapWithKeys(
                static fn (SavedOuting $o): array => [
                    $o->id => is_string($zone = data_get($o->document, 'place.zone')) && $zone !== '' ? $zone : 'UTC',
                ],
            )
            ->all();
    }

    public function show(Request $request, string $id): JsonResponse
    {
        return $this->answer($this->burst($request, $id));
    }

    public function mark(Request $request, string $id): JsonResponse
    {
        $burst = $this->burst($request, $id);
        $given = $this->asked($request);
        $picture = Picture::ofBurst($burst)->firstWhere('id', $given['picture']) ?? abort(404);
        abort_unless($picture->original, 422, Words::text('http.burst-picture.the-originals-of-this-burst'));
        FollowSubject::begin($burst, $picture, (float) $given['x'], (float) $given['y']);

        return $this->answer($burst->refresh());
    }

    public function stop(Request $request, string $id): JsonResponse
    {
        $burst = $this->burst($request, $id);
        $burst
            ->fill([
                'following' => null,
                'mark' => $burst->mark === null ? null : [...$burst->mark, 'count' => $burst->mark['count'] + 1],
            ])
            ->save();
        BurstCounts::again($burst);

        return $this->answer($burst);
    }

    public function match(Request $request, string $id): JsonResponse
    {
        $burst = $this->burst($request, $id);
        $rush = SavedRush::query()
            ->where('user_id', $burst->user_id)
            ->where('id', $this->asked($request)['rush_id'])
            ->firstOrFail();
        (new Arranging($this->person($request)))->match([$burst], $rush);

        return $this->answer($burst->refresh());
    }

    public function merge(Request $request, string $id): JsonResponse
    {
        $burst = $this->burst($request, $id);
        $other = $this->burst($request, $this->asked($request)['other']);
        abort_if($other->is($burst), 422, Words::text('http.burst-picture.a-burst-cannot-be-put'));

        ['burst' => $one, 'undo' => $undo] = (new Arranging($this->person($request)))->join([$burst, $other]);

        return response()->json([...Log::toArray($one), 'undo' => $undo]);
    }

    public function document(Request $request, string $id): Response
    {
        return response()->json(
            BurstDocuments::document($this->burst($request, $id)),
            200,
            ['Content-Disposition' => 'attachment; filename="burst.json"'],
            JSON_PRETTY_PRINT | JSON_PRESERVE_ZERO_FRACTION | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE,
        );
    }

    public function table(Request $request, string $id): StreamedResponse
    {
        $burst = $this->burst($request, $id);

        return response()->streamDownload(static fn () => BurstDocuments::table([$burst]), 'burst.csv', [
            'Content-Type' => 'text/csv; charset=utf-8',
        ]);
    }

    public function sidecars(Request $request, string $id): Response
    {
        $burst = $this->burst($request, $id);

        return response()
            ->download(Sidecars::zipped([$burst]), 'sidecars.zip', ['Content-Type' => 'application/zip'])
            ->deleteFileAfterSend();
    }

    private function answer(Burst $burst): JsonResponse
    {
        $words = OwnWords::of(User::query()->findOrFail($burst->user_id));

        return response()->json([
            'burst' => Log::toArray($burst),
            'pictures' => Picture::ofBurst($burst)->map(
                static fn (Picture $p): array => PictureView::toArray($p, $words, [$burst->id => $burst->uuid]),
            ),
            'marked' => array_keys($burst->mark['marks'] ?? []),
            'following' => self::following($burst),
            'found_by' => $burst->mark === null ? null : $burst->mark['by'] ?? 'person',
            'matched' => self::signs($burst),
            'clocked' => $burst->clocked,
            'zone' => $this->zones(array_filter([$burst->outing_id]))[$burst->outing_id ?? ''] ?? null,
            'coc_px' => $burst->coc_px,
            'before' => $this->beside($burst, '<'),
            'after' => $this->beside($burst, '>'),
        ]);
    }

    /** @return list<string> what it was matched to its rush by */
    private static function signs(Burst $burst): array
    {
        return $burst->matched === null || $burst->matched === '' ? [] : explode(',', $burst->matched);
    }

    /**
     * The burst with pictures next to it in time.
     *
     * @return array{id: string, rush: string|null, at: string}|null
     */
    private function beside(Burst $burst, string $way): ?array
    {
        $order = $way === '<' ? 'desc' : 'asc';
        $others = Burst::query();
        $others
            ->where('user_id', $burst->user_id)
            ->whereNotNull('coc_px')
            ->where('id', '!=', $burst->id)
            ->where(
                static fn (Builder $either) => $either
                    ->where('shot_at', $way, $burst->shot_at)
                    ->orWhere(
                        static fn (Builder $same) => $same
                            ->where('shot_at', $burst->shot_at)
                            ->where('id', $way, $burst->id),
                    ),
            )
            ->orderBy('shot_at', $order)
            ->orderBy('id', $order);
        $other = $others->first();

        return $other === null
            ? null
            : [
                'id' => $other->uuid,
                'rush' => $other->rush_id === null ? null : $other->rush,
                'at' => $other->shot_at->toIso8601ZuluString(),
            ];
    }

    /** @return array{done: int, total: int}|null */
    private static function following(Burst $burst): ?array
    {
        return $burst->following === null
            ? null
            : ['done' => (int) $burst->following['done'], 'total' => (int) $burst->following['total']];
    }

    private function burst(Request $request, string $id): Burst
    {
        $mine = Burst::query();

        return $mine->where('user_id', $this->person($request)->id)->where('uuid', $id)->firstOrFail();
    }
}
