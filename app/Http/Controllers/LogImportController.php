<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Review\Columns;
use App\Review\Log;
use App\Review\Table;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use RushHold\Words\Words;

/**
 * A log that was kept elsewhere, taken in from a table: looked at first, its columns matched by the person, then kept.
 */
final class LogImportController extends Controller
{
    private const SHOWN = 6;

    private const MOST_PROBLEMS = 100;

    public function __invoke(Request $request): JsonResponse
    {
        $given = $this->asked(
            $request,
            ['file' => ['max:5000'], 'columns' => ['json']],
            ['file.max' => Words::text('http.log-import.the-file-is-larger-than')],
        );
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
            $kept = Log::load(
                $this->person($request),
                array_map(Log::row(...), $read['bursts']),
                [],
                array_combine($mine, $mine),
            );
        }

        return response()->json([
            'head' => $head,
            'rows' => array_slice($rows, 0, self::SHOWN),
            'columns' => (object) $columns,
            'count' => count($rows),
            'good' => count($read['bursts']),
            'problems' => array_slice($read['problems'], 0, self::MOST_PROBLEMS),
            'kept' => $kept,
        ]);
    }
}
