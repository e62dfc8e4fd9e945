<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\DocumentGate;
use App\Http\Requests\DayRequest;
use App\Outings\Rushes;
use App\Playing\DayQuestion;
use App\Playing\LearnedQuestion;
use App\Playing\Questions;
use App\Practice\Practised;
use OpenApi\Attributes as OA;
use RushHold\Units;
use Symfony\Component\HttpFoundation\Response;

final class DayController extends Controller
{
    public function __construct(private readonly DocumentGate $gate)
    {
    }

    #[OA\Post(path: '/api/day', operationId: 'planDay', summary: 'The light of an outing, what each rush keeps at which hour, and their order', description: 'With `Accept: application/x-ndjson` the way to the answer is told, as for /api/rank.', tags: ['plan'],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/DayRequest')),
        responses: [
            new OA\Response(response: 200, description: 'The plan of the day', content: new OA\JsonContent(ref: '#/components/schemas/Day')),
            new OA\Response(response: 409, ref: '#/components/responses/Overtaken'), new OA\Response(response: 422, ref: '#/components/responses/Refused'),
            new OA\Response(response: 429, ref: '#/components/responses/TooMany'), new OA\Response(response: 503, ref: '#/components/responses/Busy'),
        ])]
    public function __invoke(DayRequest $request, Questions $questions): Response
    {
        /** @var array<string, mixed> $given */
        $given = (array) $request->input('outing');
        $outing = $this->gate->outing((new Rushes($this->person($request), $this->gate))->inside($given))->outing->with(times: Practised::times($this->person($request)));

        $learned = $this->learned($request);

        return $questions->ask($request, LearnedQuestion::of(new DayQuestion($learned?->outing($outing) ?? $outing, $request->enum('units', Units::class) ?? Units::Metric), $learned));
    }
}
