<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\DocumentGate;
use App\Documents\Documents;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

/** How a person works. */
final class HabitsController extends Controller
{
    public function __construct(private readonly DocumentGate $gate)
    {
    }

    #[OA\Get(path: '/api/habits', operationId: 'readHabits', summary: 'How the person works', tags: ['habits'], responses: [
        new OA\Response(response: 200, description: 'Habits', content: new OA\JsonContent(ref: '#/components/schemas/Habits')),
    ])]
    public function show(Request $request): JsonResponse
    {
        return response()->json(Documents::withObjects($this->person($request)->habits()->fields));
    }

    #[OA\Put(path: '/api/habits', operationId: 'saveHabits', summary: 'Change how the person works', tags: ['habits'],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/Habits')),
        responses: [
            new OA\Response(response: 200, description: 'Habits', content: new OA\JsonContent(ref: '#/components/schemas/Habits')),
            new OA\Response(response: 422, ref: '#/components/responses/Refused'),
        ])]
    public function update(Request $request): JsonResponse
    {
        $read = $this->gate->habits($request->json()->all());
        $this->person($request)->fill(['habits' => $read->fields])->save();

        return response()->json(Documents::withObjects($read->fields));
    }
}
