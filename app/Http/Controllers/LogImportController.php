<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Review\Columns;
use App\Review\Log;
use App\Review\Table;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use OpenApi\Attributes as OA;

/** A log that was kept elsewhere, taken in from a table: looked at first, its columns matched by the person, then kept. */
final class LogImportController extends Controller
{
    private const SHOWN = 6;

    private const MOST_PROBLEMS = 100;

    #[OA\Post(path: '/api/bursts/table', operationId: 'importLog', summary: 'Look at a table of bursts (CSV or XLSX), or take it in', tags: ['log'],
        requestBody: new OA\RequestBody(required: true, content: new OA\MediaType(mediaType: 'multipart/form-data', schema: new OA\Schema(required: ['file'], properties: [
            new OA\Property(property: 'file', type: 'string', format: 'binary'), new OA\Property(property: 'columns', type: 'string', description: 'JSON: the number of the column for each of at, rush, frames, keepers, kept, lost_to, note; guessed unless given'), new OA\Property(property: 'keep', type: 'string', enum: ['0', '1'], description: '1 takes it in'),
        ]))),
        responses: [new OA\Response(response: 200, description: 'What is in it', content: new OA\JsonContent(required: ['head', 'rows', 'columns', 'count', 'good', 'problems', 'kept'], properties: [
            new OA\Property(property: 'head', type: 'array', items: new OA\Items(type: 'string')), new OA\Property(property: 'rows', type: 'array', description: 'The first few', items: new OA\Items(type: 'array', items: new OA\Items(type: 'string'))),
            new OA\Property(property: 'columns', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'integer', nullable: true)),
            new OA\Property(property: 'count', type: 'integer'), new OA\Property(property: 'good', type: 'integer'),
            new OA\Property(property: 'problems', type: 'array', items: new OA\Items(required: ['row', 'message'], type: 'object', properties: [new OA\Property(property: 'row', type: 'integer'), new OA\Property(property: 'message', type: 'string')])),
            new OA\Property(property: 'kept', type: 'integer', nullable: true, description: 'How many were not there yet; null when it was only looked at'),
        ])), new OA\Response(response: 422, ref: '#/components/responses/Refused')])]
    public function __invoke(Request $request): JsonResponse
    {
        $given = $request->validate(['file' => ['required', 'file', 'max:5000'], 'columns' => ['sometimes', 'json'], 'keep' => ['sometimes', 'boolean']], ['file.max' => 'The file is larger than 5 MB.']);
        $file = $given['file'];
        assert($file instanceof UploadedFile);
        $rows = Table::read($file->getPathname());
        $head = array_shift($rows);
        $columns = Columns::guess($head);
        foreach ((array) json_decode((string) ($given['columns'] ?? '{}'), true) as $field => $column) {
            if (array_key_exists($field, $columns)) {
                $columns[$field] = is_int($column) && $column >= 0 && $column < count($head) ? $column : null;
            }
        }
        $read = Columns::bursts($this->person($request), $rows, $columns);
        $kept = null;
        if ($request->boolean('keep')) {
            $mine = array_filter(array_column($read['bursts'], 'rush_id'), is_string(...));
            $kept = Log::load($this->person($request), array_map(Log::row(...), $read['bursts']), [], array_combine($mine, $mine));
        }

        return response()->json(['head' => $head, 'rows' => array_slice($rows, 0, self::SHOWN), 'columns' => (object) $columns, 'count' => count($rows), 'good' => count($read['bursts']), 'problems' => array_slice($read['problems'], 0, self::MOST_PROBLEMS), 'kept' => $kept]);
    }
}
