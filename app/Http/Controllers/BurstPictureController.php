<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Burst;
use App\Models\Picture;
use App\Models\SavedOuting;
use App\Models\SavedRush;
use App\Models\User;
use App\Pictures\Arranging;
use App\Pictures\Counted;
use App\Pictures\FollowSubject;
use App\Pictures\OwnWords;
use App\Pictures\Seen;
use App\Pictures\Sidecars;
use App\Pictures\Told;
use App\Review\Log;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** The pictures of a burst: seen together, the subject marked and followed, and out as sidecars, a table or a document. */
#[OA\Schema(schema: 'BurstBeside', required: ['id', 'rush', 'at'], properties: [
    new OA\Property(property: 'id', type: 'string', format: 'uuid'), new OA\Property(property: 'rush', type: 'string', nullable: true), new OA\Property(property: 'at', type: 'string', format: 'date-time'),
])]
#[OA\Schema(schema: 'BurstPictures', required: ['burst', 'pictures', 'marked', 'found_by', 'following', 'matched', 'clocked', 'zone', 'coc_px', 'before', 'after'], properties: [
    new OA\Property(property: 'burst', ref: '#/components/schemas/LoggedBurst'),
    new OA\Property(property: 'pictures', type: 'array', items: new OA\Items(ref: '#/components/schemas/Picture')),
    new OA\Property(property: 'marked', type: 'array', description: 'Pictures in which the person marked the subject', items: new OA\Items(type: 'string')),
    new OA\Property(property: 'following', type: 'object', nullable: true, required: ['done', 'total'], properties: [new OA\Property(property: 'done', type: 'integer'), new OA\Property(property: 'total', type: 'integer')]),
    new OA\Property(property: 'found_by', type: 'string', nullable: true, enum: ['person', 'camera', 'before'], description: 'Who says where the subject is: the person, the camera, or how it was marked in an earlier burst; null: nobody yet'),
    new OA\Property(property: 'matched', type: 'array', description: 'What it was matched to its rush by; `said` where the person did', items: new OA\Items(type: 'string')),
    new OA\Property(property: 'clocked', type: 'string', nullable: true, enum: ['files', 'numbers'], description: 'What tells when it was shot, where its frames do not'),
    new OA\Property(property: 'zone', type: 'string', nullable: true, description: 'Time zone of its outing'),
    new OA\Property(property: 'coc_px', type: 'number', nullable: true),
    new OA\Property(property: 'before', ref: '#/components/schemas/BurstBeside', nullable: true), new OA\Property(property: 'after', ref: '#/components/schemas/BurstBeside', nullable: true),
])]
#[OA\Schema(schema: 'PictureBurst', required: ['burst', 'first', 'pictures', 'kept', 'marked', 'following', 'zone', 'clocked'], properties: [
    new OA\Property(property: 'kept', type: 'array', description: 'Frame by frame, null where it is not known', items: new OA\Items(type: 'boolean', nullable: true)),
    new OA\Property(property: 'burst', ref: '#/components/schemas/LoggedBurst'), new OA\Property(property: 'first', type: 'string', nullable: true, description: 'Address of a thumbnail'),
    new OA\Property(property: 'pictures', type: 'integer'), new OA\Property(property: 'marked', type: 'boolean'),
    new OA\Property(property: 'zone', type: 'string', nullable: true, description: 'Time zone of its outing'), new OA\Property(property: 'clocked', type: 'string', nullable: true, enum: ['files', 'numbers'], description: 'What tells when it was shot, where its frames do not'),
    new OA\Property(property: 'following', type: 'object', nullable: true, required: ['done', 'total'], properties: [new OA\Property(property: 'done', type: 'integer'), new OA\Property(property: 'total', type: 'integer')]),
])]
final class BurstPictureController extends Controller
{
    private const PAGE = 100;

    #[OA\Get(path: '/api/pictures/bursts', operationId: 'pictureBursts', summary: 'Bursts that have pictures, the last first', tags: ['pictures'],
        parameters: [new OA\QueryParameter(name: 'before', description: 'So many are left out', schema: new OA\Schema(type: 'integer', minimum: 0))],
        responses: [new OA\Response(response: 200, description: 'Bursts', content: new OA\JsonContent(required: ['items', 'next'], properties: [
            new OA\Property(property: 'items', type: 'array', items: new OA\Items(ref: '#/components/schemas/PictureBurst')),
            new OA\Property(property: 'next', type: 'integer', nullable: true, description: 'How many to leave out for the next page; null: these are all'),
        ]))])]
    public function index(Request $request): JsonResponse
    {
        $skip = (int) ($request->validate(['before' => ['nullable', 'integer', 'min:0', 'max:1000000']])['before'] ?? 0);
        $mine = Burst::query();
        $mine->where('user_id', $this->person($request)->id)->whereNotNull('coc_px')->orderByDesc('shot_at')->orderByDesc('id')->skip($skip)->limit(self::PAGE + 1);
        $bursts = $mine->get();
        $more = $bursts->count() > self::PAGE;
        $bursts = $bursts->take(self::PAGE);
        $all = Picture::query();
        $all->whereIn('burst_id', $bursts->modelKeys())->orderByRaw('taken_at is null, taken_at, written_at')->orderBy('name');
        $pictures = $all->get(['id', 'user_id', 'burst_id', 'stage', 'sha256', 'lent_by', 'measured', 'kept'])->groupBy('burst_id');
        $zones = $this->zones($bursts->pluck('outing_id')->filter()->unique()->values()->all());

        return response()->json(['next' => $more ? $skip + self::PAGE : null, 'items' => $bursts->map(static function (Burst $burst) use ($pictures, $zones): array {
            $own = $pictures->get($burst->id);
            $first = $own?->first();

            return ['burst' => Log::told($burst), 'first' => $first === null ? null : Seen::thumbnail($first), 'pictures' => $own?->count() ?? 0,
                'kept' => $own?->map(static fn (Picture $picture): ?bool => $picture->isKept())->values()->all() ?? [],
                'marked' => $burst->mark !== null, 'following' => self::following($burst),
                'zone' => $zones[$burst->outing_id ?? ''] ?? null, 'clocked' => $burst->clocked];
        })->values()]);
    }

    /**
     * @param  list<string>  $outings  ids
     * @return array<string, string> time zones by outing
     */
    private function zones(array $outings): array
    {
        $there = SavedOuting::withTrashed();

        return $there->whereKey($outings)->get(['id', 'document'])->mapWithKeys(static fn (SavedOuting $o): array => [$o->id => is_string($zone = data_get($o->document, 'place.zone')) && $zone !== '' ? $zone : 'UTC'])->all();
    }

    #[OA\Get(path: '/api/bursts/{id}/pictures', operationId: 'burstPictures', summary: 'A burst with its pictures', tags: ['pictures'], parameters: [new OA\PathParameter(ref: '#/components/parameters/id')],
        responses: [new OA\Response(response: 200, description: 'Burst', content: new OA\JsonContent(ref: '#/components/schemas/BurstPictures')), new OA\Response(response: 404, ref: '#/components/responses/NotThere')])]
    public function show(Request $request, string $id): JsonResponse
    {
        return $this->answer($this->burst($request, $id));
    }

    #[OA\Put(path: '/api/bursts/{id}/mark', operationId: 'markSubject', summary: 'Say where the subject is in one picture; it is followed through the rest', tags: ['pictures'], parameters: [new OA\PathParameter(ref: '#/components/parameters/id')],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['picture', 'x', 'y'], properties: [
            new OA\Property(property: 'picture', type: 'string'), new OA\Property(property: 'x', type: 'number', minimum: -0.5, maximum: 0.5, description: 'Widths from the centre to the right'), new OA\Property(property: 'y', type: 'number', minimum: -0.5, maximum: 0.5, description: 'Heights, down'),
        ])),
        responses: [new OA\Response(response: 200, description: 'It is being followed', content: new OA\JsonContent(ref: '#/components/schemas/BurstPictures')), new OA\Response(response: 404, ref: '#/components/responses/NotThere'), new OA\Response(response: 422, ref: '#/components/responses/Refused')])]
    public function mark(Request $request, string $id): JsonResponse
    {
        $burst = $this->burst($request, $id);
        $given = $request->validate(['picture' => ['required', 'string', 'ulid'], 'x' => ['required', 'numeric', 'between:-0.5,0.5'], 'y' => ['required', 'numeric', 'between:-0.5,0.5']]);
        $picture = Picture::ofBurst($burst)->firstWhere('id', $given['picture']) ?? abort(404);
        abort_unless($picture->original, 422, 'The originals of this burst were deleted after they were measured, so nothing can be measured anew.');
        FollowSubject::begin($burst, $picture, (float) $given['x'], (float) $given['y']);

        return $this->answer($burst->refresh());
    }

    #[OA\Delete(path: '/api/bursts/{id}/mark', operationId: 'stopFollowing', summary: 'Stop following the subject; what was measured stays', tags: ['pictures'], parameters: [new OA\PathParameter(ref: '#/components/parameters/id')],
        responses: [new OA\Response(response: 200, description: 'Stopped', content: new OA\JsonContent(ref: '#/components/schemas/BurstPictures')), new OA\Response(response: 404, ref: '#/components/responses/NotThere')])]
    public function stop(Request $request, string $id): JsonResponse
    {
        $burst = $this->burst($request, $id);
        $burst->fill(['following' => null, 'mark' => $burst->mark === null ? null : [...$burst->mark, 'count' => $burst->mark['count'] + 1]])->save();
        Counted::again($burst);

        return $this->answer($burst);
    }

    #[OA\Put(path: '/api/bursts/{id}/rush', operationId: 'matchBurst', summary: 'Say which rush a burst is of', tags: ['pictures'], parameters: [new OA\PathParameter(ref: '#/components/parameters/id')],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['rush_id'], properties: [new OA\Property(property: 'rush_id', type: 'string')])),
        responses: [new OA\Response(response: 200, description: 'Matched', content: new OA\JsonContent(ref: '#/components/schemas/BurstPictures')), new OA\Response(response: 404, ref: '#/components/responses/NotThere'), new OA\Response(response: 422, ref: '#/components/responses/Refused')])]
    public function match(Request $request, string $id): JsonResponse
    {
        $burst = $this->burst($request, $id);
        $rush = SavedRush::query()->where('user_id', $burst->user_id)->where('id', $request->validate(['rush_id' => ['required', 'string', 'ulid']])['rush_id'])->firstOrFail();
        (new Arranging($this->person($request)))->match([$burst], $rush);

        return $this->answer($burst->refresh());
    }

    #[OA\Post(path: '/api/bursts/{id}/merge', operationId: 'mergeBursts', summary: 'Put another burst into this one: its frames and pictures are counted here', tags: ['log'], parameters: [new OA\PathParameter(ref: '#/components/parameters/id')],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['other'], properties: [new OA\Property(property: 'other', type: 'string', format: 'uuid')])),
        responses: [new OA\Response(response: 200, description: 'One burst', content: new OA\JsonContent(allOf: [new OA\Schema(ref: '#/components/schemas/LoggedBurst'), new OA\Schema(ref: '#/components/schemas/Undoable')])), new OA\Response(response: 404, ref: '#/components/responses/NotThere'), new OA\Response(response: 422, ref: '#/components/responses/Refused')])]
    public function merge(Request $request, string $id): JsonResponse
    {
        $burst = $this->burst($request, $id);
        $other = $this->burst($request, $request->validate(['other' => ['required', 'uuid']])['other']);
        abort_if($other->is($burst), 422, 'A burst cannot be put into itself.');

        ['burst' => $one, 'undo' => $undo] = (new Arranging($this->person($request)))->join([$burst, $other]);

        return response()->json([...Log::told($one), 'undo' => $undo]);
    }

    #[OA\Get(path: '/api/bursts/{id}/document', operationId: 'burstDocument', summary: 'A burst as a document', tags: ['log'], parameters: [new OA\PathParameter(ref: '#/components/parameters/id')],
        responses: [new OA\Response(response: 200, description: 'rush-hold/burst@1', content: new OA\JsonContent(ref: '#/components/schemas/Burst')), new OA\Response(response: 404, ref: '#/components/responses/NotThere'), new OA\Response(response: 422, ref: '#/components/responses/Refused')])]
    public function document(Request $request, string $id): Response
    {
        return response()->json(Told::document($this->burst($request, $id)), 200, ['Content-Disposition' => 'attachment; filename="burst.json"'], JSON_PRETTY_PRINT | JSON_PRESERVE_ZERO_FRACTION | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE);
    }

    #[OA\Get(path: '/api/bursts/{id}/table', operationId: 'burstTable', summary: 'What was measured in a burst as CSV', tags: ['pictures'], parameters: [new OA\PathParameter(ref: '#/components/parameters/id')],
        responses: [new OA\Response(response: 200, description: 'A line for each picture', content: new OA\MediaType(mediaType: 'text/csv', schema: new OA\Schema(type: 'string'))), new OA\Response(response: 404, ref: '#/components/responses/NotThere')])]
    public function table(Request $request, string $id): StreamedResponse
    {
        $burst = $this->burst($request, $id);

        return response()->streamDownload(static fn () => Told::table([$burst]), 'burst.csv', ['Content-Type' => 'text/csv; charset=utf-8']);
    }

    #[OA\Get(path: '/api/bursts/{id}/sidecars', operationId: 'burstSidecars', summary: 'XMP sidecars of a burst, zipped: rating, label and keywords', tags: ['pictures'], parameters: [new OA\PathParameter(ref: '#/components/parameters/id')],
        responses: [new OA\Response(response: 200, description: 'ZIP', content: new OA\MediaType(mediaType: 'application/zip', schema: new OA\Schema(type: 'string', format: 'binary'))), new OA\Response(response: 404, ref: '#/components/responses/NotThere')])]
    public function sidecars(Request $request, string $id): Response
    {
        $burst = $this->burst($request, $id);

        return response()->download(Sidecars::zipped([$burst]), 'sidecars.zip', ['Content-Type' => 'application/zip'])->deleteFileAfterSend();
    }

    private function answer(Burst $burst): JsonResponse
    {
        $words = OwnWords::of(User::query()->findOrFail($burst->user_id));

        return response()->json(['burst' => Log::told($burst), 'pictures' => Picture::ofBurst($burst)->map(static fn (Picture $p): array => Seen::told($p, $words, [$burst->id => $burst->uuid])), 'marked' => array_keys($burst->mark['marks'] ?? []),
            'following' => self::following($burst), 'found_by' => $burst->mark === null ? null : $burst->mark['by'] ?? 'person',
            'matched' => self::signs($burst), 'clocked' => $burst->clocked, 'zone' => $this->zones(array_filter([$burst->outing_id]))[$burst->outing_id ?? ''] ?? null, 'coc_px' => $burst->coc_px,
            'before' => $this->beside($burst, '<'), 'after' => $this->beside($burst, '>')]);
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
        $others->where('user_id', $burst->user_id)->whereNotNull('coc_px')->where('id', '!=', $burst->id)
            ->where(static fn (Builder $either) => $either->where('shot_at', $way, $burst->shot_at)->orWhere(static fn (Builder $same) => $same->where('shot_at', $burst->shot_at)->where('id', $way, $burst->id)))
            ->orderBy('shot_at', $order)->orderBy('id', $order);
        $other = $others->first();

        return $other === null ? null : ['id' => $other->uuid, 'rush' => $other->rush_id === null ? null : $other->rush, 'at' => $other->shot_at->toIso8601ZuluString()];
    }

    /** @return array{done: int, total: int}|null */
    private static function following(Burst $burst): ?array
    {
        return $burst->following === null ? null : ['done' => (int) $burst->following['done'], 'total' => (int) $burst->following['total']];
    }

    private function burst(Request $request, string $id): Burst
    {
        $mine = Burst::query();

        return $mine->where('user_id', $this->person($request)->id)->where('uuid', $id)->firstOrFail();
    }
}
