<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\DocumentGate;
use App\Documents\Documents;
use App\Http\Resources\KitResource;
use App\Kit\Entry;
use App\Kit\Shelf;
use App\Models\KitType;
use App\Models\ShelfItem;
use App\Models\User;
use App\Sharing\PublicShelf;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;

/** A shelf of bodies, lenses and subjects that people of this server have described. */
#[OA\Schema(schema: 'ShelfListing', required: ['id', 'type', 'name', 'by', 'put_up_at', 'outline', 'taken', 'mine', 'hidden'], properties: [
    new OA\Property(property: 'id', type: 'string'),
    new OA\Property(property: 'type', type: 'string', enum: ['bodies', 'lenses', 'subjects']),
    new OA\Property(property: 'name', type: 'string'),
    new OA\Property(property: 'by', type: 'string', description: 'As its owner wants to be called; empty for nobody'),
    new OA\Property(property: 'put_up_at', type: 'string', format: 'date-time'),
    new OA\Property(property: 'outline', type: 'object', description: 'As in a list of kit', additionalProperties: true),
    new OA\Property(property: 'taken', type: 'integer', description: 'How often it was copied'),
    new OA\Property(property: 'mine', type: 'boolean'),
    new OA\Property(property: 'hidden', type: 'boolean', description: 'Reported so often that nobody else finds it'),
])]
final class ShelfController extends Controller
{
    private const PAGE = 30;

    public function __construct(private readonly DocumentGate $gate)
    {
    }

    #[OA\Get(path: '/api/shelf', operationId: 'listShelf', summary: 'What people of this server have put up', tags: ['shelf'], parameters: [
        new OA\QueryParameter(name: 'type', required: true, schema: new OA\Schema(type: 'string', enum: ['bodies', 'lenses', 'subjects'])),
        new OA\QueryParameter(name: 'search', schema: new OA\Schema(type: 'string', maxLength: 120)),
        new OA\QueryParameter(name: 'page', schema: new OA\Schema(type: 'integer', maximum: 100, minimum: 1)),
    ], responses: [
        new OA\Response(response: 200, description: 'A page of it', content: new OA\JsonContent(required: ['items', 'total', 'more'], properties: [
            new OA\Property(property: 'items', type: 'array', items: new OA\Items(ref: '#/components/schemas/ShelfListing')),
            new OA\Property(property: 'total', type: 'integer'),
            new OA\Property(property: 'more', type: 'boolean'),
        ])), new OA\Response(response: 422, ref: '#/components/responses/Refused'),
    ])]
    public function index(Request $request): JsonResponse
    {
        $given = $request->validate(['type' => ['required', Rule::enum(KitType::class)], 'search' => ['nullable', 'string', 'max:120'], 'page' => ['integer', 'between:1,100']]);
        $person = $this->person($request);
        $found = (new PublicShelf($person))->find(KitType::from($given['type']), (string) ($given['search'] ?? ''));
        $total = (clone $found)->count();
        $page = (int) ($given['page'] ?? 1);
        $found->offset(self::PAGE * ($page - 1))->limit(self::PAGE);
        $items = $found->get(ShelfItem::LISTED);

        return response()->json(['items' => $items->map(static fn (ShelfItem $item): array => self::told($item, $person)), 'total' => $total, 'more' => self::PAGE * $page < $total]);
    }

    #[OA\Post(path: '/api/shelf', operationId: 'putOnShelf', summary: 'Put something of one\'s own up, or what it is now in the place of what was', tags: ['shelf'],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['type', 'id'], properties: [
            new OA\Property(property: 'type', type: 'string', enum: ['bodies', 'lenses', 'subjects']),
            new OA\Property(property: 'id', type: 'string'),
            new OA\Property(property: 'by', type: 'string', maxLength: 60, description: 'As one wants to be called; nobody’s name is shown without it'),
        ])),
        responses: [
            new OA\Response(response: 201, description: 'Put up', content: new OA\JsonContent(ref: '#/components/schemas/ShelfListing')),
            new OA\Response(response: 404, ref: '#/components/responses/NotThere'), new OA\Response(response: 422, ref: '#/components/responses/Refused'),
        ])]
    public function store(Request $request): JsonResponse
    {
        $person = $this->personal($request);
        $given = $request->validate(['type' => ['required', Rule::enum(KitType::class)], 'id' => ['required', 'string', 'max:40'], 'by' => ['sometimes', 'nullable', 'string', 'max:60']]);
        $entry = (new Shelf($person, KitType::from($given['type'])))->find($given['id']);
        abort_if($entry === null || $entry->sample, 404, 'This is not in your kit any more.');
        $item = $this->keeper($request)->alone(static fn (): ShelfItem => (new PublicShelf($person))->put($entry, trim((string) ($given['by'] ?? ''))));

        return response()->json(self::told($item, $person), 201);
    }

    #[OA\Post(path: '/api/shelf/{id}/take', operationId: 'takeFromShelf', summary: 'Copy something into one\'s own kit', tags: ['shelf'], parameters: [new OA\PathParameter(ref: '#/components/parameters/id')],
        responses: [new OA\Response(response: 201, ref: '#/components/responses/KitItem'), new OA\Response(response: 404, ref: '#/components/responses/NotThere'), new OA\Response(response: 422, ref: '#/components/responses/Refused')])]
    public function take(Request $request, string $id): JsonResponse
    {
        $person = $this->person($request);
        $item = $this->item($person, $id);
        $read = $this->gate->kit($item->type, $item->document);
        $kept = $this->keeper($request)->keep($person->kit()->make(['type' => $item->type, 'name' => $read['name'], 'document' => $read['fields'], 'based_on' => null]));
        $item->user_id === $person->id || ShelfItem::query()->whereKey($item->id)->toBase()->increment('taken');

        return (new KitResource(Entry::own($kept)))->response()->setStatusCode(201);
    }

    #[OA\Post(path: '/api/shelf/{id}/report', operationId: 'reportOnShelf', summary: 'Say that something on the shelf is wrong or does not belong there', tags: ['shelf'], parameters: [new OA\PathParameter(ref: '#/components/parameters/id')],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['reason'], properties: [new OA\Property(property: 'reason', type: 'string', maxLength: 300)])),
        responses: [new OA\Response(response: 204, description: 'Reported'), new OA\Response(response: 404, ref: '#/components/responses/NotThere'), new OA\Response(response: 422, ref: '#/components/responses/Refused')])]
    public function report(Request $request, string $id): Response
    {
        $person = $this->personal($request);
        $item = $this->item($person, $id);
        $reason = $request->validate(['reason' => ['required', 'string', 'max:300']])['reason'];
        abort_if($item->user_id === $person->id, 422, 'This is yours: take it down instead.');
        (new PublicShelf($person))->report($item, trim($reason));

        return response()->noContent();
    }

    #[OA\Delete(path: '/api/shelf/{id}', operationId: 'takeDown', summary: 'Take something down that one has put up; copies that were taken stay', tags: ['shelf'], parameters: [new OA\PathParameter(ref: '#/components/parameters/id')],
        responses: [new OA\Response(response: 204, description: 'Taken down'), new OA\Response(response: 404, ref: '#/components/responses/NotThere')])]
    public function destroy(Request $request, string $id): Response
    {
        $mine = ShelfItem::query();
        $mine->where('user_id', $this->person($request)->id)->findOrFail($id)->delete();

        return response()->noContent();
    }

    private function item(User $person, string $id): ShelfItem
    {
        $item = (new PublicShelf($person))->item($id);
        abort_if($item === null, 404, 'This is not on the shelf any more.');

        return $item;
    }

    /** @return array<string, mixed> */
    private static function told(ShelfItem $item, User $person): array
    {
        return ['id' => $item->id, 'type' => $item->type->value, 'name' => $item->name, 'by' => $item->shown_as, 'put_up_at' => $item->updated_at->toIso8601ZuluString(),
            'outline' => Documents::withObjects($item->outline), 'taken' => $item->taken, 'mine' => $item->user_id === $person->id, 'hidden' => $item->hidden];
    }
}
