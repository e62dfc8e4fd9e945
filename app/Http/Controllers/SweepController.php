<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\Paper;
use App\Bench\Session;
use App\Documents\Documents;
use App\Models\Burst;
use App\Models\KeptSweep;
use App\Models\Picture;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use OpenApi\Attributes as OA;
use RushHold\Bench\Trial;

/** Sessions at the lens bench. */
#[OA\Schema(schema: 'SweepSummary', required: ['id', 'name', 'body', 'lens', 'frames', 'updated_at'], properties: [
    new OA\Property(property: 'id', type: 'string'), new OA\Property(property: 'name', type: 'string'), new OA\Property(property: 'body', type: 'string'), new OA\Property(property: 'lens', type: 'string'),
    new OA\Property(property: 'frames', type: 'integer'), new OA\Property(property: 'updated_at', type: 'string', format: 'date-time', nullable: true),
])]
#[OA\Schema(schema: 'SaveSweep', required: ['name', 'document'], properties: [
    new OA\Property(property: 'name', type: 'string', maxLength: 120), new OA\Property(property: 'body', type: 'string', maxLength: 120), new OA\Property(property: 'lens', type: 'string', maxLength: 120),
    new OA\Property(property: 'version', type: 'integer', description: 'The one it was changed from'), new OA\Property(property: 'document', ref: '#/components/schemas/Sweep'),
])]
#[OA\Schema(schema: 'BenchSession', required: ['id', 'name', 'body', 'lens', 'version', 'stand_in', 'updated_at', 'document', 'uses', 'found', 'unfinished'], properties: [
    new OA\Property(property: 'id', type: 'string'), new OA\Property(property: 'name', type: 'string'), new OA\Property(property: 'body', type: 'string'), new OA\Property(property: 'lens', type: 'string'),
    new OA\Property(property: 'version', type: 'integer'), new OA\Property(property: 'stand_in', type: 'boolean', description: 'Whether its frames are made up'), new OA\Property(property: 'updated_at', type: 'string', format: 'date-time', nullable: true),
    new OA\Property(property: 'document', ref: '#/components/schemas/Sweep'),
    new OA\Property(property: 'uses', type: 'array', description: 'Distances really shot, from the log', items: new OA\Items(required: ['distance_m', 'share'], type: 'object', properties: [new OA\Property(property: 'distance_m', type: 'number'), new OA\Property(property: 'share', type: 'number')])),
    new OA\Property(property: 'unfinished', type: 'boolean', description: 'Too few frames to say anything'),
    new OA\Property(property: 'found', nullable: true, required: ['series', 'best', 'retest', 'across', 'none_because', 'by_distance'], type: 'object', properties: [
        new OA\Property(property: 'series', type: 'array', items: new OA\Items(required: ['distance_m', 'focal_mm', 'weight', 'frames', 'curve', 'scores', 'scatter', 'peaks', 'best', 'equals', 'sure'], type: 'object', properties: [
            new OA\Property(property: 'distance_m', type: 'number'), new OA\Property(property: 'focal_mm', type: 'number'), new OA\Property(property: 'weight', type: 'number'), new OA\Property(property: 'frames', type: 'integer'),
            new OA\Property(property: 'curve', type: 'array', items: new OA\Items(required: ['value', 'score', 'spread'], type: 'object', properties: [new OA\Property(property: 'value', type: 'integer'), new OA\Property(property: 'score', type: 'number'), new OA\Property(property: 'spread', type: 'number')])),
            new OA\Property(property: 'scores', type: 'array', items: new OA\Items(required: ['value', 'score'], type: 'object', properties: [new OA\Property(property: 'value', type: 'integer'), new OA\Property(property: 'score', type: 'number')])),
            new OA\Property(property: 'scatter', type: 'number'), new OA\Property(property: 'peaks', type: 'array', items: new OA\Items(type: 'integer')),
            new OA\Property(property: 'best', type: 'array', items: new OA\Items(required: ['value', 'probability'], type: 'object', properties: [new OA\Property(property: 'value', type: 'integer'), new OA\Property(property: 'probability', type: 'number')])),
            new OA\Property(property: 'equals', type: 'array', items: new OA\Items(type: 'integer')), new OA\Property(property: 'sure', type: 'number'),
        ])),
        new OA\Property(property: 'best', type: 'array', items: new OA\Items(required: ['value', 'probability'], type: 'object', properties: [new OA\Property(property: 'value', type: 'integer'), new OA\Property(property: 'probability', type: 'number')])),
        new OA\Property(property: 'retest', type: 'array', items: new OA\Items(required: ['value', 'distance_m', 'focal_mm', 'frames'], type: 'object', properties: [new OA\Property(property: 'value', type: 'integer'), new OA\Property(property: 'distance_m', type: 'number'), new OA\Property(property: 'focal_mm', type: 'number'), new OA\Property(property: 'frames', type: 'integer')])),
        new OA\Property(property: 'across', nullable: true, required: ['value', 'loss'], type: 'object', properties: [new OA\Property(property: 'value', type: 'integer'), new OA\Property(property: 'loss', type: 'number')]),
        new OA\Property(property: 'none_because', nullable: true, required: ['value', 'distance_m', 'focal_mm', 'loss'], type: 'object', properties: [new OA\Property(property: 'value', type: 'integer'), new OA\Property(property: 'distance_m', type: 'number'), new OA\Property(property: 'focal_mm', type: 'number'), new OA\Property(property: 'loss', type: 'number')]),
        new OA\Property(property: 'by_distance', type: 'boolean'),
    ]),
])]
final class SweepController extends Controller
{
    private const FOLLOWING = ['frames' => ['required', 'array', 'min:1', 'max:500'], 'frames.*.value' => ['required', 'integer', 'between:-100,100'], 'frames.*.times' => ['required', 'integer', 'between:1,20'], 'distance_m' => ['required', 'numeric', 'between:0.1,1000'], 'focal_mm' => ['required', 'numeric', 'between:8,2000']];

    #[OA\Get(path: '/api/sweeps', operationId: 'listSweeps', summary: 'Sessions at the bench, the latest first', tags: ['bench'],
        responses: [new OA\Response(response: 200, description: 'Sessions', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: '#/components/schemas/SweepSummary')))])]
    public function index(Request $request): JsonResponse
    {
        $mine = KeptSweep::query();
        $mine->where('user_id', $this->person($request)->id)->orderByDesc('updated_at')->orderByDesc('id')->limit((int) config('limits.sweeps'));

        return response()->json($mine->get()->map(static fn (KeptSweep $s): array => ['id' => $s->id, 'name' => $s->name, 'body' => $s->body, 'lens' => $s->lens, 'frames' => count((array) ($s->document['frames'] ?? [])), 'updated_at' => $s->updated_at?->toIso8601ZuluString()]));
    }

    #[OA\Post(path: '/api/sweeps', operationId: 'createSweep', summary: 'Keep a session at the bench', tags: ['bench'],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/SaveSweep')),
        responses: [new OA\Response(response: 201, description: 'Kept', content: new OA\JsonContent(ref: '#/components/schemas/BenchSession')), new OA\Response(response: 422, ref: '#/components/responses/Refused')])]
    public function store(Request $request): JsonResponse
    {
        $person = $this->person($request);
        abort_if($person->sweeps()->count() >= (int) config('limits.sweeps'), 422, 'There is room for '.config('limits.sweeps').' sessions. Delete one you no longer need.');
        $sweep = $person->sweeps()->make($this->given($request));
        $sweep->save();

        return $this->told($request, $sweep)->setStatusCode(201);
    }

    #[OA\Get(path: '/api/sweeps/{id}', operationId: 'readSweep', summary: 'A session, and what comes of it', tags: ['bench'], parameters: [new OA\PathParameter(ref: '#/components/parameters/id')],
        responses: [new OA\Response(response: 200, description: 'Session', content: new OA\JsonContent(ref: '#/components/schemas/BenchSession')), new OA\Response(response: 404, ref: '#/components/responses/NotThere')])]
    public function show(Request $request, string $id): JsonResponse
    {
        return $this->told($request, $this->sweep($request, $id));
    }

    #[OA\Put(path: '/api/sweeps/{id}', operationId: 'saveSweep', summary: 'Save a session', tags: ['bench'], parameters: [new OA\PathParameter(ref: '#/components/parameters/id')],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/SaveSweep')),
        responses: [new OA\Response(response: 200, description: 'Saved', content: new OA\JsonContent(ref: '#/components/schemas/BenchSession')), new OA\Response(response: 404, ref: '#/components/responses/NotThere'),
            new OA\Response(response: 409, description: 'Saved elsewhere since', content: new OA\JsonContent(ref: '#/components/schemas/Problem')), new OA\Response(response: 422, ref: '#/components/responses/Refused')])]
    public function update(Request $request, string $id): JsonResponse
    {
        $sweep = $this->sweep($request, $id);
        abort_if($request->has('version') && $request->integer('version') !== $sweep->version, 409, 'This session was saved elsewhere since you opened it. Open it again to go on from there.');
        $this->change($sweep->fill($this->given($request)));

        return $this->told($request, $sweep);
    }

    #[OA\Delete(path: '/api/sweeps/{id}', operationId: 'deleteSweep', summary: 'Delete a session; it can be restored', tags: ['bench'], parameters: [new OA\PathParameter(ref: '#/components/parameters/id')],
        responses: [new OA\Response(response: 204, description: 'Deleted'), new OA\Response(response: 404, ref: '#/components/responses/NotThere')])]
    public function destroy(Request $request, string $id): Response
    {
        $this->sweep($request, $id)->delete();

        return response()->noContent();
    }

    #[OA\Post(path: '/api/sweeps/{id}/restore', operationId: 'restoreSweep', summary: 'Undo a deletion', tags: ['bench'], parameters: [new OA\PathParameter(ref: '#/components/parameters/id')],
        responses: [new OA\Response(response: 200, description: 'Back', content: new OA\JsonContent(ref: '#/components/schemas/BenchSession')), new OA\Response(response: 404, ref: '#/components/responses/NotThere')])]
    public function restore(Request $request, string $id): JsonResponse
    {
        $sweep = $this->sweep($request, $id, true);
        $sweep->restore();

        return $this->told($request, $sweep);
    }

    #[OA\Post(path: '/api/sweeps/{id}/stand-in', operationId: 'shootSweep', summary: 'Have the stand-in camera take frames: a lens whose error nobody is told', tags: ['bench'], parameters: [new OA\PathParameter(ref: '#/components/parameters/id')],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['frames', 'distance_m', 'focal_mm'], properties: [
            new OA\Property(property: 'frames', type: 'array', maxItems: 500, items: new OA\Items(required: ['value', 'times'], type: 'object', properties: [new OA\Property(property: 'value', type: 'integer'), new OA\Property(property: 'times', type: 'integer')])),
            new OA\Property(property: 'distance_m', type: 'number'), new OA\Property(property: 'focal_mm', type: 'number'),
        ])),
        responses: [new OA\Response(response: 200, description: 'Session', content: new OA\JsonContent(ref: '#/components/schemas/BenchSession')), new OA\Response(response: 404, ref: '#/components/responses/NotThere'), new OA\Response(response: 422, ref: '#/components/responses/Refused')])]
    public function standIn(Request $request, string $id): JsonResponse
    {
        $sweep = $this->sweep($request, $id);
        $given = $request->validate(self::FOLLOWING);
        $values = [];
        foreach ((array) $given['frames'] as $frame) {
            $values[(int) $frame['value']] = ($values[(int) $frame['value']] ?? 0) + (int) $frame['times'];
        }
        abort_if($sweep->hidden === null && (array) ($sweep->document['frames'] ?? []) !== [], 422, 'This session has frames of a real lens. Begin another one for the stand-in.');
        Session::shoot($sweep, $values, (float) $given['distance_m'], (float) $given['focal_mm']);
        $this->change($sweep);

        return $this->told($request, $sweep);
    }

    #[OA\Post(path: '/api/sweeps/{id}/pictures', operationId: 'scoreSweep', summary: 'Take the pictures of a burst in, scored by what was measured in them', tags: ['bench'], parameters: [new OA\PathParameter(ref: '#/components/parameters/id')],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['burst', 'distance_m', 'focal_mm'], properties: [
            new OA\Property(property: 'burst', type: 'string', format: 'uuid'), new OA\Property(property: 'values', type: 'array', nullable: true, items: new OA\Items(type: 'integer'), description: 'One for each picture in its order; left out: read from the file names'),
            new OA\Property(property: 'distance_m', type: 'number'), new OA\Property(property: 'focal_mm', type: 'number'),
        ])),
        responses: [new OA\Response(response: 200, description: 'Session', content: new OA\JsonContent(ref: '#/components/schemas/BenchSession')), new OA\Response(response: 404, ref: '#/components/responses/NotThere'), new OA\Response(response: 422, ref: '#/components/responses/Refused')])]
    public function pictures(Request $request, string $id): JsonResponse
    {
        $sweep = $this->sweep($request, $id);
        $given = $request->validate(['burst' => ['required', 'uuid'], 'values' => ['nullable', 'array', 'list', 'max:3000'], 'values.*' => ['integer', 'between:'.implode(',', Trial::VALUES)], 'distance_m' => ['required', 'numeric', 'between:0.1,1000'], 'focal_mm' => ['required', 'numeric', 'between:8,2000']]);
        abort_if($sweep->hidden !== null, 422, 'This session is the stand-in’s. Begin another one for a real lens.');
        $mine = Burst::query();
        $burst = $mine->where('user_id', $sweep->user_id)->where('uuid', $given['burst'])->firstOrFail();
        /** @var list<int>|null $values */
        $values = isset($given['values']) ? array_map(intval(...), $given['values']) : null;
        Session::fromPictures($sweep, Picture::ofBurst($burst), $values, (float) $given['distance_m'], (float) $given['focal_mm']);
        $this->change($sweep);

        return $this->told($request, $sweep);
    }

    #[OA\Get(path: '/api/sweeps/{id}/document', operationId: 'downloadSweep', summary: 'A session as a document', tags: ['bench'], parameters: [new OA\PathParameter(ref: '#/components/parameters/id')],
        responses: [new OA\Response(response: 200, description: 'rush-hold/sweep@1', content: new OA\JsonContent(ref: '#/components/schemas/Sweep')), new OA\Response(response: 404, ref: '#/components/responses/NotThere')])]
    public function download(Request $request, string $id): JsonResponse
    {
        $sweep = $this->sweep($request, $id);
        $told = Session::told($sweep, $this->person($request));

        return Documents::file([...$sweep->document, 'name' => $sweep->name, 'uses' => $told['uses']], $sweep->name, 'sweep');
    }

    #[OA\Get(path: '/api/sweeps/{id}/paper', operationId: 'printSweep', summary: 'A session on paper', tags: ['bench'], parameters: [new OA\PathParameter(ref: '#/components/parameters/id')],
        responses: [new OA\Response(response: 200, description: 'PDF, A4', content: new OA\MediaType(mediaType: 'application/pdf', schema: new OA\Schema(type: 'string', format: 'binary'))), new OA\Response(response: 404, ref: '#/components/responses/NotThere')])]
    public function paper(Request $request, string $id): Response
    {
        return response(Paper::of(Session::told($this->sweep($request, $id), $this->person($request))), 200, ['Content-Type' => 'application/pdf', 'Content-Disposition' => 'inline; filename="bench.pdf"']);
    }

    /** @return array{name: string, body: string, lens: string, document: array<string, mixed>} */
    private function given(Request $request): array
    {
        $given = $request->validate(['name' => ['required', 'string', 'max:120'], 'body' => ['nullable', 'string', 'max:120'], 'lens' => ['nullable', 'string', 'max:120'], 'version' => ['nullable', 'integer'], 'document' => ['required', 'array']]);

        return ['name' => $given['name'], 'body' => $given['body'] ?? '', 'lens' => $given['lens'] ?? '', 'document' => Session::checked((array) $request->input('document'))];
    }

    private function change(KeptSweep $sweep): void
    {
        // Of two that come at once one was there first.
        $seen = $sweep->version++;
        $kept = DB::transaction(static function () use ($sweep, $seen): bool {
            $still = KeptSweep::query()->whereKey($sweep->id)->lockForUpdate()->value('version') === $seen;

            return $still && $sweep->save();
        });
        abort_unless($kept, 409, 'This session was saved elsewhere since you opened it. Open it again to go on from there.');
    }

    private function told(Request $request, KeptSweep $sweep): JsonResponse
    {
        return response()->json(Session::told($sweep, $this->person($request)));
    }

    private function sweep(Request $request, string $id, bool $deleted = false): KeptSweep
    {
        $mine = $deleted ? KeptSweep::withTrashed() : KeptSweep::query();

        return $mine->where('user_id', $this->person($request)->id)->where('id', $id)->firstOrFail();
    }
}
