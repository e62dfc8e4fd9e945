<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Burst;
use App\Models\SavedOuting;
use App\Review\Log;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

/** What was logged in the field. */
#[OA\Schema(schema: 'LoggedBurst', required: ['id', 'rush', 'at'], properties: [
    new OA\Property(property: 'id', type: 'string', format: 'uuid', description: 'Made where it was logged; sent twice it is kept once'),
    new OA\Property(property: 'outing_id', type: 'string', nullable: true), new OA\Property(property: 'rush_id', type: 'string', nullable: true),
    new OA\Property(property: 'rush', type: 'string', maxLength: 120, description: 'Name of the rush'),
    new OA\Property(property: 'at', type: 'string', format: 'date-time'),
    new OA\Property(property: 'kept', type: 'string', enum: ['none', 'few', 'half', 'most', 'all'], nullable: true),
    new OA\Property(property: 'frames', type: 'integer', minimum: 1, maximum: 100000, nullable: true), new OA\Property(property: 'keepers', type: 'integer', minimum: 0, maximum: 100000, nullable: true),
    new OA\Property(property: 'lost_to', type: 'string', nullable: true, description: 'What lost most of the rest'),
    new OA\Property(property: 'note', type: 'string', maxLength: 500),
    new OA\Property(property: 'hold', ref: '#/components/schemas/Hold'),
    new OA\Property(property: 'pictures', type: 'boolean', description: 'Whether there are pictures of it'),
    new OA\Property(property: 'asked', type: 'boolean', description: 'Whether it was asked what went wrong in it'),
    new OA\Property(property: 'doubted', type: 'boolean', description: 'Said to be logged wrongly: it is not learned from'),
])]
final class BurstController extends Controller
{
    private const AT_ONCE = 100;

    #[OA\Post(path: '/api/bursts', operationId: 'logBursts', summary: 'Keep what was logged; what is there already is left as it is', tags: ['log'],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['bursts'], properties: [new OA\Property(property: 'bursts', type: 'array', items: new OA\Items(ref: '#/components/schemas/LoggedBurst'), maxItems: 100, minItems: 1)])),
        responses: [
            new OA\Response(response: 200, description: 'What is kept now, and what cannot be', content: new OA\JsonContent(required: ['kept', 'refused'], properties: [
                new OA\Property(property: 'kept', type: 'array', items: new OA\Items(type: 'string')),
                new OA\Property(property: 'refused', type: 'array', items: new OA\Items(required: ['id', 'message'], type: 'object', properties: [new OA\Property(property: 'id', type: 'string'), new OA\Property(property: 'message', type: 'string')])),
            ])), new OA\Response(response: 422, ref: '#/components/responses/Refused')])]
    public function store(Request $request): JsonResponse
    {
        $request->validate(['bursts' => ['required', 'array', 'list', 'min:1', 'max:'.self::AT_ONCE], 'bursts.*' => ['array'], 'bursts.*.id' => ['required', 'uuid', 'distinct']]);
        $person = $this->person($request);
        $kept = $refused = [];
        /** @var array<string, mixed> $burst */
        foreach ((array) $request->input('bursts') as $burst) {
            $id = is_string($burst['id']) ? $burst['id'] : '';
            $wrong = Log::keep($person, $id, $burst);
            if ($wrong === null) {
                $kept[] = $id;
            } else {
                $refused[] = ['id' => $id, 'message' => $wrong];
            }
        }

        return response()->json(['kept' => $kept, 'refused' => $refused]);
    }

    #[OA\Get(path: '/api/outings/{id}/bursts', operationId: 'listBursts', summary: 'What was logged of an outing, the first first', tags: ['log'],
        parameters: [new OA\PathParameter(ref: '#/components/parameters/id')],
        responses: [
            new OA\Response(response: 200, description: 'Bursts', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: '#/components/schemas/LoggedBurst'))),
            new OA\Response(response: 404, ref: '#/components/responses/NotThere'),
        ])]
    public function index(SavedOuting $outing): JsonResponse
    {
        $this->authorize('view', $outing);

        $bursts = Burst::query();
        $bursts->where('user_id', $outing->user_id)->where('outing_id', $outing->id)->orderBy('shot_at')->orderBy('id')->limit(2000);

        return response()->json($bursts->get()->map(Log::told(...)));
    }
}
