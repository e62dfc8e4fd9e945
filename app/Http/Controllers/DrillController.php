<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\DocumentGate;
use App\Documents\Documents;
use App\Kit\FreshRush;
use App\Kit\Shelf;
use App\Models\KeptDrill;
use App\Models\KitType;
use App\Models\SavedRush;
use App\Models\User;
use App\Practice\Practised;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use OpenApi\Attributes as OA;
use RushHold\Document\BodyDocument;
use RushHold\Document\DrillDocument;
use RushHold\Document\RushDocument;
use RushHold\Drill\ButtonCourse;
use RushHold\Drill\Draw;
use RushHold\Drill\Exercise;
use RushHold\Drill\Key;
use RushHold\Kit\AreaMove;
use RushHold\Rush\Rush;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** Turns of drills: what comes, what was done, and what it came to. */
#[OA\Schema(schema: 'DrillAsked', required: ['drill'], properties: [
    new OA\Property(property: 'drill', type: 'string', enum: ['buttons', 'still', 'swimmer', 'perch', 'surprise', 'wild', 'moment', 'rehearsal', 'area', 'first-sharp']), new OA\Property(property: 'move', type: 'string', enum: ['stick', 'touch-absolute', 'touch-relative'], description: 'How the area is moved', nullable: true), new OA\Property(property: 'seed', type: 'integer', maximum: 1000000, minimum: 0),
    new OA\Property(property: 'rush', type: 'string', nullable: true, description: 'One of one\'s own'), new OA\Property(property: 'body', type: 'string', nullable: true), new OA\Property(property: 'f_number', type: 'number', nullable: true),
    new OA\Property(property: 'layout', type: 'array', items: new OA\Items(ref: '#/components/schemas/DrillKey')),
    new OA\Property(property: 'document', ref: '#/components/schemas/Drill', description: 'The very same turn as another, in place of the rest'),
])]
#[OA\Schema(schema: 'DrillKey', required: ['place', 'duty', 'mode', 'area', 'detect'], properties: [
    new OA\Property(property: 'place', type: 'string'), new OA\Property(property: 'duty', type: 'string'), new OA\Property(property: 'mode', type: 'string', nullable: true), new OA\Property(property: 'area', type: 'string', nullable: true), new OA\Property(property: 'detect', type: 'string', nullable: true),
])]
#[OA\Schema(schema: 'DrillCourse', required: ['drill', 'seed', 'seconds', 'document', 'about'], properties: [
    new OA\Property(property: 'drill', type: 'string'), new OA\Property(property: 'seed', type: 'integer'), new OA\Property(property: 'seconds', type: 'number'),
    new OA\Property(property: 'layout', type: 'array', items: new OA\Items(ref: '#/components/schemas/DrillKey')),
    new OA\Property(property: 'calls', type: 'array', description: 'Time in s, and the number of the control; null: any', items: new OA\Items(type: 'array', items: new OA\Items(type: 'number', nullable: true))),
    new OA\Property(property: 'asked', type: 'array', items: new OA\Items(required: ['key', 'call'], type: 'object', properties: [new OA\Property(property: 'key', type: 'integer'), new OA\Property(property: 'call', type: 'string')])),
    new OA\Property(property: 'ring', required: ['focal_mm', 'f_number', 'nearest_m', 'coc_um'], type: 'object', properties: [new OA\Property(property: 'focal_mm', type: 'number'), new OA\Property(property: 'f_number', type: 'number'), new OA\Property(property: 'nearest_m', type: 'number'), new OA\Property(property: 'coc_um', type: 'number')]),
    new OA\Property(property: 'start', type: 'number'), new OA\Property(property: 'frames_per_s', type: 'number'),
    new OA\Property(property: 'stretches', type: 'array', items: new OA\Items(required: ['from', 'counts', 'to', 'way', 'mark_m'], type: 'object', properties: [new OA\Property(property: 'from', type: 'number'), new OA\Property(property: 'counts', type: 'number'), new OA\Property(property: 'to', type: 'number'), new OA\Property(property: 'way', type: 'array', items: new OA\Items(type: 'array', items: new OA\Items(type: 'number'))), new OA\Property(property: 'mark_m', type: 'number', nullable: true)])),
    new OA\Property(property: 'trials', type: 'array', items: new OA\Items(required: ['from', 'cue', 'peak', 'to', 'burst_s', 'sudden'], type: 'object', properties: [new OA\Property(property: 'from', type: 'number'), new OA\Property(property: 'cue', type: 'number'), new OA\Property(property: 'peak', type: 'number'), new OA\Property(property: 'to', type: 'number'), new OA\Property(property: 'burst_s', type: 'number'), new OA\Property(property: 'sudden', type: 'boolean')])),
    new OA\Property(property: 'move', type: 'string', enum: ['stick', 'touch-absolute', 'touch-relative']), new OA\Property(property: 'near', type: 'array', description: 'Of moving the area: how near it has to come, frame widths and heights', items: new OA\Items(type: 'number')),
    new OA\Property(property: 'targets', type: 'array', description: 'Of moving the area: when and where, from the middle of the frame', items: new OA\Items(required: ['from', 'to', 'at'], type: 'object', properties: [
        new OA\Property(property: 'from', type: 'number'), new OA\Property(property: 'to', type: 'number'), new OA\Property(property: 'at', type: 'array', items: new OA\Items(type: 'number')),
    ])),
    new OA\Property(property: 'answers', type: 'array', description: 'Of a rehearsal: the number of the control that answers each rush', items: new OA\Items(type: 'integer')),
    new OA\Property(property: 'comings', type: 'array', description: 'Of a rehearsal: which rush comes, when it is seen, its first frame, and when it has gone, s', items: new OA\Items(required: ['entry', 'from', 'due', 'to'], type: 'object', properties: [
        new OA\Property(property: 'entry', type: 'integer'), new OA\Property(property: 'from', type: 'number'), new OA\Property(property: 'due', type: 'number'), new OA\Property(property: 'to', type: 'number'),
    ])),
    new OA\Property(property: 'document', ref: '#/components/schemas/Drill'),
    new OA\Property(property: 'about', required: ['figure', 'length_m', 'height_m', 'sensor_mm'], type: 'object', description: 'What is seen', properties: [new OA\Property(property: 'figure', type: 'string'), new OA\Property(property: 'length_m', type: 'number'), new OA\Property(property: 'height_m', type: 'number'), new OA\Property(property: 'sensor_mm', type: 'number')]),
])]
#[OA\Schema(schema: 'DrillScore', required: ['drill', 'seed'], properties: [
    new OA\Property(property: 'drill', type: 'string'), new OA\Property(property: 'seed', type: 'integer'), new OA\Property(property: 'rush', type: 'string'), new OA\Property(property: 'f_number', type: 'number'), new OA\Property(property: 'aids', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'boolean')),
    new OA\Property(property: 'right', type: 'number'), new OA\Property(property: 'median_s', type: 'number', nullable: true), new OA\Property(property: 'reaction_s', type: 'number', nullable: true),
    new OA\Property(property: 'keys', type: 'array', items: new OA\Items(required: ['key', 'place', 'call', 'asked', 'right', 'missed', 'median_s', 'pressed'], type: 'object', properties: [new OA\Property(property: 'key', type: 'integer'), new OA\Property(property: 'place', type: 'string'), new OA\Property(property: 'call', type: 'string'), new OA\Property(property: 'asked', type: 'integer'), new OA\Property(property: 'right', type: 'integer'), new OA\Property(property: 'missed', type: 'integer'), new OA\Property(property: 'median_s', type: 'number', nullable: true), new OA\Property(property: 'pressed', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'integer'))])),
    new OA\Property(property: 'share', type: 'number'), new OA\Property(property: 'kept', type: 'integer'), new OA\Property(property: 'slots', type: 'integer'), new OA\Property(property: 'taken', type: 'integer'), new OA\Property(property: 'sharp', type: 'integer'), new OA\Property(property: 'par', type: 'number'), new OA\Property(property: 'against', type: 'number'),
    new OA\Property(property: 'first_sharp_s', type: 'number', nullable: true), new OA\Property(property: 'lag_s', type: 'number', nullable: true), new OA\Property(property: 'scatter', type: 'number', nullable: true), new OA\Property(property: 'overshoots', type: 'integer'), new OA\Property(property: 'wrong_way', type: 'integer'), new OA\Property(property: 'starts', type: 'integer'), new OA\Property(property: 'hand', type: 'number', nullable: true),
    new OA\Property(property: 'frames', type: 'array', items: new OA\Items(required: ['t', 'm', 'at_m', 'blur', 'kept'], type: 'object', properties: [new OA\Property(property: 't', type: 'number'), new OA\Property(property: 'm', type: 'number'), new OA\Property(property: 'at_m', type: 'number'), new OA\Property(property: 'blur', type: 'number'), new OA\Property(property: 'kept', type: 'boolean')])),
    new OA\Property(property: 'short', type: 'number'), new OA\Property(property: 'long', type: 'number'), new OA\Property(property: 'foreseen', type: 'number'), new OA\Property(property: 'sudden', type: 'number'),
    new OA\Property(property: 'timing', nullable: true, required: ['mean', 'spread'], type: 'object', properties: [new OA\Property(property: 'mean', type: 'number'), new OA\Property(property: 'spread', type: 'number')]),
    new OA\Property(property: 'worth', type: 'array', items: new OA\Items(required: ['burst_s', 'lead_s', 'chance', 'frames'], type: 'object', properties: [new OA\Property(property: 'burst_s', type: 'number'), new OA\Property(property: 'lead_s', type: 'number'), new OA\Property(property: 'chance', type: 'number'), new OA\Property(property: 'frames', type: 'integer')])),
    new OA\Property(property: 'trials', type: 'array', items: new OA\Items(required: ['press', 'off', 'caught'], type: 'object', properties: [new OA\Property(property: 'press', type: 'number', nullable: true), new OA\Property(property: 'off', type: 'number', nullable: true), new OA\Property(property: 'caught', type: 'boolean')])),
    new OA\Property(property: 'move', type: 'string'), new OA\Property(property: 'usual_s', type: 'number'), new OA\Property(property: 'moves', type: 'array', description: 'Of moving the area: until it had arrived at each place, s; null: not in time', items: new OA\Items(type: 'number', nullable: true)),
    new OA\Property(property: 'in_time', type: 'number', description: 'Share of the comings of a rehearsal for which the camera was ready'),
    new OA\Property(property: 'rushes', type: 'array', description: 'Of a rehearsal', items: new OA\Items(required: ['name', 'by', 'warning_s', 'left_s', 'asked', 'right', 'in_time', 'missed', 'held_s', 'late_s', 'lost', 'mend', 'instead', 'setting'], type: 'object', properties: [
        new OA\Property(property: 'name', type: 'string'), new OA\Property(property: 'by', type: 'string'), new OA\Property(property: 'warning_s', type: 'number'), new OA\Property(property: 'left_s', type: 'number', description: 'What is changed after the press takes so long'),
        new OA\Property(property: 'asked', type: 'integer'), new OA\Property(property: 'right', type: 'integer'), new OA\Property(property: 'in_time', type: 'integer'), new OA\Property(property: 'missed', type: 'integer'),
        new OA\Property(property: 'held_s', type: 'number', nullable: true), new OA\Property(property: 'late_s', type: 'number'), new OA\Property(property: 'lost', type: 'number', description: 'Share of the pass'),
        new OA\Property(property: 'mend', type: 'string'), new OA\Property(property: 'instead', type: 'string', nullable: true), new OA\Property(property: 'setting', type: 'string', nullable: true),
    ])),
    new OA\Property(property: 'auto', ref: '#/components/schemas/FirstSharpTimes'), new OA\Property(property: 'by_hand', ref: '#/components/schemas/FirstSharpTimes'),
])]
#[OA\Schema(schema: 'KeptDrill', required: ['id', 'drill', 'day', 'done_at', 'score'], properties: [
    new OA\Property(property: 'id', type: 'string'), new OA\Property(property: 'drill', type: 'string'), new OA\Property(property: 'day', type: 'string', format: 'date'), new OA\Property(property: 'done_at', type: 'string', format: 'date-time'), new OA\Property(property: 'score', ref: '#/components/schemas/DrillScore'),
])]
final class DrillController extends Controller
{
    private const MOST_BYTES = 400_000;

    private const LISTED = 400;

    public function __construct(private readonly DocumentGate $gate)
    {
    }

    #[OA\Post(path: '/api/drills/course', operationId: 'drillCourse', summary: 'What comes in a turn', tags: ['practice'],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/DrillAsked')),
        responses: [new OA\Response(response: 200, description: 'The course', content: new OA\JsonContent(ref: '#/components/schemas/DrillCourse')), new OA\Response(response: 422, ref: '#/components/responses/Refused')])]
    public function course(Request $request): JsonResponse
    {
        $person = $this->person($request);
        $given = $request->validate(['drill' => ['required', Rule::enum(Exercise::class)], 'seed' => ['nullable', 'integer', 'between:0,'.Draw::MOST_SEED], 'rush' => ['nullable', 'string', 'max:40'], 'body' => ['nullable', 'string', 'max:40'],
            'f_number' => ['nullable', 'numeric', 'between:0.7,64'], 'layout' => ['nullable', 'array', 'max:9'], 'move' => ['nullable', Rule::enum(AreaMove::class)], 'document' => ['nullable', 'array']]);
        if (isset($given['document'])) {
            return $this->again((array) $request->json('document'));
        }
        $exercise = Exercise::from($given['drill']);
        $document = ['format' => DrillDocument::FORMAT, 'drill' => $exercise->value, 'seed' => (int) ($given['seed'] ?? random_int(1, Draw::MOST_SEED))];
        $rush = in_array($exercise, [Exercise::Area, Exercise::Buttons, Exercise::Rehearsal, Exercise::FirstSharp], true) ? null : $this->rush($person, $given['rush'] ?? null);
        $known = [];
        if ($exercise === Exercise::Area) {
            $document['move'] = $given['move'] ?? AreaMove::Stick->value;
        } elseif ($exercise === Exercise::Buttons) {
            $document['layout'] = $given['layout'] ?? DrillDocument::layout($this->keys($person, $given['body'] ?? null));
            $turn = DrillDocument::read($document);
            assert($turn->course instanceof ButtonCourse);
            $known = (new Practised($person))->known($turn->course->keys);
        } elseif ($exercise->isRing() && $rush !== null) {
            $document += ['rush' => $rush->fields, 'f_number' => $given['f_number'] ?? null];
        } elseif ($rush !== null) {
            $document['frames_per_s'] = $rush->rush->kit->body->framesPerS;
        }
        $turn = DrillDocument::read($document, $known);
        $course = DrillDocument::course($turn);
        if (isset($course['calls'])) {
            // Played again, the same is called whatever is known by then.
            $document['calls'] = $course['calls'];
        }

        return response()->json([...$course, 'document' => Documents::withObjects($document), 'about' => self::about($rush?->rush)]);
    }

    #[OA\Post(path: '/api/drills', operationId: 'keepDrill', summary: 'Score and keep a turn that was played', tags: ['practice'],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['document', 'day'], properties: [
            new OA\Property(property: 'document', ref: '#/components/schemas/Drill'), new OA\Property(property: 'day', type: 'string', format: 'date', description: 'Today, where the person is'), new OA\Property(property: 'body', type: 'string', nullable: true, description: 'Whose buttons'),
        ])),
        responses: [new OA\Response(response: 201, description: 'Kept', content: new OA\JsonContent(ref: '#/components/schemas/KeptDrill')), new OA\Response(response: 422, ref: '#/components/responses/Refused')])]
    public function store(Request $request): JsonResponse
    {
        $person = $this->person($request);
        $given = $request->validate(['document' => ['required', 'array'], 'day' => ['required', 'date_format:Y-m-d', 'after:'.now()->subDays(2)->toDateString(), 'before:'.now()->addDays(2)->toDateString()], 'body' => ['nullable', 'string', 'max:40']]);
        $document = (array) $request->json('document');
        if (strlen((string) json_encode($document)) > self::MOST_BYTES) {
            throw ValidationException::withMessages(['document' => 'A turn may have '.(self::MOST_BYTES / 1000).' kB at most.']);
        }
        $turn = $this->gate->drill($document)->played();
        $score = [...DrillDocument::score($turn), 'aids' => (object) ((array) ($document['aids'] ?? [])),
            ...array_filter(['rush' => data_get($document, 'rush.name'), 'f_number' => data_get($document, 'f_number'), 'body' => $given['body'] ?? null], static fn (mixed $v): bool => $v !== null)];
        $kept = $this->keeper($request)->alone(static function () use ($person, $turn, $given, $score, $document): KeptDrill {
            if ($person->drills()->count() >= (int) config('limits.drills')) {
                throw ValidationException::withMessages(['document' => 'There is room for '.config('limits.drills').' turns. Delete some you no longer need.']);
            }
            $kept = $person->drills()->create(['exercise' => $turn->exercise, 'day' => $given['day'], 'done_at' => now(), 'score' => KeptDrill::summary($score), 'document' => $document]);
            self::thin($person);

            return $kept;
        });

        return response()->json(self::told($kept, $score), 201);
    }

    #[OA\Get(path: '/api/drills', operationId: 'listDrills', summary: 'What was practised, the latest first', tags: ['practice'],
        parameters: [new OA\QueryParameter(name: 'drill', schema: new OA\Schema(type: 'string'))],
        responses: [new OA\Response(response: 200, description: 'Turns', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: '#/components/schemas/KeptDrill'))), new OA\Response(response: 422, ref: '#/components/responses/Refused')])]
    public function index(Request $request): JsonResponse
    {
        $request->validate(['drill' => [Rule::enum(Exercise::class)]]);
        $mine = KeptDrill::query();
        $mine->where('user_id', $this->person($request)->id)->orderByDesc('done_at')->orderByDesc('id')->limit(self::LISTED);
        $request->has('drill') && $mine->where('exercise', $request->string('drill')->toString());

        return response()->json($mine->get(KeptDrill::LISTED)->map(static fn (KeptDrill $d): array => self::told($d)));
    }

    #[OA\Get(path: '/api/drills/{id}', operationId: 'readDrill', summary: 'A turn with all its frames', tags: ['practice'], parameters: [new OA\PathParameter(ref: '#/components/parameters/id')],
        responses: [new OA\Response(response: 200, description: 'A turn', content: new OA\JsonContent(ref: '#/components/schemas/KeptDrill')), new OA\Response(response: 404, ref: '#/components/responses/NotThere')])]
    public function show(Request $request, string $id): JsonResponse
    {
        $drill = $this->drill($request, $id);
        $turn = DrillDocument::read($drill->document);

        // Frames and trials come of what was done, as long as that is kept.
        return response()->json(self::told($drill, $turn->trace === [] ? [] : DrillDocument::score($turn)));
    }

    #[OA\Get(path: '/api/drills/{id}/document', operationId: 'downloadDrill', summary: 'A turn as a document, to be scored again', tags: ['practice'], parameters: [new OA\PathParameter(ref: '#/components/parameters/id')],
        responses: [new OA\Response(response: 200, description: 'Document', content: new OA\JsonContent(ref: '#/components/schemas/Drill')), new OA\Response(response: 404, ref: '#/components/responses/NotThere')])]
    public function download(Request $request, string $id): JsonResponse
    {
        $drill = $this->drill($request, $id);

        return response()->json(Documents::withObjects($drill->document), 200, ['Content-Disposition' => "attachment; filename=\"{$drill->exercise->value}-$drill->day.drill.json\""]);
    }

    #[OA\Delete(path: '/api/drills/{id}', operationId: 'deleteDrill', summary: 'Delete a turn; it can be restored', tags: ['practice'], parameters: [new OA\PathParameter(ref: '#/components/parameters/id')],
        responses: [new OA\Response(response: 204, description: 'Deleted'), new OA\Response(response: 404, ref: '#/components/responses/NotThere')])]
    public function destroy(Request $request, string $id): Response
    {
        $this->drill($request, $id)->delete();

        return response()->noContent();
    }

    #[OA\Post(path: '/api/drills/{id}/restore', operationId: 'restoreDrill', summary: 'Undo a deletion', tags: ['practice'], parameters: [new OA\PathParameter(ref: '#/components/parameters/id')],
        responses: [new OA\Response(response: 200, description: 'Back', content: new OA\JsonContent(ref: '#/components/schemas/KeptDrill')), new OA\Response(response: 404, ref: '#/components/responses/NotThere')])]
    public function restore(Request $request, string $id): JsonResponse
    {
        $drill = $this->drill($request, $id, true);
        $drill->restore();

        return response()->json(self::told($drill));
    }

    #[OA\Get(path: '/api/drills/file', operationId: 'downloadDrills', summary: 'All that was practised as a table', tags: ['practice'],
        responses: [new OA\Response(response: 200, description: 'CSV', content: new OA\MediaType(mediaType: 'text/csv', schema: new OA\Schema(type: 'string')))])]
    public function file(Request $request): StreamedResponse
    {
        $person = $this->person($request);

        return response()->streamDownload(static function () use ($person): void {
            $out = fopen('php://output', 'w');
            assert($out !== false);
            $columns = ['share', 'against', 'right', 'median_s', 'first_sharp_s', 'lag_s', 'scatter', 'overshoots', 'wrong_way', 'reaction_s'];
            fputcsv($out, ['done_at', 'day', 'drill', 'seed', 'rush', ...$columns], escape: '');
            foreach ($person->drills()->orderBy('done_at')->lazy(200) as $drill) {
                // A table opens it as words, whatever it begins with.
                $rush = preg_replace('/^[=+\-@\t\r]/', "'$0", (string) ($drill->score['rush'] ?? ''));
                fputcsv($out, [$drill->done_at->toIso8601ZuluString(), substr($drill->day, 0, 10), $drill->exercise->value, $drill->score['seed'] ?? '', $rush, ...array_map(static fn (string $c): string => is_numeric($drill->score[$c] ?? null) ? (string) $drill->score[$c] : '', $columns)], escape: '');
            }
        }, 'practice.csv', ['Content-Type' => 'text/csv; charset=utf-8']);
    }

    /** @param  array<string, mixed>  $document */
    private function again(array $document): JsonResponse
    {
        $document = [...$document, 'trace' => []];
        $turn = $this->gate->drill($document);
        $rush = isset($document['rush']) ? RushDocument::read($document['rush'])->rush : null;

        return response()->json([...DrillDocument::course($turn), 'document' => Documents::withObjects($document), 'about' => self::about($rush)]);
    }

    /** What a hand did takes room: it stays of the latest turns, of others stays what it came to. Buttons and timings are small, and looked at again. */
    private static function thin(User $person): void
    {
        $long = static fn () => $person->drills()->whereNotIn('exercise', [Exercise::Buttons->value, Exercise::Rehearsal->value, Exercise::FirstSharp->value]);
        $last = $long()->orderByDesc('done_at')->skip((int) config('limits.drill_traces'))->first(['id', 'done_at']);
        if ($last !== null) {
            $long()->where('done_at', '<=', $last->done_at)->whereRaw("json_length(document, '$.trace') > 0")->update(['document' => DB::raw("json_set(document, '$.trace', json_array())")]);
        }
    }

    private function drill(Request $request, string $id, bool $deleted = false): KeptDrill
    {
        $mine = $deleted ? KeptDrill::withTrashed() : KeptDrill::query();

        return $mine->where('user_id', $this->person($request)->id)->findOrFail($id);
    }

    /** @return list<Key> */
    private function keys(User $person, ?string $body): array
    {
        $shelf = new Shelf($person, KitType::Bodies);
        $entry = $body === null ? $shelf->newest() ?? $shelf->find(KitType::SAMPLE.'fast-mirrorless') : $shelf->find($body);
        $entry ??= throw ValidationException::withMessages(['body' => 'This body is not in your kit any more.']);

        return Key::of(BodyDocument::read($entry->document())->body);
    }

    private function rush(User $person, ?string $id): RushDocument
    {
        $mine = SavedRush::query();
        $mine->where('user_id', $person->id)->orderByDesc('updated_at');
        $saved = $id === null ? $mine->first() : $mine->find($id) ?? throw ValidationException::withMessages(['rush' => 'This rush is not among yours any more.']);

        return $saved instanceof SavedRush ? RushDocument::read($saved->document) : (new FreshRush($person))->document(null);
    }

    /** @return array{figure: string, length_m: float, height_m: float, sensor_mm: float} */
    private static function about(?Rush $rush): array
    {
        return ['figure' => $rush->subject->figure->value ?? 'plain', 'length_m' => $rush->subject->lengthM ?? 1.0, 'height_m' => $rush->subject->heightM ?? 1.0, 'sensor_mm' => $rush->kit->body->sensorWidthMm ?? 36.0];
    }

    /**
     * @param  array<string, mixed>  $whole  its score with all frames and trials, where it is known
     * @return array<string, mixed>
     */
    private static function told(KeptDrill $drill, array $whole = []): array
    {
        $score = [...$whole, ...$drill->score];
        foreach ($score['keys'] ?? [] as $i => $key) {
            $score['keys'][$i]['pressed'] = (object) $key['pressed'];
        }

        return ['id' => $drill->id, 'drill' => $drill->exercise->value, 'day' => substr($drill->day, 0, 10), 'done_at' => $drill->done_at->toIso8601ZuluString(), 'score' => [...$score, 'aids' => (object) ($score['aids'] ?? [])]];
    }
}
