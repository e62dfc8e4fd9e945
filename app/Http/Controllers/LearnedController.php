<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\User;
use App\Review\LearnFromLog;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

/** What the log has taught, whether plans use it, and how right they were. */
#[OA\Schema(schema: 'Estimate', required: ['mean', 'low', 'high'], type: 'object', properties: [new OA\Property(property: 'mean', type: 'number'), new OA\Property(property: 'low', type: 'number'), new OA\Property(property: 'high', type: 'number')])]
#[OA\Schema(schema: 'Learned', required: ['uses', 'since', 'learned'], properties: [
    new OA\Property(property: 'uses', type: 'boolean', description: 'Whether plans use it'),
    new OA\Property(property: 'since', type: 'string', format: 'date-time', nullable: true, description: 'Bursts before are left out'),
    new OA\Property(property: 'learned', nullable: true, required: ['at', 'bursts', 'said', 'skills', 'kit', 'log_share', 'frames_worth', 'outliers', 'right'], type: 'object', properties: [
        new OA\Property(property: 'at', type: 'string', format: 'date-time'), new OA\Property(property: 'bursts', type: 'integer'),
        new OA\Property(property: 'said', required: ['aim', 'panning', 'hand_focus'], type: 'object', properties: [new OA\Property(property: 'aim', type: 'number'), new OA\Property(property: 'panning', type: 'number'), new OA\Property(property: 'hand_focus', type: 'number')]),
        new OA\Property(property: 'skills', required: ['aim', 'panning', 'hand_focus'], type: 'object', properties: [new OA\Property(property: 'aim', ref: '#/components/schemas/Estimate'), new OA\Property(property: 'panning', ref: '#/components/schemas/Estimate'), new OA\Property(property: 'hand_focus', ref: '#/components/schemas/Estimate')]),
        new OA\Property(property: 'kit', type: 'object', additionalProperties: new OA\AdditionalProperties(required: ['log_odds', 'at_half'], type: 'object', properties: [
            new OA\Property(property: 'log_odds', ref: '#/components/schemas/Estimate'), new OA\Property(property: 'at_half', ref: '#/components/schemas/Estimate', description: 'By how much it keeps more or less where the model keeps every other frame'),
        ])),
        new OA\Property(property: 'log_share', type: 'number', description: 'Share of what is said that comes from the log'), new OA\Property(property: 'frames_worth', type: 'number'),
        new OA\Property(property: 'outliers', type: 'array', description: 'Bursts that look logged wrongly and are not believed', items: new OA\Items(type: 'string')),
        new OA\Property(property: 'right', required: ['bursts', 'brier'], type: 'object', properties: [
            new OA\Property(property: 'bursts', type: 'array', items: new OA\Items(required: ['burst', 'rush', 'rush_id', 'at', 'frames', 'keepers', 'model', 'learned', 'low', 'high'], type: 'object', properties: [
                new OA\Property(property: 'burst', type: 'string'), new OA\Property(property: 'rush', type: 'string'), new OA\Property(property: 'rush_id', type: 'string', nullable: true), new OA\Property(property: 'at', type: 'string', format: 'date-time'),
                new OA\Property(property: 'frames', type: 'integer'), new OA\Property(property: 'keepers', type: 'integer'), new OA\Property(property: 'model', type: 'number'), new OA\Property(property: 'learned', type: 'number', description: 'By the bursts of the days before'),
                new OA\Property(property: 'low', type: 'number'), new OA\Property(property: 'high', type: 'number'),
            ])),
            new OA\Property(property: 'brier', nullable: true, required: ['frames', 'model', 'learned', 'even'], type: 'object', properties: [new OA\Property(property: 'frames', type: 'integer'), new OA\Property(property: 'model', type: 'number'), new OA\Property(property: 'learned', type: 'number'), new OA\Property(property: 'even', type: 'number')]),
        ]),
    ]),
])]
final class LearnedController extends Controller
{
    #[OA\Get(path: '/api/learned', operationId: 'readLearned', summary: 'What the log has taught', tags: ['log'],
        responses: [new OA\Response(response: 200, description: 'Learned', content: new OA\JsonContent(ref: '#/components/schemas/Learned'))])]
    public function show(Request $request): JsonResponse
    {
        return $this->told($this->person($request));
    }

    #[OA\Patch(path: '/api/learned', operationId: 'settleLearned', summary: 'Leave it out of plans, or take it in; begin learning anew from now, or take all of the log', tags: ['log'],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(properties: [
            new OA\Property(property: 'uses', type: 'boolean'), new OA\Property(property: 'from', type: 'string', enum: ['now', 'all'], description: '`now`: what was logged up to now is left out from now on'),
        ])),
        responses: [new OA\Response(response: 200, description: 'Learned', content: new OA\JsonContent(ref: '#/components/schemas/Learned')), new OA\Response(response: 422, ref: '#/components/responses/Refused')])]
    public function update(Request $request): JsonResponse
    {
        $given = $request->validate(['uses' => ['sometimes', 'boolean'], 'from' => ['sometimes', 'in:now,all']]);
        $person = $this->person($request);
        if (isset($given['uses'])) {
            $person->forceFill(['uses_learned' => (bool) $given['uses']]);
        }
        if (isset($given['from'])) {
            $person->forceFill(['learns_from' => $given['from'] === 'now' ? now() : null, ...($given['from'] === 'now' ? ['learned' => null] : [])]);
        }
        $person->save();
        isset($given['from']) && LearnFromLog::soon($person->id);

        return $this->told($person);
    }

    #[OA\Post(path: '/api/learned', operationId: 'learnAnew', summary: 'Work it out anew, in the background', tags: ['log'],
        responses: [new OA\Response(response: 202, description: 'On its way', content: new OA\JsonContent(ref: '#/components/schemas/Learned'))])]
    public function store(Request $request): JsonResponse
    {
        LearnFromLog::soon($this->person($request)->id);

        return $this->told($this->person($request))->setStatusCode(202);
    }

    private function told(User $person): JsonResponse
    {
        $learned = $person->learned;
        if ($learned !== null) {
            unset($learned['plans'], $learned['model']);
            $learned['kit'] = (object) ($learned['kit'] ?? []);
        }

        return response()->json(['uses' => $person->uses_learned, 'since' => $person->learns_from?->toIso8601ZuluString(), 'learned' => $learned]);
    }
}
