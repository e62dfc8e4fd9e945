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
use Illuminate\Validation\ValidationException;
use RushHold\Document\BodyDocument;
use RushHold\Document\DrillDocument;
use RushHold\Document\Drills\Layout;
use RushHold\Document\RushDocument;
use RushHold\Drill\ButtonCourse;
use RushHold\Drill\Exercise;
use RushHold\Drill\Key;
use RushHold\Drill\SeededRandom;
use RushHold\Hold\Setting;
use RushHold\Kit\AreaMove;
use RushHold\Rush\Rush;
use RushHold\Words\Words;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** Turns of drills: what comes, what was done, and what it came to. */
final class DrillController extends Controller
{
    private const MOST_BYTES = 400_000;

    private const LISTED = 400;

    public function __construct(private readonly DocumentGate $gate)
    {
    }

    public function course(Request $request): JsonResponse
    {
        $person = $this->person($request);
        $given = $this->asked($request);
        if (isset($given['document'])) {
            return $this->again((array) $request->json('document'));
        }
        $exercise = Exercise::from($given['drill']);
        $document = [
            'format' => DrillDocument::FORMAT,
            'drill' => $exercise->value,
            'seed' => (int) ($given['seed'] ?? random_int(1, SeededRandom::MOST_SEED)),
        ];
        $isOfRush = $exercise->isRing() || $exercise === Exercise::Moment;
        $rush = $isOfRush ? $this->rush($person, $given['rush'] ?? null) : null;
        $known = [];
        if ($exercise === Exercise::Area) {
            $document['move'] = $given['move'] ?? AreaMove::Stick->value;
        } elseif ($exercise === Exercise::Buttons) {
            $document['layout'] = $given['layout'] ?? Layout::write($this->keys($person, $given['body'] ?? null));
            $turn = DrillDocument::read($document);
            assert($turn->course instanceof ButtonCourse);
            $known = (new Practised($person))->known($turn->course->keys);
        } elseif ($exercise->isRing() && $rush !== null) {
            $document += ['rush' => $rush->fields, 'f_number' => $given['f_number'] ?? null];
        } elseif ($rush !== null) {
            $body = $rush->rush->kit->body;
            $before = Setting::BeforePress->offeredBy($body);
            $document += ['frames_per_s' => $body->framesPerS, 'before_press_s' => $before === [] ? 0.0 : max($before)];
        }
        $turn = DrillDocument::read($document, $known);
        $course = DrillDocument::course($turn);
        if (isset($course['calls'])) {
            // Played again, the same is called whatever is known by then.
            $document['calls'] = $course['calls'];
        }

        return response()->json([
            ...$course,
            'document' => Documents::withObjects($document),
            'about' => self::about($rush?->rush),
        ]);
    }

    public function store(Request $request): JsonResponse
    {
        $person = $this->person($request);
        $given = $this->asked($request, [
            // Today, wherever the person is.
            'day' => ['after:'.now()->subDays(2)->toDateString(), 'before:'.now()->addDays(2)->toDateString()],
        ]);
        $document = (array) $request->json('document');
        if (strlen((string) json_encode($document)) > self::MOST_BYTES) {
            throw ValidationException::withMessages([
                'document' => Words::text('http.drill.a-turn-may-have-kb', ['mostBytes' => self::MOST_BYTES / 1000]),
            ]);
        }
        $turn = $this->gate->drill($document)->played();
        $score = [
            ...DrillDocument::score($turn),
            'aids' => (object) ((array) ($document['aids'] ?? [])),
            ...array_filter(
                [
                    'rush' => data_get($document, 'rush.name'),
                    'f_number' => data_get($document, 'f_number'),
                    'body' => $given['body'] ?? null,
                ],
                static fn (mixed $v): bool => $v !== null,
            ),
        ];
        $kept = $this->keeper($request)->alone(static function () use (
            $person,
            $turn,
            $given,
            $score,
            $document,
        ): KeptDrill {
            if ($person->drills()->count() >= (int) config('limits.drills')) {
                throw ValidationException::withMessages([
                    'document' => Words::text('http.drill.there-is-room-for-turns', [
                        'most' => (int) config('limits.drills'),
                    ]),
                ]);
            }
            $kept = $person->drills()->create([
                'exercise' => $turn->exercise,
                'day' => $given['day'],
                'done_at' => now(),
                'score' => KeptDrill::summary($score),
                'document' => $document,
            ]);
            self::thin($person);

            return $kept;
        });

        return response()->json(self::toArray($kept, $score), 201);
    }

    public function index(Request $request): JsonResponse
    {
        $this->asked($request);
        $mine = KeptDrill::query();
        $mine
            ->where('user_id', $this->person($request)->id)
            ->orderByDesc('done_at')
            ->orderByDesc('id')
            ->limit(self::LISTED);
        $request->has('drill') && $mine->where('exercise', $request->string('drill')->toString());

        return response()->json($mine->get(KeptDrill::LISTED)->map(static fn (KeptDrill $d): array => self::toArray($d)));
    }

    public function show(Request $request, string $id): JsonResponse
    {
        $drill = $this->drill($request, $id);
        $turn = DrillDocument::read($drill->document);

        // Frames and trials come of what was done, as long as that is kept.
        return response()->json(self::toArray($drill, $turn->trace === [] ? [] : DrillDocument::score($turn)));
    }

    public function download(Request $request, string $id): JsonResponse
    {
        $drill = $this->drill($request, $id);

        return response()->json(Documents::withObjects($drill->document), 200, [
            'Content-Disposition' => "attachment; filename=\"{$drill->exercise->value}-$drill->day.drill.json\"",
        ]);
    }

    public function destroy(Request $request, string $id): Response
    {
        $this->drill($request, $id)->delete();

        return response()->noContent();
    }

    public function restore(Request $request, string $id): JsonResponse
    {
        $drill = $this->drill($request, $id, true);
        $drill->restore();

        return response()->json(self::toArray($drill));
    }

    public function file(Request $request): StreamedResponse
    {
        $person = $this->person($request);

        return response()->streamDownload(
            static function () use ($person): void {
                $out = fopen('php://output', 'w');
                assert($out !== false);
                $columns = [
                    'share',
                    'against',
                    'right',
                    'median_s',
                    'first_sharp_s',
                    'lag_s',
                    'scatter',
                    'overshoots',
                    'wrong_way',
                    'reaction_s',
                ];
                fputcsv($out, ['done_at', 'day', 'drill', 'seed', 'rush', ...$columns], escape: '');
                foreach ($person->drills()->orderBy('done_at')->lazy(200) as $drill) {
                    // A table opens it as words, whatever it begins with.
                    $rush = preg_replace('/^[=+\-@\t\r]/', "'$0", (string) ($drill->score['rush'] ?? ''));
                    fputcsv(
                        $out,
                        [
                            $drill->done_at->toIso8601ZuluString(),
                            substr($drill->day, 0, 10),
                            $drill->exercise->value,
                            $drill->score['seed'] ?? '',
                            $rush,
                            ...array_map(
                                static fn (string $c): string => is_numeric($drill->score[$c] ?? null)
                                    ? (string) $drill->score[$c]
                                    : '',
                                $columns,
                            ),
                        ],
                        escape: '',
                    );
                }
            },
            'practice.csv',
            ['Content-Type' => 'text/csv; charset=utf-8'],
        );
    }

    /** @param  array<string, mixed>  $document */
    private function again(array $document): JsonResponse
    {
        $document = [...$document, 'trace' => []];
        $turn = $this->gate->drill($document);
        $rush = isset($document['rush']) ? RushDocument::read($document['rush'])->rush : null;

        return response()->json([
            ...DrillDocument::course($turn),
            'document' => Documents::withObjects($document),
            'about' => self::about($rush),
        ]);
    }

    /**
     * What a hand did takes room: it stays of the latest turns, of others stays what it came to. Buttons and timings
     * are small, and looked at again.
     */
    private static function thin(User $person): void
    {
        $long = static fn () => $person
            ->drills()
            ->whereNotIn('exercise', [
                Exercise::Buttons->value,
                Exercise::Rehearsal->value,
                Exercise::FirstSharp->value,
            ]);
        $last = $long()
            ->orderByDesc('done_at')
            ->skip((int) config('limits.drill_traces'))
            ->first(['id', 'done_at']);
        if ($last !== null) {
            $long()
                ->where('done_at', '<=', $last->done_at)
                ->whereRaw("json_length(document, '$.trace') > 0")
                ->update(['document' => DB::raw("json_set(document, '$.trace', json_array())")]);
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
        $entry =
            $body === null
                ? $shelf->newest() ?? $shelf->find(KitType::SAMPLE.'fast-mirrorless')
                : $shelf->find($body);
        $entry ??= throw ValidationException::withMessages(['body' => Words::text('http.drill.this-body-is-not-in')]);

        return Key::of(BodyDocument::read($entry->document())->body);
    }

    private function rush(User $person, ?string $id): RushDocument
    {
        $mine = SavedRush::query();
        $mine->where('user_id', $person->id)->orderByDesc('updated_at');
        $saved =
            $id === null
                ? $mine->first()
                : $mine->find($id) ??
                    throw ValidationException::withMessages([
                        'rush' => Words::text('http.drill.this-rush-is-not-among'),
                    ]);

        return $saved instanceof SavedRush
            ? RushDocument::read($saved->document)
            : (new FreshRush($person))->document(null);
    }

    /** @return array{figure: string, length_m: float, height_m: float, sensor_mm: float} */
    private static function about(?Rush $rush): array
    {
        return [
            'figure' => $rush->subject->figure->value ?? 'plain',
            'length_m' => $rush->subject->lengthM ?? 1.0,
            'height_m' => $rush->subject->heightM ?? 1.0,
            'sensor_mm' => $rush->kit->body->sensorWidthMm ?? 36.0,
        ];
    }

    /**
     * @param  array<string, mixed>  $whole  its score with all frames and trials, where it is known
     * @return array<string, mixed>
     */
    private static function toArray(KeptDrill $drill, array $whole = []): array
    {
        $score = [...$whole, ...$drill->score];
        foreach ($score['keys'] ?? [] as $i => $key) {
            $score['keys'][$i]['pressed'] = (object) $key['pressed'];
        }

        return [
            'id' => $drill->id,
            'drill' => $drill->exercise->value,
            'day' => substr($drill->day, 0, 10),
            'done_at' => $drill->done_at->toIso8601ZuluString(),
            'score' => [...$score, 'aids' => (object) ($score['aids'] ?? [])],
        ];
    }
}
