<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\PlanRequest;
use App\Playing\LearnedQuestion;
use App\Playing\Questions;
use App\Playing\RankQuestion;
use OpenApi\Attributes as OA;
use RushHold\Document\HoldDocument;
use RushHold\Document\RushDocument;
use RushHold\Units;
use Symfony\Component\HttpFoundation\Response;

final class RankController extends Controller
{
    #[OA\Post(path: '/api/rank', operationId: 'rank', summary: 'Play every set-up for a rush and rank them', description: 'With `Accept: application/x-ndjson` the way to the answer is told: lines `{"done": 0.4}`, one `{"early": …}` with the ranking before it is explained, then `{"status": 200, "answer": …}`. Leaving stops the work.', tags: ['plan'],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/PlanRequest')),
        responses: [
            new OA\Response(response: 200, description: 'The plan with ranking and one run', content: new OA\JsonContent(ref: '#/components/schemas/Plan')),
            new OA\Response(response: 409, ref: '#/components/responses/Overtaken'), new OA\Response(response: 422, ref: '#/components/responses/Refused'),
            new OA\Response(response: 429, ref: '#/components/responses/TooMany'), new OA\Response(response: 503, ref: '#/components/responses/Busy'),
        ])]
    public function __invoke(PlanRequest $request, Questions $questions): Response
    {
        $rush = RushDocument::read($request->input('rush'))->rush;
        $pins = HoldDocument::read($request->input('pins') ?? [])->fitting($rush->kit);

        $learned = $this->learned($request);

        return $questions->ask($request, LearnedQuestion::of(new RankQuestion($learned?->rush($rush) ?? $rush, $pins, $request->enum('units', Units::class) ?? Units::Metric, $request->integer('run'), $request->standing()), $learned));
    }
}
