<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\PlanRequest;
use App\Simulation\Window;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Cache;
use OpenApi\Attributes as OA;
use RushHold\Document\HoldDocument;
use RushHold\Document\RankingDocument;
use RushHold\Document\RushDocument;
use RushHold\Focus\Simulator;
use RushHold\Focus\Trace;
use RushHold\Planning\Planner;
use RushHold\Units;

final class RankController extends Controller
{
    private const SEED = 1;

    private const KEPT_S = 3600;

    #[OA\Post(path: '/api/rank', operationId: 'rank', summary: 'Play every set-up for a rush and rank them', tags: ['plan'],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/PlanRequest')),
        responses: [
            new OA\Response(response: 200, description: 'The plan with ranking and one run', content: new OA\JsonContent(ref: '#/components/schemas/Plan')),
            new OA\Response(response: 409, description: 'Overtaken by a newer question', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
            new OA\Response(response: 422, description: 'Refused', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
        ])]
    public function __invoke(PlanRequest $request): JsonResponse
    {
        $read = RushDocument::read($request->input('rush'));
        $given = $request->input('pins') ?? [];
        $pins = HoldDocument::pins($given, $read->rush->kit);
        $units = $request->enum('units', Units::class) ?? Units::Metric;
        $place = $request->integer('run');

        // Names do not matter to the outcome, and the same question has the same answer.
        $fields = [...$read->fields, 'name' => ''];
        $key = 'rank '.hash('sha256', (string) json_encode([$fields, $given, $units, $place, self::SEED, $request->input('standing')]));
        $wanted = $request->window()->asks($request->integer('turn'));
        $standing = $request->standing();
        $json = Cache::remember($key, self::KEPT_S, static function () use ($read, $pins, $units, $place, $wanted, $standing): string {
            $ranking = Planner::standard()->rank($read->rush, $pins, self::SEED, 0, $wanted, $standing);
            $run = $ranking->typicalRun($place);
            $trace = new Trace;
            (new Simulator($ranking->plan->situation))->run($ranking->best->hold, 1, self::SEED, $run, $trace);

            return json_encode([...RankingDocument::write($ranking, $units), 'trace' => RankingDocument::trace($trace, $run)], JSON_THROW_ON_ERROR);
        });

        return JsonResponse::fromJsonString($json);
    }

    #[OA\Get(path: '/api/rank/progress', operationId: 'rankProgress', summary: 'How far the last question of a window has come', tags: ['plan'],
        parameters: [new OA\Parameter(name: 'window', in: 'query', required: true, schema: new OA\Schema(type: 'string', maxLength: 64))],
        responses: [new OA\Response(response: 200, description: 'Share of the work done', content: new OA\JsonContent(required: ['done'], properties: [
            new OA\Property(property: 'done', type: 'number', minimum: 0, maximum: 1),
        ]))])]
    public function progress(Request $request): JsonResponse
    {
        $window = $request->validate(['window' => 'required|string|max:64'])['window'];

        return response()->json(['done' => (new Window($request->user()?->getAuthIdentifier(), $window))->done()]);
    }
}
