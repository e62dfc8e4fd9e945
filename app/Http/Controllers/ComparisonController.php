<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ComparisonRequest;
use App\Playing\ComparisonQuestion;
use App\Playing\LearnedQuestion;
use App\Playing\Questions;
use OpenApi\Attributes as OA;
use RushHold\Document\HoldDocument;
use RushHold\Document\RushDocument;
use RushHold\Hold\PartialHold;
use Symfony\Component\HttpFoundation\Response;

final class ComparisonController extends Controller
{
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
                new OA\Property(property: 'difference', type: 'object', description: 'Keeper rate of the second less the first', required: ['keeper_rate', 'standard_error', 'says'], properties: [
                    new OA\Property(property: 'says', type: 'string', description: 'The same in words'),
                    new OA\Property(property: 'keeper_rate', type: 'number'), new OA\Property(property: 'standard_error', type: 'number'),
                ]),
            ])),
            new OA\Response(response: 409, ref: '#/components/responses/Overtaken'), new OA\Response(response: 422, ref: '#/components/responses/Refused'),
            new OA\Response(response: 429, ref: '#/components/responses/TooMany'), new OA\Response(response: 503, ref: '#/components/responses/Busy'),
        ])]
    public function __invoke(ComparisonRequest $request, Questions $questions): Response
    {
        $rush = RushDocument::read($request->input('rush'))->rush;
        [$first, $second] = array_map(static fn (mixed $document): PartialHold => HoldDocument::read($document)->fitting($rush->kit), array_values((array) $request->input('holds')));

        [$often, $oftenSecond] = array_map(intval(...), array_values((array) $request->input('runs', [ComparisonQuestion::RUNS, ComparisonQuestion::RUNS])));

        $learned = $this->learned($request);

        return $questions->ask($request, LearnedQuestion::of(new ComparisonQuestion($learned?->rush($rush) ?? $rush, [$first, $second], [$often, $oftenSecond], $request->integer('run')), $learned));
    }
}
