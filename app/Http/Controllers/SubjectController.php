<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;
use RushHold\Library\LibrarySubject;
use RushHold\Library\Subjects;

final class SubjectController extends Controller
{
    #[OA\Get(path: '/api/subjects', operationId: 'listSubjects', summary: 'Subjects to start from', tags: ['subjects'], responses: [
        new OA\Response(response: 200, description: 'Subjects', content: new OA\JsonContent(type: 'array', items: new OA\Items(
            required: ['id', 'group', 'subject', 'source', 'habit'], type: 'object', properties: [
                new OA\Property(property: 'id', type: 'string'),
                new OA\Property(property: 'group', type: 'string'),
                new OA\Property(property: 'subject', ref: '#/components/schemas/Subject'),
                new OA\Property(property: 'source', type: 'string'),
                new OA\Property(property: 'habit', type: 'string'),
            ]))),
    ])]
    public function __invoke(): JsonResponse
    {
        return response()->json(array_map(static fn (LibrarySubject $s): array => [
            'id' => $s->id, 'group' => $s->group, 'subject' => $s->subject, 'source' => $s->source, 'habit' => $s->habit,
        ], Subjects::all()));
    }
}
