<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\PlanRequest;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;
use RushHold\Document\HoldDocument;
use RushHold\Document\PlanDocument;
use RushHold\Document\RushDocument;
use RushHold\Planning\Chooser;
use RushHold\Units;

final class PlanController extends Controller
{
    #[OA\Post(path: '/api/plan', operationId: 'plan', summary: 'Work out a hold for a rush', tags: ['plan'],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/PlanRequest')),
        responses: [
            new OA\Response(response: 200, description: 'The plan', content: new OA\JsonContent(ref: '#/components/schemas/Plan')),
            new OA\Response(response: 422, description: 'Refused', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
        ])]
    public function __invoke(PlanRequest $request): JsonResponse
    {
        // Nothing is kept here, and the core refuses whatever cannot be meant: no need for the schemas' last word.
        $rush = RushDocument::read($request->input('rush'))->rush;
        $rush = $this->learned($request)?->rush($rush) ?? $rush;
        $pins = HoldDocument::read($request->input('pins') ?? [])->fitting($rush->kit);
        $played = $request->input('played');
        $plan = is_array($played) && $played !== [] ? Chooser::standard()->carrying($rush, $pins, HoldDocument::read($played)) : Chooser::standard()->choose($rush, $pins);

        return response()->json(PlanDocument::write($plan, $request->enum('units', Units::class) ?? Units::Metric, $request->standing()));
    }
}
