<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use RushHold\Drill\AimTest;
use RushHold\Kit\Stopwatch;
use RushHold\Motion\SpeedFinder;
use RushHold\Refused;

/** Small measurements: the speed of a subject, the sweep of a lens, the steadiness of a hand. */
final class MeasureController extends Controller
{
    public function speed(Request $request): JsonResponse
    {
        $by = $this->asked($request)['by'];
        $found =
            $by === 'stopwatch'
                ? SpeedFinder::stopwatch(
                    $request->float('metres'),
                    $request->float('seconds'),
                    $request->float('metres_error'),
                )
                : SpeedFinder::frames(
                    $request->float('lengths'),
                    $request->float('length_m'),
                    $request->integer('frames'),
                    $request->float('frames_per_s'),
                    $request->float('length_error', 0.1),
                );

        return response()->json(['speed_mps' => round($found->speedMps, 3), 'error_mps' => round($found->errorMps, 3)]);
    }

    public function stopwatch(Request $request): JsonResponse
    {
        /** @var non-empty-list<int|float|string> $timings by the rules */
        $timings = $this->asked($request)['timings'];
        $watch = Stopwatch::of(array_map(floatval(...), $timings), $request->integer('sweeps', 1));

        return response()->json(['sweep_s' => round($watch->seconds, 3), 'error_s' => round($watch->errorS, 3)]);
    }

    public function course(Request $request): JsonResponse
    {
        $seed = (int) $this->asked($request)['seed'];

        return response()->json([
            'seconds' => AimTest::SECONDS,
            'ring' => AimTest::RING,
            'course' => array_map(
                static fn (array $p): array => [round($p[0], 4), round($p[1], 5), round($p[2], 5)],
                AimTest::course($seed),
            ),
        ]);
    }

    public function score(Request $request): JsonResponse
    {
        $given = $this->asked($request);
        $trace = [];
        foreach (array_values((array) $given['trace']) as $i => $point) {
            if (
                ! is_array($point) ||
                count($point) !== 3 ||
                array_filter($point, static fn (mixed $v): bool => ! is_int($v) && ! is_float($v)) !== []
            ) {
                throw Refused::because("trace[$i]", 'trace-sample');
            }
            [$t, $x, $y] = array_values($point);
            $trace[] = [(float) $t, (float) $x, (float) $y];
        }
        $score = AimTest::score((int) $given['seed'], $trace);

        return response()->json([
            'aim' => $score->aim,
            'panning' => $score->panning,
            'lag_s' => $score->lagS,
            'stages' => $score->stages,
        ]);
    }
}
