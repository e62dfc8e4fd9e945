<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Burst;
use App\Pictures\Arranging;
use App\Pictures\Sidecars;
use App\Pictures\Told;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use Illuminate\Support\LazyCollection;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;
use RushHold\Focus\LossCause;
use RushHold\Refused;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** Many pictures or bursts at once: judged, moved, joined, matched, deleted, each undone as one step; and a whole day out. */
#[OA\Schema(schema: 'Undoable', required: ['undo'], properties: [new OA\Property(property: 'undo', type: 'string', description: 'By which it is undone: `POST /api/undo/{id}`')])]
#[OA\Schema(schema: 'Arranged', required: ['burst', 'undo'], properties: [
    new OA\Property(property: 'burst', type: 'string', format: 'uuid', description: 'The burst they are in now'),
    new OA\Property(property: 'undo', type: 'string'),
])]
final class PictureSetController extends Controller
{
    private const MOST = 2000;

    private const MOST_BURSTS = 500;

    /** What goes out at once lies within so many days. */
    private const LONGEST_DAYS = 8;

    #[OA\Post(path: '/api/pictures/judge', operationId: 'judgePictures', summary: 'Say of many pictures whether they are kept and what lost them', tags: ['pictures'],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['pictures'], properties: [
            new OA\Property(property: 'pictures', type: 'array', items: new OA\Items(type: 'string'), minItems: 1, maxItems: 2000),
            new OA\Property(property: 'said', type: 'boolean', nullable: true), new OA\Property(property: 'lost_to', type: 'string', nullable: true),
        ])),
        responses: [new OA\Response(response: 200, description: 'Judged', content: new OA\JsonContent(ref: '#/components/schemas/Undoable')), new OA\Response(response: 404, ref: '#/components/responses/NotThere'), new OA\Response(response: 422, ref: '#/components/responses/Refused')])]
    public function judge(Request $request): JsonResponse
    {
        $given = $request->validate([...self::pictures(), 'said' => ['sometimes', 'nullable', 'boolean'], 'lost_to' => ['sometimes', 'nullable', Rule::enum(LossCause::class)]]);

        return response()->json(['undo' => $this->arranging($request)->judge(array_values($given['pictures']), array_intersect_key($given, ['said' => 0, 'lost_to' => 0]))]);
    }

    #[OA\Post(path: '/api/pictures/move', operationId: 'movePictures', summary: 'Put pictures into another burst, or into one of their own', tags: ['pictures'],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['pictures', 'burst'], properties: [
            new OA\Property(property: 'pictures', type: 'array', items: new OA\Items(type: 'string'), minItems: 1, maxItems: 2000),
            new OA\Property(property: 'burst', type: 'string', format: 'uuid', nullable: true, description: 'null: a new one'),
        ])),
        responses: [new OA\Response(response: 200, description: 'Moved', content: new OA\JsonContent(ref: '#/components/schemas/Arranged')), new OA\Response(response: 404, ref: '#/components/responses/NotThere'), new OA\Response(response: 422, ref: '#/components/responses/Refused')])]
    public function move(Request $request): JsonResponse
    {
        $given = $request->validate([...self::pictures(), 'burst' => ['present', 'nullable', 'uuid']]);
        $to = $given['burst'] === null ? null : $this->bursts($request, [$given['burst']])[0];

        return response()->json($this->arranging($request)->move(array_values($given['pictures']), $to));
    }

    #[OA\Post(path: '/api/pictures/delete', operationId: 'deletePictures', summary: 'Delete pictures; it can be undone for an hour', tags: ['pictures'],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['pictures'], properties: [
            new OA\Property(property: 'pictures', type: 'array', items: new OA\Items(type: 'string'), minItems: 1, maxItems: 2000),
        ])),
        responses: [new OA\Response(response: 200, description: 'Deleted', content: new OA\JsonContent(ref: '#/components/schemas/Undoable')), new OA\Response(response: 404, ref: '#/components/responses/NotThere'), new OA\Response(response: 422, ref: '#/components/responses/Refused')])]
    public function destroy(Request $request): JsonResponse
    {
        return response()->json(['undo' => $this->arranging($request)->delete(array_values($request->validate(self::pictures())['pictures']))]);
    }

    #[OA\Post(path: '/api/pictures/bursts/join', operationId: 'joinBursts', summary: 'Make several bursts one', tags: ['pictures'],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['bursts'], properties: [
            new OA\Property(property: 'bursts', type: 'array', items: new OA\Items(type: 'string', format: 'uuid'), minItems: 2, maxItems: 500),
        ])),
        responses: [new OA\Response(response: 200, description: 'One burst', content: new OA\JsonContent(ref: '#/components/schemas/Arranged')), new OA\Response(response: 404, ref: '#/components/responses/NotThere'), new OA\Response(response: 422, ref: '#/components/responses/Refused')])]
    public function join(Request $request): JsonResponse
    {
        $joined = $this->arranging($request)->join($this->bursts($request, $request->validate(self::someBursts(2))['bursts']));

        return response()->json(['burst' => $joined['burst']->uuid, 'undo' => $joined['undo']]);
    }

    #[OA\Post(path: '/api/pictures/bursts/match', operationId: 'matchBursts', summary: 'Say which rush several bursts are of', tags: ['pictures'],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['bursts', 'rush_id'], properties: [
            new OA\Property(property: 'bursts', type: 'array', items: new OA\Items(type: 'string', format: 'uuid'), minItems: 1, maxItems: 500),
            new OA\Property(property: 'rush_id', type: 'string'),
        ])),
        responses: [new OA\Response(response: 200, description: 'Matched', content: new OA\JsonContent(ref: '#/components/schemas/Undoable')), new OA\Response(response: 404, ref: '#/components/responses/NotThere'), new OA\Response(response: 422, ref: '#/components/responses/Refused')])]
    public function match(Request $request): JsonResponse
    {
        $given = $request->validate([...self::someBursts(1), 'rush_id' => ['required', 'string', 'ulid']]);
        $rush = $this->person($request)->rushes()->findOrFail($given['rush_id']);

        return response()->json(['undo' => $this->arranging($request)->match($this->bursts($request, $given['bursts']), $rush)]);
    }

    #[OA\Get(path: '/api/pictures/sidecars', operationId: 'sidecarsOfDays', summary: 'XMP sidecars of all bursts between two moments, zipped', tags: ['pictures'],
        parameters: [new OA\Parameter(ref: '#/components/parameters/from'), new OA\Parameter(ref: '#/components/parameters/until')],
        responses: [new OA\Response(response: 200, description: 'ZIP', content: new OA\MediaType(mediaType: 'application/zip', schema: new OA\Schema(type: 'string', format: 'binary'))), new OA\Response(response: 422, ref: '#/components/responses/Refused')])]
    public function sidecars(Request $request): Response
    {
        return response()->download(Sidecars::zipped($this->between($request)), 'sidecars.zip', ['Content-Type' => 'application/zip'])->deleteFileAfterSend();
    }

    #[OA\Get(path: '/api/pictures/table', operationId: 'tableOfDays', summary: 'What was measured in all bursts between two moments, as CSV', tags: ['pictures'],
        parameters: [new OA\Parameter(ref: '#/components/parameters/from'), new OA\Parameter(ref: '#/components/parameters/until')],
        responses: [new OA\Response(response: 200, description: 'A line for each picture', content: new OA\MediaType(mediaType: 'text/csv', schema: new OA\Schema(type: 'string'))), new OA\Response(response: 422, ref: '#/components/responses/Refused')])]
    public function table(Request $request): StreamedResponse
    {
        $bursts = $this->between($request);

        return response()->streamDownload(static fn () => Told::table($bursts), 'pictures.csv', ['Content-Type' => 'text/csv; charset=utf-8']);
    }

    #[OA\Get(path: '/api/pictures/document', operationId: 'documentOfDays', summary: 'All bursts between two moments that have been judged, as documents', tags: ['pictures'],
        parameters: [new OA\Parameter(ref: '#/components/parameters/from'), new OA\Parameter(ref: '#/components/parameters/until')],
        responses: [new OA\Response(response: 200, description: 'rush-hold/burst@1, each', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: '#/components/schemas/Burst'))), new OA\Response(response: 422, ref: '#/components/responses/Refused')])]
    public function document(Request $request): JsonResponse
    {
        $told = [];
        foreach ($this->between($request) as $burst) {
            try {
                $told[] = Told::document($burst);
            } catch (Refused) {
                // Nobody has said yet how many of it were kept.
            }
        }

        return response()->json($told, 200, ['Content-Disposition' => 'attachment; filename="bursts.json"'], JSON_PRETTY_PRINT | JSON_PRESERVE_ZERO_FRACTION | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE);
    }

    /** @return array<string, list<mixed>> */
    private static function pictures(): array
    {
        return ['pictures' => ['required', 'array', 'list', 'min:1', 'max:'.self::MOST], 'pictures.*' => ['string', 'ulid']];
    }

    /** @return array<string, list<mixed>> */
    private static function someBursts(int $least): array
    {
        return ['bursts' => ['required', 'array', 'list', "min:$least", 'max:'.self::MOST_BURSTS], 'bursts.*' => ['uuid', 'distinct']];
    }

    private function arranging(Request $request): Arranging
    {
        return new Arranging($this->person($request));
    }

    /**
     * @param  array<array-key, string>  $ids
     * @return non-empty-list<Burst>
     */
    private function bursts(Request $request, array $ids): array
    {
        $mine = Burst::query();
        $mine->where('user_id', $this->person($request)->id)->whereIn('uuid', $ids)->orderBy('shot_at');
        $found = array_values($mine->get()->all());
        abort_unless($found !== [] && count($found) === count($ids), 404, 'Some of these bursts are not there any more.');

        return $found;
    }

    /** @return LazyCollection<int, Burst> */
    private function between(Request $request): LazyCollection
    {
        $given = $request->validate(['from' => ['required', 'date'], 'until' => ['required', 'date', 'after:from']]);
        [$from, $until] = [Carbon::parse($given['from'])->utc(), Carbon::parse($given['until'])->utc()];
        abort_if($from->diffInDays($until) > self::LONGEST_DAYS, 422, 'At most '.self::LONGEST_DAYS.' days at once.');
        $mine = Burst::query();

        $mine->where('user_id', $this->person($request)->id)->whereNotNull('coc_px')->where('shot_at', '>=', $from)->where('shot_at', '<', $until)->orderBy('shot_at');

        return $mine->lazy(50);
    }
}
