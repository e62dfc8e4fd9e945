<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Accounts\Letters;
use App\Documents\DocumentGate;
use App\Documents\Documents;
use App\Documents\HandedOut;
use App\Documents\KitType;
use App\Kit\Shelf;
use App\Models\CopyLink;
use App\Models\SavedOuting;
use App\Models\SavedRush;
use App\Models\User;
use App\Outings\Rushes;
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
    private const MOST_BYTES = 900_000;

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
        $given = $request->validate(['kind' => ['required', Rule::in(CopyLink::KINDS)], 'id' => ['required', 'string', 'max:40'], 'days' => ['required', 'integer', 'between:1,120'],
            'from' => ['sometimes', 'nullable', 'string', 'max:60'], 'place' => ['sometimes', 'boolean']]);
        [$name, $document] = $this->snapshot($person, $given['kind'], $given['id'], new HandedOut((bool) ($given['place'] ?? false)));
        if (strlen((string) json_encode($document)) > self::MOST_BYTES) {
            throw ValidationException::withMessages(['id' => 'This is too large to be offered: '.(self::MOST_BYTES / 1000).' kB at most.']);
        }
        [$link, $secret] = $this->keeper($request)->alone(static function () use ($person, $given, $name, $document): array {
            if (CopyLink::query()->where('user_id', $person->id)->where('expires_at', '>', now())->count() >= (int) config('limits.copy_links')) {
                throw ValidationException::withMessages(['days' => 'You offer '.config('limits.copy_links').' copies already. Take one back first.']);
            }

            return CopyLink::open($person, $given['kind'], $name, $document, (int) $given['days'], trim((string) ($given['from'] ?? '')));
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
        $document = $person instanceof User ? self::inHandsOf($person, $link->kind, $link->document) : $link->document;

        return response()->json(['kind' => $link->kind, 'name' => $link->name, 'from' => $link->from, 'document' => Documents::withObjects($document)]);
    }

    /** @return array{string, array<string, mixed>} */
    private function snapshot(User $person, string $kind, string $id, HandedOut $out): array
    {
        if ($kind === 'drill') {
            $drill = $person->drills()->findOrFail($id);

            // What is called or comes, not what was done.
            $document = array_diff_key($drill->document, ['trace' => true, 'aids' => true]);

            return [$drill->exercise->value, isset($document['rush']) ? [...$document, 'rush' => $out->rush((array) $document['rush'])] : $document];
        }
        if ($kind === 'layout') {
            $entry = (new Shelf($person, KitType::Bodies))->find($id);
            abort_if($entry === null || $entry->sample, 404, 'This body is not in your kit any more.');

            return [$entry->name, $entry->document()];
        }
        if ($kind === 'card') {
            $outing = SavedOuting::query()->where('user_id', $person->id)->findOrFail($id);
            $rushes = new Rushes($person, $this->gate);

            return [$outing->name, $out->outing($rushes->inside($rushes->present($outing->document)[0]))];
        }
        $rush = SavedRush::query()->where('user_id', $person->id)->findOrFail($id);
        $document = $out->rush($rush->document);

        return [$rush->name, $kind === 'hold' ? ['rush' => $document, 'pins' => $rush->pins] : $document];
    }

    /**
     * The same in the hands of whoever takes it.
     *
     * @param  array<string, mixed>  $document
     * @return array<string, mixed>
     */
    private static function inHandsOf(User $person, string $kind, array $document): array
    {
        $mine = static fn (array $rush): array => [...$rush, 'photographer' => $person->habits()->fields['photographer'] ?? []];
        if ($kind === 'rush') {
            return $mine($document);
        }
        if (is_array($document['rush'] ?? null)) {
            return [...$document, 'rush' => $mine($document['rush'])];
        }
        foreach ((array) ($document['rushes'] ?? []) as $i => $entry) {
            if (is_array($entry) && is_array($entry['rush'] ?? null)) {
                $document['rushes'][$i]['rush'] = $mine($entry['rush']);
            }
        }

        return $document;
    }

    /** @return array{id: int, kind: string, name: string, expires_at: string} */
    private static function told(CopyLink $link): array
    {
        return ['id' => $link->id, 'kind' => $link->kind, 'name' => $link->name, 'expires_at' => $link->expires_at->toIso8601ZuluString()];
    }
}
