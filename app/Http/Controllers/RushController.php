<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\DocumentGate;
use App\Documents\Documents;
use App\Documents\NameOfCopy;
use App\Documents\UploadedDocument;
use App\Http\Requests\SaveRushRequest;
use App\Http\Resources\RushResource;
use App\Http\Resources\RushSummaryResource;
use App\Kit\Newer;
use App\Kit\Pointers;
use App\Models\SavedRush;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;
use RushHold\Kit\Detection;

#[OA\Schema(schema: 'Problem', required: ['message'], properties: [
    new OA\Property(property: 'message', type: 'string'),
    new OA\Property(property: 'errors', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'array', items: new OA\Items(type: 'string'))),
    new OA\Property(property: 'range', nullable: true, type: 'object', properties: [
        new OA\Property(property: 'min', type: 'number'), new OA\Property(property: 'max', type: 'number'), new OA\Property(property: 'unit', type: 'string'),
    ]),
])]
final class RushController extends Controller
{
    /** Rushes on one page of the list. */
    private const PAGE = 100;

    public function __construct(private readonly DocumentGate $gate)
    {
    }

    #[OA\Get(path: '/api/rushes', operationId: 'listRushes', summary: 'The rushes kept, a page at a time', tags: ['rushes'],
        parameters: [new OA\Parameter(name: 'search', in: 'query', description: 'Words in name or subject', schema: new OA\Schema(type: 'string', maxLength: 120)),
            new OA\Parameter(name: 'kind', in: 'query', description: 'Only subjects of this kind', schema: new OA\Schema(type: 'string', enum: ['bird', 'animal', 'person', 'vehicle'])),
            new OA\Parameter(name: 'tag', in: 'query', description: 'Only those with this tag', schema: new OA\Schema(type: 'string', maxLength: 30)),
            new OA\Parameter(name: 'sort', in: 'query', description: 'changed: last changed first', schema: new OA\Schema(type: 'string', enum: ['changed', 'name', 'subject'], default: 'changed')),
            new OA\Parameter(name: 'after', in: 'query', description: '`next` of the page before', schema: new OA\Schema(type: 'string'))],
        responses: [new OA\Response(response: 200, description: 'Rushes', content: new OA\JsonContent(required: ['items', 'next'], properties: [
            new OA\Property(property: 'items', type: 'array', items: new OA\Items(ref: '#/components/schemas/RushSummary')),
            new OA\Property(property: 'next', type: 'string', nullable: true, description: 'Where the next page goes on; null on the last'),
        ])), new OA\Response(response: 422, ref: '#/components/responses/Refused')])]
    public function index(Request $request): JsonResponse
    {
        $given = $request->validate(['search' => ['nullable', 'string', 'max:120'], 'kind' => ['nullable', Rule::enum(Detection::class)], 'tag' => ['nullable', 'string', 'max:30'], 'sort' => ['nullable', Rule::in(['changed', 'name', 'subject'])],
            'after' => ['nullable', 'string', 'regex:/^(\d{14}-[0-9a-z]{26}|\d{1,5})$/']]);
        $rushes = SavedRush::matching(SavedRush::query()->where('user_id', $this->person($request)->id), $given['search'] ?? '');
        isset($given['kind']) && $rushes->where('kind', $given['kind']);
        // As it is kept: the database compares letters, not what an escape stands for.
        isset($given['tag']) && $rushes->whereRaw('JSON_CONTAINS(tags, ?)', [json_encode($given['tag'], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE)]);

        return response()->json(($given['sort'] ?? 'changed') === 'changed' ? $this->byChange($rushes, $given['after'] ?? '') : $this->byName($rushes, $given['sort'], (int) ($given['after'] ?? 0)));
    }

    /**
     * The last changed first; what is changed meanwhile moves no page.
     *
     * @param  Builder<SavedRush>  $rushes
     * @return array{items: mixed, next: string|null}
     */
    private function byChange(Builder $rushes, string $after): array
    {
        if (str_contains($after, '-')) {
            [$moment, $id] = explode('-', $after);
            $rushes->where(static fn (Builder $older) => $older->where('updated_at', '<', $moment)->orWhere(static fn (Builder $same) => $same->where('updated_at', $moment)->where('id', '<', $id)));
        }
        $page = $rushes->orderByDesc('updated_at')->orderByDesc('id')->limit(self::PAGE + 1)->get(SavedRush::LISTED);
        $last = $page->count() > self::PAGE ? $page->get(self::PAGE - 1) : null;

        return ['items' => RushSummaryResource::collection($page->take(self::PAGE)), 'next' => $last === null ? null : $last->updated_at->format('YmdHis')."-$last->id"];
    }

    /**
     * @param  Builder<SavedRush>  $rushes
     * @param  string  $column  name or subject
     * @return array{items: mixed, next: string|null}
     */
    private function byName(Builder $rushes, string $column, int $skip): array
    {
        $page = $rushes->orderBy($column)->orderBy('name')->orderBy('id')->skip($skip)->limit(self::PAGE + 1)->get(SavedRush::LISTED);

        return ['items' => RushSummaryResource::collection($page->take(self::PAGE)), 'next' => $page->count() > self::PAGE ? (string) ($skip + self::PAGE) : null];
    }

    #[OA\Post(path: '/api/rushes', operationId: 'createRush', summary: 'Keep a rush', tags: ['rushes'],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/SaveRush')),
        responses: [
            new OA\Response(response: 201, description: 'Kept', content: new OA\JsonContent(ref: '#/components/schemas/SavedRush')),
            new OA\Response(response: 422, description: 'Refused', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
        ])]
    public function store(SaveRushRequest $request): JsonResponse
    {
        return $this->kept($request, $request->input('document'), $request->input('pins'));
    }

    #[OA\Get(path: '/api/rushes/{id}', operationId: 'readRush', summary: 'One rush', tags: ['rushes'],
        parameters: [new OA\PathParameter(ref: '#/components/parameters/id')],
        responses: [
            new OA\Response(response: 200, description: 'The rush', content: new OA\JsonContent(ref: '#/components/schemas/SavedRush')),
            new OA\Response(response: 404, description: 'Not there', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
        ])]
    public function show(Request $request, SavedRush $rush): RushResource
    {
        $this->authorize('view', $rush);

        return new RushResource($rush, Newer::than($rush->document, $this->person($request)));
    }

    #[OA\Put(path: '/api/rushes/{id}', operationId: 'saveRush', summary: 'Save a rush', tags: ['rushes'],
        parameters: [new OA\PathParameter(ref: '#/components/parameters/id')],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/SaveRush')),
        responses: [
            new OA\Response(response: 200, description: 'Saved', content: new OA\JsonContent(ref: '#/components/schemas/SavedRush')),
            new OA\Response(response: 404, description: 'Not there', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
            new OA\Response(response: 409, description: 'Saved elsewhere since', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
            new OA\Response(response: 422, description: 'Refused', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
        ])]
    public function update(SaveRushRequest $request, SavedRush $rush): RushResource
    {
        $this->authorize('update', $rush);
        $read = $this->gate->rush($request->input('document'));
        $pins = $request->input('pins');
        $this->gate->pins($pins, $read->rush->kit);

        return new RushResource($this->keeper($request)->change($rush, $request->integer('version'),
            static fn (SavedRush $rush): SavedRush => $rush->fill(['document' => $read->fields, 'pins' => $pins ?: null])));
    }

    #[OA\Patch(path: '/api/rushes/{id}', operationId: 'renameRush', summary: 'Rename a rush', tags: ['rushes'],
        parameters: [new OA\PathParameter(ref: '#/components/parameters/id')],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['name'], properties: [new OA\Property(property: 'name', type: 'string', maxLength: 120, minLength: 1)])),
        responses: [
            new OA\Response(response: 200, description: 'Renamed', content: new OA\JsonContent(ref: '#/components/schemas/SavedRush')),
            new OA\Response(response: 404, description: 'Not there', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
            new OA\Response(response: 422, description: 'Refused', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
        ])]
    public function rename(Request $request, SavedRush $rush): RushResource
    {
        $this->authorize('update', $rush);
        $name = $request->validate(['name' => ['required', 'string', 'max:120']])['name'];

        return new RushResource($this->keeper($request)->change($rush, null,
            static fn (SavedRush $rush): SavedRush => $rush->fill(['document' => [...$rush->document, 'name' => $name]])));
    }

    #[OA\Post(path: '/api/rushes/{id}/duplicate', operationId: 'duplicateRush', summary: 'Copy a rush', tags: ['rushes'],
        parameters: [new OA\PathParameter(ref: '#/components/parameters/id')],
        responses: [
            new OA\Response(response: 201, description: 'Copied', content: new OA\JsonContent(ref: '#/components/schemas/SavedRush')),
            new OA\Response(response: 404, description: 'Not there', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
        ])]
    public function duplicate(Request $request, SavedRush $rush): JsonResponse
    {
        $this->authorize('view', $rush);

        return $this->kept($request, [...$rush->document, 'name' => NameOfCopy::among($this->person($request)->rushes()->getQuery(), $rush->name)], $rush->pins);
    }

    #[OA\Delete(path: '/api/rushes/{id}', operationId: 'deleteRush', summary: 'Delete a rush; it can be restored', tags: ['rushes'],
        parameters: [new OA\PathParameter(ref: '#/components/parameters/id')],
        responses: [
            new OA\Response(response: 204, description: 'Deleted'),
            new OA\Response(response: 404, description: 'Not there', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
        ])]
    public function destroy(SavedRush $rush): Response
    {
        $this->authorize('delete', $rush);
        $rush->delete();

        return response()->noContent();
    }

    #[OA\Post(path: '/api/rushes/{id}/restore', operationId: 'restoreRush', summary: 'Undo a deletion', tags: ['rushes'],
        parameters: [new OA\PathParameter(ref: '#/components/parameters/id')],
        responses: [
            new OA\Response(response: 200, description: 'Back', content: new OA\JsonContent(ref: '#/components/schemas/SavedRush')),
            new OA\Response(response: 404, description: 'Not there', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
        ])]
    public function restore(Request $request, string $id): RushResource
    {
        $rush = SavedRush::withTrashed()->findOrFail($id);
        $this->authorize('restore', $rush);
        $this->keeper($request)->restore($rush);

        return new RushResource($rush);
    }

    #[OA\Get(path: '/api/rushes/{id}/document', operationId: 'downloadRush', summary: 'A rush as a document', tags: ['rushes'],
        parameters: [new OA\PathParameter(ref: '#/components/parameters/id')],
        responses: [
            new OA\Response(response: 200, description: 'The document', content: new OA\JsonContent(ref: '#/components/schemas/Rush')),
            new OA\Response(response: 404, description: 'Not there', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
        ])]
    public function download(SavedRush $rush): JsonResponse
    {
        $this->authorize('view', $rush);

        return Documents::file($rush->document, $rush->name, 'rush');
    }

    #[OA\Post(path: '/api/rushes/upload', operationId: 'uploadRush', summary: 'Keep a rush from a file', tags: ['rushes'],
        requestBody: new OA\RequestBody(required: true, content: new OA\MediaType(mediaType: 'multipart/form-data', schema: new OA\Schema(required: ['file'], properties: [new OA\Property(property: 'file', type: 'string', format: 'binary')]))),
        responses: [
            new OA\Response(response: 201, description: 'Kept', content: new OA\JsonContent(ref: '#/components/schemas/SavedRush')),
            new OA\Response(response: 422, description: 'Refused', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
        ])]
    public function upload(Request $request): JsonResponse
    {
        return $this->kept($request, UploadedDocument::read($request, 'rush'), null);
    }

    private function kept(Request $request, mixed $document, mixed $pins): JsonResponse
    {
        $read = $this->gate->rush($document);
        $this->gate->pins($pins, $read->rush->kit);
        $rush = $this->keeper($request)->keep($this->person($request)->rushes()->make(['document' => Pointers::found($read->fields, $this->person($request)), 'pins' => $pins ?: null]));

        return (new RushResource($rush))->response()->setStatusCode(201);
    }
}
