<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;
use RushHold\Words\Words;

final class WordsController extends Controller
{
    #[OA\Get(path: '/api/words', operationId: 'readWords', summary: 'What people read for the words that documents and answers use', tags: ['words'],
        responses: [new OA\Response(response: 200, description: 'Labels by set and word', content: new OA\JsonContent(type: 'object',
            additionalProperties: new OA\AdditionalProperties(type: 'object')))])]
    public function __invoke(): JsonResponse
    {
        return response()->json(Words::labels())->setEtag(md5((string) json_encode(Words::labels())))->setPublic();
    }
}
