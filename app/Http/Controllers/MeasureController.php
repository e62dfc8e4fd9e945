<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;
use RushHold\Drill\AimTest;
use RushHold\Kit\Stopwatch;
use RushHold\Motion\SpeedFinder;
use RushHold\Refused;

/** Small measurements: the speed of a subject, the sweep of a lens, the steadiness of a hand. */
final class MeasureController extends Controller
{
    #[OA\Post(path: '/api/speed', operationId: 'findSpeed', summary: 'A speed from a stopwatch or from frames', tags: ['measure'],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['by'], properties: [
            new OA\Property(property: 'by', type: 'string', enum: ['stopwatch', 'frames']),
            new OA\Property(property: 'metres', type: 'number'), new OA\Property(property: 'seconds', type: 'number'), new OA\Property(property: 'metres_error', type: 'number'),
            new OA\Property(property: 'lengths', type: 'number'), new OA\Property(property: 'length_m', type: 'number'), new OA\Property(property: 'frames', type: 'integer'),
            new OA\Property(property: 'frames_per_s', type: 'number'), new OA\Property(property: 'length_error', type: 'number'),
        ])),
        responses: [new OA\Response(response: 200, description: 'The speed', content: new OA\JsonContent(required: ['speed_mps', 'error_mps'], properties: [
            new OA\Property(property: 'speed_mps', type: 'number'), new OA\Property(property: 'error_mps', type: 'number', description: 'One standard error'),
        ])), new OA\Response(response: 422, ref: '#/components/responses/Refused')])]
    public function speed(Request $request): JsonResponse
    {
        $by = $request->validate(['by' => ['required', 'in:stopwatch,frames'], 'metres' => ['numeric'], 'seconds' => ['numeric'], 'metres_error' => ['numeric'],
            'lengths' => ['numeric'], 'length_m' => ['numeric'], 'frames' => ['integer'], 'frames_per_s' => ['numeric'], 'length_error' => ['numeric']])['by'];
        $found = $by === 'stopwatch'
            ? SpeedFinder::stopwatch($request->float('metres'), $request->float('seconds'), $request->float('metres_error'))
            : SpeedFinder::frames($request->float('lengths'), $request->float('length_m'), $request->integer('frames'), $request->float('frames_per_s'), $request->float('length_error', 0.1));

        return response()->json(['speed_mps' => round($found->speedMps, 3), 'error_mps' => round($found->errorMps, 3)]);
    }

    #[OA\Post(path: '/api/stopwatch', operationId: 'timeSweep', summary: 'The sweep time of a lens from timings by hand', tags: ['measure'],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['timings'], properties: [
            new OA\Property(property: 'timings', type: 'array', items: new OA\Items(type: 'number'), maxItems: 20, minItems: 1), new OA\Property(property: 'sweeps', type: 'integer', description: 'Sweeps in each timing', maximum: 20, minimum: 1),
        ])),
        responses: [new OA\Response(response: 200, description: 'The sweep time', content: new OA\JsonContent(required: ['sweep_s', 'error_s'], properties: [
            new OA\Property(property: 'sweep_s', type: 'number'), new OA\Property(property: 'error_s', type: 'number'),
        ])), new OA\Response(response: 422, ref: '#/components/responses/Refused')])]
    public function stopwatch(Request $request): JsonResponse
    {
        /** @var non-empty-list<int|float|string> $timings by the rules */
        $timings = $request->validate(['timings' => ['required', 'array', 'list', 'min:1', 'max:20'], 'timings.*' => ['numeric'], 'sweeps' => ['integer']])['timings'];
        $watch = Stopwatch::of(array_map(floatval(...), $timings), $request->integer('sweeps', 1));

        return response()->json(['sweep_s' => round($watch->seconds, 3), 'error_s' => round($watch->errorS, 3)]);
    }

    #[OA\Get(path: '/api/aim-test', operationId: 'aimCourse', summary: 'A course to follow with the pointer', tags: ['measure'],
        parameters: [new OA\Parameter(name: 'seed', in: 'query', required: true, schema: new OA\Schema(type: 'integer', maximum: 1000000, minimum: 0))],
        responses: [new OA\Response(response: 200, description: 'Time in s, x and y in field widths from the middle', content: new OA\JsonContent(required: ['seconds', 'ring', 'course'], properties: [
            new OA\Property(property: 'seconds', type: 'number'), new OA\Property(property: 'ring', type: 'number', description: 'Radius of the ring, field widths'),
            new OA\Property(property: 'course', type: 'array', items: new OA\Items(type: 'array', items: new OA\Items(type: 'number'))),
        ]))])]
    public function course(Request $request): JsonResponse
    {
        $seed = (int) $request->validate(['seed' => ['required', 'integer', 'min:0', 'max:1000000']])['seed'];

        return response()->json(['seconds' => AimTest::SECONDS, 'ring' => AimTest::RING, 'course' => array_map(static fn (array $p): array => [round($p[0], 4), round($p[1], 5), round($p[2], 5)], AimTest::course($seed))]);
    }

    #[OA\Post(path: '/api/aim-test', operationId: 'scoreAim', summary: 'Judge what the pointer did on a course', tags: ['measure'],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['seed', 'trace'], properties: [
            new OA\Property(property: 'seed', type: 'integer'), new OA\Property(property: 'trace', type: 'array', maxItems: 20000, items: new OA\Items(type: 'array', items: new OA\Items(type: 'number'))),
        ])),
        responses: [new OA\Response(response: 200, description: 'Starting values', content: new OA\JsonContent(required: ['aim', 'panning', 'lag_s', 'stages'], properties: [
            new OA\Property(property: 'aim', type: 'number'), new OA\Property(property: 'panning', type: 'number'), new OA\Property(property: 'lag_s', type: 'number'),
            new OA\Property(property: 'stages', type: 'array', items: new OA\Items(required: ['speed', 'on_target', 'scatter'], type: 'object', properties: [
                new OA\Property(property: 'speed', type: 'number'), new OA\Property(property: 'on_target', type: 'number'), new OA\Property(property: 'scatter', type: 'number'),
            ])),
        ])), new OA\Response(response: 422, ref: '#/components/responses/Refused')])]
    public function score(Request $request): JsonResponse
    {
        $given = $request->validate(['seed' => ['required', 'integer', 'min:0', 'max:1000000'], 'trace' => ['required', 'array', 'max:20000']]);
        $trace = [];
        foreach (array_values((array) $given['trace']) as $i => $point) {
            if (! is_array($point) || count($point) !== 3 || array_filter($point, static fn (mixed $v): bool => ! is_int($v) && ! is_float($v)) !== []) {
                throw Refused::because("trace[$i]", 'trace-sample');
            }
            [$t, $x, $y] = array_values($point);
            $trace[] = [(float) $t, (float) $x, (float) $y];
        }
        $score = AimTest::score((int) $given['seed'], $trace);

        return response()->json(['aim' => $score->aim, 'panning' => $score->panning, 'lag_s' => $score->lagS, 'stages' => $score->stages]);
    }
}
