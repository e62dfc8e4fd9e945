<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\DocumentGate;
use App\Documents\Documents;
use App\Documents\UploadedDocument;
use App\Http\Requests\SaveKitRequest;
use App\Http\Resources\KitListingResource;
use App\Http\Resources\KitResource;
use App\Kit\Entry;
use App\Kit\Shelf;
use App\Models\KitItem;
use App\Models\KitType;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\AnonymousResourceCollection;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;
use RushHold\Document\BodyDocument;
use RushHold\Document\LensDocument;
use RushHold\Document\StandingDocument;
use RushHold\Hold\Term;
use RushHold\Kit\ControlPlace;
use RushHold\Kit\Reach;
use RushHold\Said;
use RushHold\Units;
use RushHold\Words\Words;

final class KitController extends Controller
{
    public function __construct(private readonly DocumentGate $gate)
    {
    }

    #[OA\Get(path: '/api/kit/{type}', operationId: 'listKit', summary: 'One\'s own bodies, lenses or subjects in outline, then the samples', tags: ['kit'],
        parameters: [new OA\PathParameter(ref: '#/components/parameters/type')],
        responses: [new OA\Response(response: 200, description: 'All of them', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: '#/components/schemas/KitListing')))])]
    public function index(Request $request, KitType $type): AnonymousResourceCollection
    {
        return KitListingResource::collection((new Shelf($this->person($request), $type))->listings());
    }

    #[OA\Post(path: '/api/kit/{type}', operationId: 'createKit', summary: 'Keep a body, lens or subject', tags: ['kit'],
        parameters: [new OA\PathParameter(ref: '#/components/parameters/type')],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/SaveKit')),
        responses: [new OA\Response(response: 201, ref: '#/components/responses/KitItem'), new OA\Response(response: 422, ref: '#/components/responses/Refused')])]
    public function store(SaveKitRequest $request, KitType $type): JsonResponse
    {
        $basedOn = $request->input('based_on');

        return $this->kept($request, $type, $request->input('document'), is_string($basedOn) && isset($type->samples()[$basedOn]) ? $basedOn : null);
    }

    #[OA\Get(path: '/api/kit/{type}/{id}', operationId: 'readKit', summary: 'One body, lens or subject', tags: ['kit'],
        parameters: [new OA\PathParameter(ref: '#/components/parameters/type'), new OA\PathParameter(ref: '#/components/parameters/id')],
        responses: [new OA\Response(response: 200, ref: '#/components/responses/KitItem'), new OA\Response(response: 404, ref: '#/components/responses/NotThere')])]
    public function show(Request $request, KitType $type, string $id): KitResource
    {
        return new KitResource($this->entry($request, $type, $id));
    }

    #[OA\Put(path: '/api/kit/{type}/{id}', operationId: 'updateKit', summary: 'Save a changed body, lens or subject', tags: ['kit'],
        parameters: [new OA\PathParameter(ref: '#/components/parameters/type'), new OA\PathParameter(ref: '#/components/parameters/id')],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/SaveKit')),
        responses: [new OA\Response(response: 200, ref: '#/components/responses/KitItem'), new OA\Response(response: 404, ref: '#/components/responses/NotThere'),
            new OA\Response(response: 409, description: 'Saved elsewhere since', content: new OA\JsonContent(ref: '#/components/schemas/Problem')), new OA\Response(response: 422, ref: '#/components/responses/Refused')])]
    public function update(SaveKitRequest $request, KitType $type, string $id): KitResource
    {
        $item = $this->own($request, $type, $id);
        $read = $this->gate->kit($type, $request->input('document'));
        $this->keeper($request)->change($item, $request->integer('version'), static fn (KitItem $item): KitItem => $item->fill(['name' => $read['name'], 'document' => $read['fields']]));

        return new KitResource(Entry::own($item));
    }

    #[OA\Delete(path: '/api/kit/{type}/{id}', operationId: 'deleteKit', summary: 'Delete a body, lens or subject; it can be restored', tags: ['kit'],
        parameters: [new OA\PathParameter(ref: '#/components/parameters/type'), new OA\PathParameter(ref: '#/components/parameters/id')],
        responses: [new OA\Response(response: 204, description: 'Deleted'), new OA\Response(response: 404, ref: '#/components/responses/NotThere')])]
    public function destroy(Request $request, KitType $type, string $id): Response
    {
        $this->own($request, $type, $id)->delete();

        return response()->noContent();
    }

    #[OA\Post(path: '/api/kit/{type}/{id}/restore', operationId: 'restoreKit', summary: 'Undo a deletion', tags: ['kit'],
        parameters: [new OA\PathParameter(ref: '#/components/parameters/type'), new OA\PathParameter(ref: '#/components/parameters/id')],
        responses: [new OA\Response(response: 200, ref: '#/components/responses/KitItem'), new OA\Response(response: 404, ref: '#/components/responses/NotThere')])]
    public function restore(Request $request, KitType $type, string $id): KitResource
    {
        $item = KitItem::withTrashed()->where('type', $type)->findOrFail($id);
        $this->authorize('update', $item);
        $this->keeper($request)->restore($item);

        return new KitResource(Entry::own($item));
    }

    #[OA\Get(path: '/api/kit/{type}/{id}/document', operationId: 'downloadKit', summary: 'A body, lens or subject as a document', tags: ['kit'],
        parameters: [new OA\PathParameter(ref: '#/components/parameters/type'), new OA\PathParameter(ref: '#/components/parameters/id')],
        responses: [new OA\Response(response: 200, description: 'The document', content: new OA\JsonContent(oneOf: [new OA\Schema(ref: '#/components/schemas/Body'), new OA\Schema(ref: '#/components/schemas/Lens'), new OA\Schema(ref: '#/components/schemas/SubjectProfile')])),
            new OA\Response(response: 404, ref: '#/components/responses/NotThere')])]
    public function download(Request $request, KitType $type, string $id): JsonResponse
    {
        $entry = $this->entry($request, $type, $id);

        return Documents::file($entry->document(), $entry->name, $type->document());
    }

    #[OA\Post(path: '/api/kit/{type}/upload', operationId: 'uploadKit', summary: 'Keep a body, lens or subject from a file', tags: ['kit'],
        parameters: [new OA\PathParameter(ref: '#/components/parameters/type')],
        requestBody: new OA\RequestBody(required: true, content: new OA\MediaType(mediaType: 'multipart/form-data', schema: new OA\Schema(required: ['file'], properties: [new OA\Property(property: 'file', type: 'string', format: 'binary')]))),
        responses: [new OA\Response(response: 201, ref: '#/components/responses/KitItem'), new OA\Response(response: 422, ref: '#/components/responses/Refused')])]
    public function upload(Request $request, KitType $type): JsonResponse
    {
        return $this->kept($request, $type, UploadedDocument::read($request, $type->document()), null);
    }

    #[OA\Post(path: '/api/kit/{type}/check', operationId: 'checkKit', summary: 'See what a document describes, without keeping it', tags: ['kit'],
        parameters: [new OA\PathParameter(ref: '#/components/parameters/type')],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['document'], properties: [
            new OA\Property(property: 'document', oneOf: [new OA\Schema(ref: '#/components/schemas/Body'), new OA\Schema(ref: '#/components/schemas/Lens'), new OA\Schema(ref: '#/components/schemas/SubjectProfile')]),
            new OA\Property(property: 'body', ref: '#/components/schemas/Body', description: 'With a lens: the body it is seen through'),
            new OA\Property(property: 'distance_m', type: 'number', description: 'With a lens: where the field is measured', maximum: 10000, minimum: 1),
        ])),
        responses: [new OA\Response(response: 200, description: 'What it comes to', content: new OA\JsonContent(required: ['terms', 'reach', 'figures'], properties: [
            new OA\Property(property: 'figures', type: 'object', nullable: true, description: 'Of a body: what its figures come to', required: ['megapixels', 'pixel_um', 'crop', 'frame_s', 'buffer_s'], properties: [
                new OA\Property(property: 'megapixels', type: 'number'), new OA\Property(property: 'pixel_um', type: 'number'), new OA\Property(property: 'crop', type: 'number'),
                new OA\Property(property: 'frame_s', type: 'number', description: 'Time from frame to frame'), new OA\Property(property: 'buffer_s', type: 'number', description: 'How long the buffer lasts'),
            ]),
            new OA\Property(property: 'terms', type: 'array', description: 'Of a body: all it can have own words for', items: new OA\Items(required: ['key', 'group', 'ours'], type: 'object', properties: [
                new OA\Property(property: 'key', type: 'string'), new OA\Property(property: 'group', type: 'string'), new OA\Property(property: 'ours', type: 'string'),
            ])),
            new OA\Property(property: 'reach', type: 'array', description: 'Of a lens: each focal length and extender', items: new OA\Items(required: ['focal_mm', 'extender', 'widest', 'angle_deg', 'field_m', 'px_per_cm', 'lit_ev'], type: 'object', properties: [
                new OA\Property(property: 'focal_mm', type: 'number'), new OA\Property(property: 'extender', type: 'number'), new OA\Property(property: 'widest', type: 'number'),
                new OA\Property(property: 'angle_deg', type: 'number'), new OA\Property(property: 'field_m', type: 'number'), new OA\Property(property: 'px_per_cm', type: 'number'),
                new OA\Property(property: 'lit_ev', type: 'number', description: 'Last light the body focuses in with it'),
            ])),
        ])), new OA\Response(response: 422, ref: '#/components/responses/Refused')])]
    public function check(Request $request, KitType $type): JsonResponse
    {
        $document = $request->input('document');
        $this->gate->kit($type, $document);
        $terms = $reach = [];
        $figures = null;
        $words = Words::in(Units::Metric);
        if ($type === KitType::Bodies) {
            $body = BodyDocument::read($document)->body;
            $figures = ['megapixels' => round($body->pixelsWide * $body->pixelsHigh / 1e6, 1), 'pixel_um' => round(1000 * $body->pitchMm(), 2), 'crop' => round($body->crop(), 3),
                'frame_s' => round(1 / $body->framesPerS, 4), 'buffer_s' => round($body->bufferFrames / $body->framesPerS, 2)];
            foreach (Term::of($body) as $term) {
                $terms[] = ['key' => $term->key, 'group' => $words->say(Said::of("term-group.$term->group")), 'ours' => $term->ours instanceof Said ? $words->say($term->ours) : Words::label($term->ours)];
            }
        }
        if ($type === KitType::Lenses) {
            $given = $request->input('body');
            $body = BodyDocument::read(is_array($given) ? $given : ['format' => BodyDocument::FORMAT])->body;
            $reach = array_map(static fn (Reach $r): array => [
                'focal_mm' => round($r->focalMm, 1), 'extender' => $r->extender, 'widest' => round($r->widest, 2), 'angle_deg' => round($r->angleDeg, 2),
                'field_m' => round($r->fieldM, 3), 'px_per_cm' => round($r->pixelsPerCm, 2), 'lit_ev' => round($r->lastLightEv, 2),
            ], Reach::of(LensDocument::read($document)->lens, $body, $request->float('distance_m', 20.0)));
        }

        return response()->json(['terms' => $terms, 'reach' => $reach, 'figures' => $figures]);
    }

    #[OA\Put(path: '/api/kit/bodies/{id}/standing', operationId: 'leaveBody', summary: 'Remember how a body was left', tags: ['kit'],
        parameters: [new OA\PathParameter(ref: '#/components/parameters/id')],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['standing'], properties: [new OA\Property(property: 'standing', ref: '#/components/schemas/Hold', nullable: true)])),
        responses: [new OA\Response(response: 200, ref: '#/components/responses/KitItem'), new OA\Response(response: 404, ref: '#/components/responses/NotThere'), new OA\Response(response: 422, ref: '#/components/responses/Refused')])]
    public function stand(Request $request, string $id): KitResource
    {
        $entry = $this->entry($request, KitType::Bodies, $id);
        $standing = $request->input('standing');
        $standing === null || StandingDocument::read($standing);
        $this->keeper($request)->alone(function () use ($request, $entry, $id, $standing): void {
            if ($entry->sample) {
                $person = $this->person($request)->refresh();
                $person->standings = array_filter([...($person->standings ?? []), $id => $standing]);
                $person->save();
            } else {
                $this->own($request, KitType::Bodies, $id)->fill(['standing' => $standing])->save();
            }
        });

        return new KitResource($this->entry($request, KitType::Bodies, $id));
    }

    #[OA\Put(path: '/api/kit/bodies/{id}/buttons', operationId: 'setButtons', summary: 'Remember that a body of one\'s own is set up by a layout: its sets, and how it stands at rest', tags: ['kit'],
        parameters: [new OA\PathParameter(ref: '#/components/parameters/id')],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['rest', 'sets'], properties: [
            new OA\Property(property: 'rest', ref: '#/components/schemas/Hold'), new OA\Property(property: 'sets', type: 'object', description: 'By the place of their control', additionalProperties: new OA\AdditionalProperties(ref: '#/components/schemas/Hold')),
        ])),
        responses: [new OA\Response(response: 200, ref: '#/components/responses/KitItem'), new OA\Response(response: 404, ref: '#/components/responses/NotThere'), new OA\Response(response: 422, ref: '#/components/responses/Refused')])]
    public function layOut(Request $request, string $id): KitResource
    {
        $request->validate(['rest' => ['present', 'array'], 'sets' => ['present', 'array:'.implode(',', array_column(ControlPlace::cases(), 'value'))], 'sets.*' => ['array']]);
        StandingDocument::read($request->input('rest'));
        /** @var array<string, array<string, mixed>> $sets */
        $sets = (array) $request->input('sets');
        $item = $this->own($request, KitType::Bodies, $id);
        $fields = $this->gate->kit(KitType::Bodies, BodyDocument::holding($item->document, $sets))['fields'];
        $this->keeper($request)->change($item, null, static fn (KitItem $item): KitItem => $item->fill(['document' => $fields, 'standing' => $request->input('rest')]));

        return new KitResource($this->entry($request, KitType::Bodies, $id));
    }

    #[OA\Put(path: '/api/kit/bodies/{id}/words/{key}', operationId: 'nameTerm', summary: 'Say what a camera calls something; a sample is copied first', tags: ['kit'],
        parameters: [new OA\PathParameter(ref: '#/components/parameters/id'), new OA\PathParameter(name: 'key', required: true, schema: new OA\Schema(type: 'string'))],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['label', 'where'], properties: [
            new OA\Property(property: 'label', type: 'string', description: 'Empty: it has none, do not ask again', maxLength: 60), new OA\Property(property: 'where', type: 'string', maxLength: 160),
        ])),
        responses: [new OA\Response(response: 200, ref: '#/components/responses/KitItem'), new OA\Response(response: 404, ref: '#/components/responses/NotThere'), new OA\Response(response: 422, ref: '#/components/responses/Refused')])]
    public function name(Request $request, string $id, string $key): JsonResponse
    {
        $word = $request->validate(['label' => ['nullable', 'string', 'max:60'], 'where' => ['nullable', 'string', 'max:160']]);
        $named = fn (KitItem $item): array => $this->gate->kit(KitType::Bodies, [...$item->document, 'words' => [...(array) ($item->document['words'] ?? []),
            $key => ['label' => $word['label'] ?? '', 'where' => $word['where'] ?? '']]])['fields'];
        $keeper = $this->keeper($request);
        $item = $keeper->alone(function () use ($request, $id, $keeper, $named): KitItem {
            $entry = $this->entry($request, KitType::Bodies, $id);
            $item = $entry->sample ? $this->copyOf($request, $entry) : $this->own($request, KitType::Bodies, $id);

            return $item->exists ? $keeper->change($item, null, static fn (KitItem $item): KitItem => $item->fill(['document' => $named($item)]))
                : $keeper->keep($item->fill(['document' => $named($item)]));
        });

        return (new KitResource(Entry::own($item->refresh())))->response()->setStatusCode(200);
    }

    private function entry(Request $request, KitType $type, string $id): Entry
    {
        return (new Shelf($this->person($request), $type))->find($id) ?? abort(404);
    }

    private function own(Request $request, KitType $type, string $id): KitItem
    {
        abort_if(isset($type->samples()[$id]), 403, 'Samples are everybody’s and stay as they are; save yours as a new one.');
        $item = KitItem::query()->where('type', $type)->findOrFail($id);
        $this->authorize('update', $item);

        return $item;
    }

    /** One's own copy of a sample, where there is one already: of two words named at once the first has made it. */
    private function copyOf(Request $request, Entry $sample): KitItem
    {
        return $this->person($request)->kit()->where('based_on', $sample->id)->where('name', $sample->name)->first()
            ?? $this->person($request)->kit()->make(['type' => $sample->type, 'name' => $sample->name, 'document' => $sample->document(), 'based_on' => $sample->id, 'standing' => $sample->standing]);
    }

    private function kept(Request $request, KitType $type, mixed $document, ?string $basedOn): JsonResponse
    {
        $read = $this->gate->kit($type, $document);
        $item = $this->keeper($request)->keep($this->person($request)->kit()->make(['type' => $type, 'name' => $read['name'], 'document' => $read['fields'], 'based_on' => $basedOn]));

        return (new KitResource(Entry::own($item)))->response()->setStatusCode(201);
    }
}
