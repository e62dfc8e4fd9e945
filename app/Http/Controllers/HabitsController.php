<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\DocumentGate;
use App\Documents\Documents;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** How a person works. */
final class HabitsController extends Controller
{
    public function __construct(private readonly DocumentGate $gate)
    {
    }

    public function show(Request $request): JsonResponse
    {
        return response()->json(Documents::withObjects($this->person($request)->habits()->fields));
    }

    public function update(Request $request): JsonResponse
    {
        $read = $this->gate->habits($request->json()->all());
        $this->person($request)
            ->fill(['habits' => $read->fields])
            ->save();

        return response()->json(Documents::withObjects($read->fields));
    }
}
