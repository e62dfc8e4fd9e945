<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Accounts\Letters;
use App\Models\CardLink;
use App\Models\SavedOuting;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\ValidationException;
use OpenApi\Attributes as OA;

/** Addresses under which somebody else sees one card. */
#[OA\Schema(schema: 'CardLink', required: ['id', 'expires_at'], properties: [
    new OA\Property(property: 'id', type: 'integer'), new OA\Property(property: 'expires_at', type: 'string', format: 'date-time'),
])]
final class CardLinkController extends Controller
{
    /** Addresses of one outing at a time. */
    private const MOST = 10;

    #[OA\Get(path: '/api/outings/{id}/links', operationId: 'listCardLinks', summary: 'Who sees the card of an outing', tags: ['outings'],
        parameters: [new OA\PathParameter(ref: '#/components/parameters/id')],
        responses: [
            new OA\Response(response: 200, description: 'Links that have not run out', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: '#/components/schemas/CardLink'))),
            new OA\Response(response: 404, ref: '#/components/responses/NotThere'),
        ])]
    public function index(SavedOuting $outing): JsonResponse
    {
        $this->authorize('view', $outing);

        $links = CardLink::query();
        $links->where('outing_id', $outing->id)->where('expires_at', '>', now())->orderBy('id');

        return response()->json($links->get()->map(self::told(...)));
    }

    #[OA\Post(path: '/api/outings/{id}/links', operationId: 'openCardLink', summary: 'Let somebody else see the card of an outing', tags: ['outings'],
        parameters: [new OA\PathParameter(ref: '#/components/parameters/id')],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['days'], properties: [new OA\Property(property: 'days', type: 'integer', maximum: 60, minimum: 1)])),
        responses: [
            new OA\Response(response: 201, description: 'The address, which is told this once', content: new OA\JsonContent(required: ['id', 'expires_at', 'address'], properties: [
                new OA\Property(property: 'id', type: 'integer'), new OA\Property(property: 'expires_at', type: 'string', format: 'date-time'), new OA\Property(property: 'address', type: 'string'),
            ])), new OA\Response(response: 404, ref: '#/components/responses/NotThere'), new OA\Response(response: 422, ref: '#/components/responses/Refused')])]
    public function store(Request $request, SavedOuting $outing): JsonResponse
    {
        $this->authorize('update', $outing);
        $days = (int) $request->validate(['days' => ['required', 'integer', 'min:1', 'max:60']])['days'];
        [$link, $secret] = $this->keeper($request)->alone(static function () use ($outing, $days): array {
            if ($outing->links()->where('expires_at', '>', now())->count() >= self::MOST) {
                throw ValidationException::withMessages(['days' => 'There are '.self::MOST.' addresses of this card already. Take one back first.']);
            }

            return CardLink::open($outing, $days);
        });

        return response()->json([...self::told($link), 'address' => Letters::link("shared/$secret")], 201);
    }

    #[OA\Delete(path: '/api/outings/{id}/links/{link}', operationId: 'closeCardLink', summary: 'Take an address back', tags: ['outings'],
        parameters: [new OA\PathParameter(ref: '#/components/parameters/id'), new OA\Parameter(name: 'link', in: 'path', required: true, schema: new OA\Schema(type: 'integer'))],
        responses: [
            new OA\Response(response: 204, description: 'Nobody sees it there any more'),
            new OA\Response(response: 404, ref: '#/components/responses/NotThere'),
        ])]
    public function destroy(SavedOuting $outing, int $link): Response
    {
        $this->authorize('update', $outing);
        $outing->links()->findOrFail($link)->delete();

        return response()->noContent();
    }

    /** @return array{id: int, expires_at: string} */
    private static function told(CardLink $link): array
    {
        return ['id' => $link->id, 'expires_at' => $link->expires_at->toIso8601ZuluString()];
    }
}
