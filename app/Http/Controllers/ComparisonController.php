<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ComparisonRequest;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;
use RushHold\Document\HoldDocument;
use RushHold\Document\OutcomeDocument;
use RushHold\Document\RankingDocument;
use RushHold\Document\RushDocument;
use RushHold\Focus\Simulator;
use RushHold\Focus\Trace;
use RushHold\Planning\Chooser;

final class ComparisonController extends Controller
{
    private const RUNS = 200;

    private const SEED = 1;

    #[OA\Post(path: '/api/compare', operationId: 'compare', summary: 'Play two holds for a rush on the same chances', tags: ['plan'],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/ComparisonRequest')),
        responses: [
            new OA\Response(response: 200, description: 'Both, and the difference', content: new OA\JsonContent(required: ['sides', 'difference'], properties: [
                new OA\Property(property: 'sides', type: 'array', items: new OA\Items(required: ['hold', 'frames', 'keepers', 'keeper_rate', 'any_keeper', 'losses', 'trace'], type: 'object', properties: [
                    new OA\Property(property: 'hold', ref: '#/components/schemas/Hold'),
                    new OA\Property(property: 'frames', type: 'integer'),
                    new OA\Property(property: 'keepers', type: 'object', required: ['mean', 'low', 'high'], properties: [
                        new OA\Property(property: 'mean', type: 'number'), new OA\Property(property: 'low', type: 'number'), new OA\Property(property: 'high', type: 'number'),
                    ]),
                    new OA\Property(property: 'keeper_rate', type: 'number'),
                    new OA\Property(property: 'any_keeper', type: 'number'),
                    new OA\Property(property: 'losses', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'number')),
                    new OA\Property(property: 'trace', ref: '#/components/schemas/Trace'),
                ])),
                new OA\Property(property: 'difference', type: 'object', description: 'Keeper rate of the second less the first', required: ['keeper_rate', 'standard_error'], properties: [
                    new OA\Property(property: 'keeper_rate', type: 'number'), new OA\Property(property: 'standard_error', type: 'number'),
                ]),
            ])),
            new OA\Response(response: 422, description: 'Refused', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
        ])]
    public function __invoke(ComparisonRequest $request): JsonResponse
    {
        $rush = RushDocument::read($request->input('rush'))->rush;
        $run = $request->integer('run');
        $sides = $outcomes = [];
        foreach ((array) $request->input('holds') as $document) {
            $plan = Chooser::standard()->choose($rush, HoldDocument::pins($document, $rush->kit));
            $simulator = new Simulator($plan->situation);
            $outcome = $simulator->run($plan->hold, self::RUNS, self::SEED);
            $trace = new Trace;
            $simulator->run($plan->hold, 1, self::SEED, $run, $trace);
            $outcomes[] = $outcome;
            $sides[] = ['hold' => HoldDocument::write($plan->hold), ...OutcomeDocument::figures($outcome), 'trace' => RankingDocument::trace($trace, $run)];
        }
        [$difference, $error] = $outcomes[1]->minus($outcomes[0]);

        return response()->json(['sides' => $sides, 'difference' => ['keeper_rate' => round($difference, 4), 'standard_error' => round($error, 4)]]);
    }
}
