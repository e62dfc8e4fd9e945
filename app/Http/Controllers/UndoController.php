<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Undo\Step;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;

/** Takes back what was done a moment ago. */
final class UndoController extends Controller
{
    #[OA\Post(path: '/api/undo/{id}', operationId: 'undo', summary: 'Take back a step that an answer gave an `undo` for, within an hour', tags: ['undo'],
        parameters: [new OA\PathParameter(ref: '#/components/parameters/id')],
        responses: [
            new OA\Response(response: 204, description: 'As it was before'),
            new OA\Response(response: 404, ref: '#/components/responses/NotThere'),
            new OA\Response(response: 409, description: 'Something was done to the same things since', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
        ])]
    public function __invoke(Request $request, string $id): Response
    {
        Step::undo($this->person($request), substr($id, 0, 40));

        return response()->noContent();
    }
}
