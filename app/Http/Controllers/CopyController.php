<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Accounts\Letters;
use App\Documents\DocumentGate;
use App\Documents\Documents;
use App\Kit\HandedOut;
use App\Models\CopyLink;
use App\Models\User;
use App\Sharing\Snapshot;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use OpenApi\Attributes as OA;

/** Addresses under which somebody else takes a copy of a drill, rush, hold, layout or card into their own account. */
#[OA\Schema(schema: 'CopyLink', required: ['id', 'kind', 'name', 'expires_at'], properties: [
    new OA\Property(property: 'id', type: 'integer'), new OA\Property(property: 'kind', type: 'string', enum: ['drill', 'rush', 'hold', 'layout', 'card']), new OA\Property(property: 'name', type: 'string'), new OA\Property(property: 'expires_at', type: 'string', format: 'date-time'),
])]
#[OA\Schema(schema: 'OfferedCopy', required: ['kind', 'name', 'from', 'document'], properties: [
    new OA\Property(property: 'kind', type: 'string', enum: ['drill', 'rush', 'hold', 'layout', 'card']), new OA\Property(property: 'name', type: 'string'), new OA\Property(property: 'from', type: 'string'),
    new OA\Property(property: 'document', type: 'object', description: 'A drill without what was done; a rush; for a hold `rush` and `pins`; a body; an outing with its rushes inside', additionalProperties: true),
])]
final class CopyController extends Controller
{
    public function __construct(private readonly DocumentGate $gate)
    {
    }

    #[OA\Get(path: '/api/copies', operationId: 'listCopyLinks', summary: 'What one offers to be copied', tags: ['copies'],
        responses: [new OA\Response(response: 200, description: 'Addresses that have not run out', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: '#/components/schemas/CopyLink')))])]
    public function index(Request $request): JsonResponse
    {
        $links = CopyLink::query();
        $links->where('user_id', $this->person($request)->id)->where('expires_at', '>', now())->orderByDesc('id');

        return response()->json($links->get(['id', 'kind', 'name', 'expires_at'])->map(self::told(...)));
    }

    #[OA\Post(path: '/api/copies', operationId: 'offerCopy', summary: 'Offer a copy of something as it is now', tags: ['copies'],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['kind', 'days'], properties: [
            new OA\Property(property: 'kind', type: 'string', enum: ['drill', 'rush', 'hold', 'layout', 'card']), new OA\Property(property: 'id', type: 'string', description: 'Of a rush (also for its hold), a body of one\'s own, an outing, or a kept turn of a drill'),
            new OA\Property(property: 'days', type: 'integer', maximum: 120, minimum: 1),
            new OA\Property(property: 'from', type: 'string', maxLength: 60, description: 'Whose it is said to be; nobody’s without it'),
            new OA\Property(property: 'place', type: 'boolean', default: false, description: 'Whether places go along, to a tenth of a degree; a rush has the light there instead without it, an outing about where in the world it is'),
        ])),
        responses: [new OA\Response(response: 201, description: 'The address, which is told this once', content: new OA\JsonContent(required: ['id', 'kind', 'name', 'expires_at', 'address'], properties: [
            new OA\Property(property: 'id', type: 'integer'), new OA\Property(property: 'kind', type: 'string'), new OA\Property(property: 'name', type: 'string'), new OA\Property(property: 'expires_at', type: 'string', format: 'date-time'), new OA\Property(property: 'address', type: 'string'),
        ])), new OA\Response(response: 404, ref: '#/components/responses/NotThere'), new OA\Response(response: 422, ref: '#/components/responses/Refused')])]
    public function store(Request $request): JsonResponse
    {
        $person = $this->personal($request);
        $given = $request->validate(['kind' => ['required', Rule::in(Snapshot::KINDS)], 'id' => ['required', 'string', 'max:40'], 'days' => ['required', 'integer', 'between:1,120'],
            'from' => ['sometimes', 'nullable', 'string', 'max:60'], 'place' => ['sometimes', 'boolean']]);
        $offered = Snapshot::of($person, $given['kind'], $given['id'], new HandedOut((bool) ($given['place'] ?? false)), $this->gate);
        [$link, $secret] = $this->keeper($request)->alone(static function () use ($person, $given, $offered): array {
            if (CopyLink::query()->where('user_id', $person->id)->where('expires_at', '>', now())->count() >= (int) config('limits.copy_links')) {
                throw ValidationException::withMessages(['days' => 'You offer '.config('limits.copy_links').' copies already. Take one back first.']);
            }

            return CopyLink::open($person, $offered->kind, $offered->name, $offered->document, (int) $given['days'], trim((string) ($given['from'] ?? '')));
        });

        return response()->json([...self::told($link), 'address' => Letters::link("copy/$secret")], 201);
    }

    #[OA\Delete(path: '/api/copies/{id}', operationId: 'closeCopyLink', summary: 'Take an address back; copies that were taken stay', tags: ['copies'], parameters: [new OA\Parameter(name: 'id', in: 'path', required: true, schema: new OA\Schema(type: 'integer'))],
        responses: [new OA\Response(response: 204, description: 'Nobody finds it there any more'), new OA\Response(response: 404, ref: '#/components/responses/NotThere')])]
    public function destroy(Request $request, int $id): Response
    {
        $links = CopyLink::query();
        $links->where('user_id', $this->person($request)->id)->findOrFail($id)->delete();

        return response()->noContent();
    }

    #[OA\Get(path: '/api/copies/{secret}', operationId: 'readCopy', summary: 'What is offered under an address', tags: ['copies'], parameters: [new OA\Parameter(name: 'secret', in: 'path', required: true, schema: new OA\Schema(type: 'string'))],
        responses: [new OA\Response(response: 200, description: 'What is offered', content: new OA\JsonContent(ref: '#/components/schemas/OfferedCopy')), new OA\Response(response: 404, ref: '#/components/responses/NotThere'), new OA\Response(response: 429, ref: '#/components/responses/TooMany')])]
    public function offered(Request $request, string $secret): JsonResponse
    {
        $link = CopyLink::behind($secret);
        abort_if($link === null, 404, 'This is not offered any more. Ask whoever sent it for a new address.');

        $person = $request->user('sanctum');
        $document = $person instanceof User ? Snapshot::inHandsOf($person, $link->kind, $link->document) : $link->document;

        return response()->json(['kind' => $link->kind, 'name' => $link->name, 'from' => $link->from, 'document' => Documents::withObjects($document)]);
    }

    /** @return array{id: int, kind: string, name: string, expires_at: string} */
    private static function told(CopyLink $link): array
    {
        return ['id' => $link->id, 'kind' => $link->kind, 'name' => $link->name, 'expires_at' => $link->expires_at->toIso8601ZuluString()];
    }
}
