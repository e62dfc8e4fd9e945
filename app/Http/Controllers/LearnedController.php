<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\User;
use App\Review\LearnFromLog;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** What the log has taught, whether plans use it, and how right they were. */
final class LearnedController extends Controller
{
    public function show(Request $request): JsonResponse
    {
        return $this->respond($this->person($request));
    }

    public function update(Request $request): JsonResponse
    {
        $given = $this->asked($request);
        $person = $this->person($request);
        if (isset($given['uses'])) {
            $person->forceFill(['uses_learned' => (bool) $given['uses']]);
        }
        if (isset($given['from'])) {
            $person->forceFill([
                'learns_from' => $given['from'] === 'now' ? now() : null,
                ...$given['from'] === 'now' ? ['learned' => null] : [],
            ]);
        }
        $person->save();
        isset($given['from']) && LearnFromLog::soon($person->id);

        return $this->respond($person);
    }

    public function store(Request $request): JsonResponse
    {
        LearnFromLog::soon($this->person($request)->id);

        return $this->respond($this->person($request))->setStatusCode(202);
    }

    private function respond(User $person): JsonResponse
    {
        $learned = $person->learned;
        if ($learned !== null) {
            unset($learned['plans'], $learned['model']);
            $learned['kit'] = (object) ($learned['kit'] ?? []);
        }

        return response()->json([
            'uses' => $person->uses_learned,
            'since' => $person->learns_from?->toIso8601ZuluString(),
            'learned' => $learned,
        ]);
    }
}
