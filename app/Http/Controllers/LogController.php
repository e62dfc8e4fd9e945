<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Burst;
use App\Review\Figures;
use App\Review\Log;
use App\Undo\Step;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;
use RushHold\Focus\LossCause;
use RushHold\Record\HowMany;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** Everything that was logged, and what it comes to. */
#[OA\Schema(schema: 'LogGroup', required: ['name', 'rush_id', 'bursts', 'share', 'lost'], properties: [
    new OA\Property(property: 'name', type: 'string'), new OA\Property(property: 'rush_id', type: 'string', nullable: true), new OA\Property(property: 'bursts', type: 'integer'),
    new OA\Property(property: 'share', nullable: true, required: ['mean', 'low', 'high'], type: 'object', description: 'Kept, with the interval it lies in nine times in ten', properties: [
        new OA\Property(property: 'mean', type: 'number'), new OA\Property(property: 'low', type: 'number'), new OA\Property(property: 'high', type: 'number'),
    ]),
    new OA\Property(property: 'lost', type: 'array', items: new OA\Items(required: ['cause', 'label', 'bursts'], type: 'object', properties: [
        new OA\Property(property: 'cause', type: 'string'), new OA\Property(property: 'label', type: 'string'), new OA\Property(property: 'bursts', type: 'integer'),
    ])),
])]
final class LogController extends Controller
{
    private const PAGE = 100;

    #[OA\Get(path: '/api/bursts', operationId: 'readLog', summary: 'What was logged, the last first, a page at a time', tags: ['log'],
        parameters: [new OA\Parameter(name: 'before', in: 'query', description: '`next` of the page before', schema: new OA\Schema(type: 'integer')),
            new OA\Parameter(name: 'rush', in: 'query', description: 'Only bursts of the rush called so', schema: new OA\Schema(type: 'string', maxLength: 120))],
        responses: [
            new OA\Response(response: 200, description: 'Bursts', content: new OA\JsonContent(required: ['items', 'next'], properties: [
                new OA\Property(property: 'items', type: 'array', items: new OA\Items(ref: '#/components/schemas/LoggedBurst')),
                new OA\Property(property: 'next', type: 'integer', nullable: true, description: 'Where the next page goes on; null on the last'),
            ])),
            new OA\Response(response: 422, ref: '#/components/responses/Refused'),
        ])]
    public function index(Request $request): JsonResponse
    {
        $given = $request->validate(['before' => ['nullable', 'integer', 'min:0', 'max:1000000'], 'rush' => ['nullable', 'string', 'max:120']]);
        $skip = (int) ($given['before'] ?? 0);
        $bursts = Burst::query();
        isset($given['rush']) && $bursts->where('rush', $given['rush']);
        $bursts->where('user_id', $this->person($request)->id)->orderByDesc('shot_at')->orderByDesc('id')->skip($skip)->limit(self::PAGE + 1);
        $page = $bursts->get();

        return response()->json(['items' => $page->take(self::PAGE)->map(Log::told(...)), 'next' => $page->count() > self::PAGE ? $skip + self::PAGE : null]);
    }

    #[OA\Get(path: '/api/bursts/figures', operationId: 'logFigures', summary: 'What the log comes to: shares kept by rush and month, and what loses the rest', tags: ['log'],
        responses: [new OA\Response(response: 200, description: 'Figures', content: new OA\JsonContent(required: ['bursts', 'all', 'rushes', 'months', 'kits', 'holds'], properties: [
            new OA\Property(property: 'bursts', type: 'integer'), new OA\Property(property: 'all', ref: '#/components/schemas/LogGroup'),
            new OA\Property(property: 'rushes', type: 'array', items: new OA\Items(ref: '#/components/schemas/LogGroup')), new OA\Property(property: 'months', type: 'array', items: new OA\Items(ref: '#/components/schemas/LogGroup')), new OA\Property(property: 'kits', type: 'array', items: new OA\Items(ref: '#/components/schemas/LogGroup')), new OA\Property(property: 'holds', type: 'array', items: new OA\Items(ref: '#/components/schemas/LogGroup')),
        ]))])]
    public function figures(Request $request): JsonResponse
    {
        return response()->json(Figures::of($this->person($request)));
    }

    #[OA\Get(path: '/api/bursts/file', operationId: 'downloadLog', summary: 'The log as CSV', tags: ['log'],
        responses: [new OA\Response(response: 200, description: 'A line for each burst', content: new OA\MediaType(mediaType: 'text/csv', schema: new OA\Schema(type: 'string')))])]
    public function download(Request $request): StreamedResponse
    {
        $bursts = Burst::query();
        $bursts->where('user_id', $this->person($request)->id)->orderBy('shot_at')->orderBy('id');
        // A cell that begins like a formula is none.
        $cell = static fn (string|int|null $value): string|int|null => is_string($value) && preg_match('/^[\s\p{C}]*[=+\-@\t\r]/u', $value) === 1 ? "'$value" : $value;

        return response()->streamDownload(static function () use ($bursts, $cell): void {
            $out = fopen('php://output', 'w');
            assert($out !== false);
            fputcsv($out, ['at', 'rush', 'kept', 'keepers', 'frames', 'lost_to', 'note'], escape: '');
            foreach ($bursts->lazy(500) as $b) {
                fputcsv($out, array_map($cell, [$b->shot_at->toIso8601ZuluString(), $b->rush, $b->kept, $b->keepers, $b->frames, $b->lost_to, $b->note]), escape: '');
            }
            fclose($out);
        }, 'rush-hold-log.csv', ['Content-Type' => 'text/csv; charset=utf-8']);
    }

    #[OA\Patch(path: '/api/bursts/{id}', operationId: 'correctBurst', summary: 'Correct what was logged', tags: ['log'],
        parameters: [new OA\PathParameter(ref: '#/components/parameters/id')],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(properties: [
            new OA\Property(property: 'kept', type: 'string', enum: ['none', 'few', 'half', 'most', 'all'], nullable: true), new OA\Property(property: 'frames', type: 'integer', nullable: true),
            new OA\Property(property: 'keepers', type: 'integer', nullable: true), new OA\Property(property: 'lost_to', type: 'string', nullable: true), new OA\Property(property: 'note', type: 'string', maxLength: 500),
            new OA\Property(property: 'doubted', type: 'boolean', description: 'Logged wrongly: not learned from'),
        ])),
        responses: [
            new OA\Response(response: 200, description: 'Corrected', content: new OA\JsonContent(ref: '#/components/schemas/LoggedBurst')),
            new OA\Response(response: 404, ref: '#/components/responses/NotThere'), new OA\Response(response: 422, ref: '#/components/responses/Refused'),
        ])]
    public function update(Request $request, string $id): JsonResponse
    {
        $burst = $this->burst($request, $id, false);
        $given = $request->validate([
            'kept' => ['sometimes', 'nullable', Rule::enum(HowMany::class)],
            'frames' => ['sometimes', 'nullable', 'integer'],
            'keepers' => ['sometimes', 'nullable', 'integer'],
            'lost_to' => ['sometimes', 'nullable', Rule::enum(LossCause::class)],
            'note' => ['sometimes', 'string', 'max:500'],
            'doubted' => ['sometimes', 'boolean'],
        ]);
        $burst->fill($given)->save();

        return response()->json(Log::told($burst));
    }

    #[OA\Delete(path: '/api/bursts/{id}', operationId: 'deleteBurst', summary: 'Delete a burst; it can be restored', tags: ['log'],
        parameters: [new OA\PathParameter(ref: '#/components/parameters/id')],
        responses: [new OA\Response(response: 204, description: 'Deleted'), new OA\Response(response: 404, ref: '#/components/responses/NotThere')])]
    public function destroy(Request $request, string $id): Response
    {
        $this->burst($request, $id, false)->delete();

        return response()->noContent();
    }

    #[OA\Post(path: '/api/bursts/delete', operationId: 'deleteBursts', summary: 'Delete several bursts; it can be undone for an hour', tags: ['log'],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['bursts'], properties: [new OA\Property(property: 'bursts', type: 'array', items: new OA\Items(type: 'string'), minItems: 1, maxItems: 500)])),
        responses: [new OA\Response(response: 200, description: 'Deleted', content: new OA\JsonContent(ref: '#/components/schemas/Undoable')), new OA\Response(response: 404, ref: '#/components/responses/NotThere'), new OA\Response(response: 422, ref: '#/components/responses/Refused')])]
    public function destroyMany(Request $request): JsonResponse
    {
        $ids = array_unique($request->validate(['bursts' => ['required', 'array', 'list', 'min:1', 'max:500'], 'bursts.*' => ['required', 'string', 'max:40']])['bursts']);
        $person = $this->person($request);
        $undo = $this->keeper($request)->alone(static function () use ($person, $ids): string {
            $among = Burst::query();
            $among->where('user_id', $person->id)->whereIn('uuid', $ids);
            $bursts = $among->get();
            abort_if($bursts->count() !== count($ids), 404, 'One of these bursts is not there any more. Load the list again.');
            $step = Step::of($person);
            foreach ($bursts as $burst) {
                $step->before($burst, 'deleted_at');
                $burst->delete();
            }

            return $step->kept();
        });

        return response()->json(['undo' => $undo]);
    }

    #[OA\Post(path: '/api/bursts/{id}/restore', operationId: 'restoreBurst', summary: 'Undo a deletion', tags: ['log'],
        parameters: [new OA\PathParameter(ref: '#/components/parameters/id')],
        responses: [
            new OA\Response(response: 200, description: 'Back', content: new OA\JsonContent(ref: '#/components/schemas/LoggedBurst')),
            new OA\Response(response: 404, ref: '#/components/responses/NotThere'),
        ])]
    public function restore(Request $request, string $id): JsonResponse
    {
        $burst = $this->burst($request, $id, true);
        $burst->restore();

        return response()->json(Log::told($burst));
    }

    /** One of the person's own, by the id it was given where it was logged. */
    private function burst(Request $request, string $id, bool $deleted): Burst
    {
        $bursts = $deleted ? Burst::withTrashed() : Burst::query();
        $bursts->where('user_id', $this->person($request)->id)->where('uuid', substr($id, 0, 40));

        return $bursts->firstOrFail();
    }
}
