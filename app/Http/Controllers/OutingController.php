<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\DocumentGate;
use App\Documents\Documents;
use App\Documents\NameOfCopy;
use App\Documents\UploadedDocument;
use App\Http\Requests\SaveOutingRequest;
use App\Http\Resources\OutingResource;
use App\Models\SavedOuting;
use App\Outings\Rushes;
use App\Outings\Waypoint;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;
use RushHold\Document\OutingDocument;

/** The outings somebody keeps. */
final class OutingController extends Controller
{
    private const MOST = 500;

    public function __construct(private readonly DocumentGate $gate)
    {
    }

    #[OA\Get(path: '/api/outings', operationId: 'listOutings', summary: 'The outings kept, the latest first', tags: ['outings'],
        parameters: [new OA\Parameter(name: 'rush', in: 'query', description: 'Only those with this rush', schema: new OA\Schema(type: 'string'))],
        responses: [
            new OA\Response(response: 200, description: 'Outings', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: '#/components/schemas/OutingSummary'))),
        ])]
    public function index(Request $request): JsonResponse
    {
        $rush = $request->validate(['rush' => ['nullable', 'string', 'max:40']])['rush'] ?? null;
        $kept = SavedOuting::query();
        $kept->where('user_id', $this->person($request)->id)->orderByDesc('starts_at')->orderByDesc('id')->limit(self::MOST);
        $outings = $kept->get(SavedOuting::LISTED);
        if ($rush !== null) {
            $outings = $outings->filter(static fn (SavedOuting $outing): bool => in_array($rush, array_column((array) ($outing->document['rushes'] ?? []), 'rush'), true));
        }

        return response()->json($outings->map(static fn (SavedOuting $outing): OutingResource => new OutingResource($outing))->values());
    }

    #[OA\Post(path: '/api/outings', operationId: 'createOuting', summary: 'Keep an outing; rushes that stand inside it are kept as well', tags: ['outings'],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/SaveOuting')),
        responses: [
            new OA\Response(response: 201, description: 'Kept', content: new OA\JsonContent(ref: '#/components/schemas/SavedOuting')),
            new OA\Response(response: 422, ref: '#/components/responses/Refused'),
        ])]
    public function store(SaveOutingRequest $request): JsonResponse
    {
        return $this->kept($request, $this->checked($request, $request->input('document')));
    }

    #[OA\Post(path: '/api/outings/upload', operationId: 'uploadOuting', summary: 'Keep an outing from a file, with its rushes', tags: ['outings'],
        requestBody: new OA\RequestBody(required: true, content: new OA\MediaType(mediaType: 'multipart/form-data', schema: new OA\Schema(required: ['file'], properties: [new OA\Property(property: 'file', type: 'string', format: 'binary')]))),
        responses: [
            new OA\Response(response: 201, description: 'Kept', content: new OA\JsonContent(ref: '#/components/schemas/SavedOuting')),
            new OA\Response(response: 422, ref: '#/components/responses/Refused'),
        ])]
    public function upload(Request $request): JsonResponse
    {
        return $this->kept($request, $this->checked($request, UploadedDocument::read($request, 'outing')));
    }

    #[OA\Post(path: '/api/outings/place', operationId: 'readPlace', summary: 'The place in a GPX file: its first waypoint, or where its route or track begins', tags: ['outings'],
        requestBody: new OA\RequestBody(required: true, content: new OA\MediaType(mediaType: 'multipart/form-data', schema: new OA\Schema(required: ['file'], properties: [new OA\Property(property: 'file', type: 'string', format: 'binary')]))),
        responses: [
            new OA\Response(response: 200, description: 'The place', content: new OA\JsonContent(required: ['name', 'latitude_deg', 'longitude_deg'], properties: [
                new OA\Property(property: 'name', type: 'string'), new OA\Property(property: 'latitude_deg', type: 'number'), new OA\Property(property: 'longitude_deg', type: 'number'),
            ])), new OA\Response(response: 422, ref: '#/components/responses/Refused')])]
    public function place(Request $request): JsonResponse
    {
        return response()->json(Waypoint::in(UploadedDocument::file($request, 'a GPX file', 2)->getContent()));
    }

    #[OA\Get(path: '/api/outings/{id}', operationId: 'readOuting', summary: 'One outing', tags: ['outings'],
        parameters: [new OA\PathParameter(ref: '#/components/parameters/id')],
        responses: [
            new OA\Response(response: 200, description: 'The outing', content: new OA\JsonContent(ref: '#/components/schemas/SavedOuting')),
            new OA\Response(response: 404, ref: '#/components/responses/NotThere'),
        ])]
    public function show(Request $request, SavedOuting $outing): OutingResource
    {
        $this->authorize('view', $outing);

        return $this->shown($request, $outing);
    }

    #[OA\Put(path: '/api/outings/{id}', operationId: 'saveOuting', summary: 'Save an outing', tags: ['outings'],
        parameters: [new OA\PathParameter(ref: '#/components/parameters/id')],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/SaveOuting')),
        responses: [
            new OA\Response(response: 200, description: 'Saved', content: new OA\JsonContent(ref: '#/components/schemas/SavedOuting')),
            new OA\Response(response: 404, ref: '#/components/responses/NotThere'),
            new OA\Response(response: 409, description: 'Saved elsewhere since', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
            new OA\Response(response: 422, ref: '#/components/responses/Refused'),
        ])]
    public function update(SaveOutingRequest $request, SavedOuting $outing): OutingResource
    {
        $this->authorize('update', $outing);
        $document = $this->rushes($request)->gathered($this->checked($request, $request->input('document')));
        $this->keeper($request)->change($outing, $request->integer('version'), static fn (SavedOuting $outing): SavedOuting => $outing->fill(['document' => $document]));

        return $this->shown($request, $outing);
    }

    #[OA\Post(path: '/api/outings/{id}/duplicate', operationId: 'duplicateOuting', summary: 'Copy an outing', tags: ['outings'],
        parameters: [new OA\PathParameter(ref: '#/components/parameters/id')],
        responses: [
            new OA\Response(response: 201, description: 'Copied', content: new OA\JsonContent(ref: '#/components/schemas/SavedOuting')),
            new OA\Response(response: 404, ref: '#/components/responses/NotThere'),
        ])]
    public function duplicate(Request $request, SavedOuting $outing): JsonResponse
    {
        $this->authorize('view', $outing);

        return $this->kept($request, [...$outing->document, 'name' => NameOfCopy::among(SavedOuting::query()->where('user_id', $this->person($request)->id), $outing->name)]);
    }

    #[OA\Delete(path: '/api/outings/{id}', operationId: 'deleteOuting', summary: 'Delete an outing; it can be restored', tags: ['outings'],
        parameters: [new OA\PathParameter(ref: '#/components/parameters/id')],
        responses: [new OA\Response(response: 204, description: 'Deleted'), new OA\Response(response: 404, ref: '#/components/responses/NotThere')])]
    public function destroy(SavedOuting $outing): Response
    {
        $this->authorize('delete', $outing);
        $outing->delete();

        return response()->noContent();
    }

    #[OA\Post(path: '/api/outings/{id}/restore', operationId: 'restoreOuting', summary: 'Undo a deletion', tags: ['outings'],
        parameters: [new OA\PathParameter(ref: '#/components/parameters/id')],
        responses: [
            new OA\Response(response: 200, description: 'Back', content: new OA\JsonContent(ref: '#/components/schemas/SavedOuting')),
            new OA\Response(response: 404, ref: '#/components/responses/NotThere'),
        ])]
    public function restore(Request $request, string $id): OutingResource
    {
        $outing = SavedOuting::withTrashed()->findOrFail($id);
        $this->authorize('restore', $outing);
        $this->keeper($request)->restore($outing);

        return $this->shown($request, $outing);
    }

    #[OA\Get(path: '/api/outings/{id}/document', operationId: 'downloadOuting', summary: 'An outing as one document with its rushes inside', tags: ['outings'],
        parameters: [new OA\PathParameter(ref: '#/components/parameters/id')],
        responses: [
            new OA\Response(response: 200, description: 'The document', content: new OA\JsonContent(ref: '#/components/schemas/Outing')),
            new OA\Response(response: 404, ref: '#/components/responses/NotThere'),
        ])]
    public function download(Request $request, SavedOuting $outing): JsonResponse
    {
        $this->authorize('view', $outing);
        $rushes = $this->rushes($request);

        return Documents::file($rushes->inside($rushes->present($outing->document)[0]), $outing->name, 'outing');
    }

    private function shown(Request $request, SavedOuting $outing): OutingResource
    {
        [$document, $gone] = $this->rushes($request)->present($outing->document);

        return new OutingResource($outing, OutingDocument::filled($document), $gone);
    }

    /**
     * The document as it was given, when all of it can be meant.
     *
     * @return array<string, mixed>
     */
    private function checked(Request $request, mixed $document): array
    {
        /** @var array<string, mixed> $outing */
        $outing = is_array($document) ? $document : [];
        $this->gate->outing($this->rushes($request)->inside($outing));

        return $outing;
    }

    /** @param  array<string, mixed>  $document */
    private function kept(Request $request, array $document): JsonResponse
    {
        $outing = $this->keeper($request)->keep($this->person($request)->outings()->make(['document' => $this->rushes($request)->gathered($document)]));

        return $this->shown($request, $outing)->response()->setStatusCode(201);
    }

    private function rushes(Request $request): Rushes
    {
        return new Rushes($this->person($request), $this->gate);
    }
}
