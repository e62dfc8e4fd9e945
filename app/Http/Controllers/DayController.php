<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\DocumentGate;
use App\Http\Requests\DayRequest;
use App\Models\User;
use App\Outings\Rushes;
use App\Playing\DayQuestion;
use App\Playing\Questions;
use Illuminate\Http\JsonResponse;
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
        $outing = $this->gate->outing($this->whole($request, $this->person($request)))->outing;

        return $questions->ask($request, new DayQuestion($outing, $request->enum('units', Units::class) ?? Units::Metric));
    }

    #[OA\Post(path: '/api/day/document', operationId: 'outingDocument', summary: 'An outing as one document with its rushes inside', tags: ['plan'],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/DayRequest')),
        responses: [new OA\Response(response: 200, description: 'The document', content: new OA\JsonContent(type: 'object')), new OA\Response(response: 422, ref: '#/components/responses/Refused')])]
    public function document(DayRequest $request): JsonResponse
    {
        $whole = $this->whole($request, $this->person($request));
        $this->gate->outing($whole);

        return response()->json($whole, 200, [], JSON_PRESERVE_ZERO_FRACTION | JSON_UNESCAPED_UNICODE);
    }

    /** @return array<string, mixed> the document with its rushes inside */
    private function whole(DayRequest $request, User $person): array
    {
        /** @var array<string, mixed> $outing */
        $outing = (array) $request->input('outing');

        return (new Rushes($person, $this->gate))->inside($outing);
    }
}
