<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Burst;
use App\Models\SavedOuting;
use App\Review\Log;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** What was logged in the field. */
final class BurstController extends Controller
{
    public function store(Request $request): JsonResponse
    {
        $this->asked($request, ['bursts.*.id' => ['required', 'uuid', 'distinct']]);
        $person = $this->person($request);
        $kept = $refused = [];
        /** @var array<string, mixed> $burst */
        foreach ((array) $request->input('bursts') as $burst) {
            $id = is_string($burst['id']) ? $burst['id'] : '';
            $wrong = Log::keep($person, $id, $burst);
            if ($wrong === null) {
                $kept[] = $id;
            } else {
                $refused[] = ['id' => $id, 'message' => $wrong];
            }
        }

        return response()->json(['kept' => $kept, 'refused' => $refused]);
    }

    public function index(SavedOuting $outing): JsonResponse
    {
        $this->authorize('view', $outing);

        $bursts = Burst::query();
        $bursts
            ->where('user_id', $outing->user_id)
            ->where('outing_id', $outing->id)
            ->orderBy('shot_at')
            ->orderBy('id')
            ->limit(2000);

        return response()->json($bursts->get()->map(Log::toArray(...)));
    }
}
