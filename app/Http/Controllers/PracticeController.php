<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Kit\Shelf;
use App\Models\KeptDrill;
use App\Models\KitType;
use App\Models\User;
use App\Practice\PracticeCalendar;
use App\Practice\Practised;
use App\Practice\Settings;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;
use RushHold\Controls\Way;
use RushHold\Document\BodyDocument;
use RushHold\Document\LadderDocument;
use RushHold\Drill\Exercise;
use RushHold\Drill\FirstTimes;
use RushHold\Drill\MixedUp;
use RushHold\Kit\AreaMove;
use RushHold\Kit\Body;
use RushHold\Kit\ControlPlace;

/** Where somebody stands with practice, what is due, and what of it moves their plans. */
#[OA\Schema(schema: 'PracticeSettings', required: ['habit', 'feeds'], properties: [
    new OA\Property(property: 'habit', required: ['weekdays', 'minutes', 'at', 'off'], type: 'object', properties: [
        new OA\Property(property: 'weekdays', type: 'array', description: '1 Monday to 7 Sunday', items: new OA\Items(type: 'integer')), new OA\Property(property: 'minutes', type: 'integer', maximum: 60, minimum: 2), new OA\Property(property: 'at', type: 'string', description: 'As 19:30'),
        new OA\Property(property: 'off', type: 'array', maxItems: 50, items: new OA\Items(required: ['from', 'to'], type: 'object', properties: [new OA\Property(property: 'from', type: 'string', format: 'date'), new OA\Property(property: 'to', type: 'string', format: 'date')])),
    ], additionalProperties: false),
    new OA\Property(property: 'feeds', required: ['controls', 'hand', 'first_sharp'], type: 'object', description: 'What may move plans', properties: [new OA\Property(property: 'controls', type: 'boolean'), new OA\Property(property: 'hand', type: 'boolean'), new OA\Property(property: 'first_sharp', type: 'boolean')], additionalProperties: false),
])]
#[OA\Schema(schema: 'PracticeTurn', required: ['drill', 'turns', 'refresher'], properties: [new OA\Property(property: 'drill', type: 'string'), new OA\Property(property: 'turns', type: 'integer'), new OA\Property(property: 'refresher', type: 'boolean')])]
#[OA\Schema(schema: 'Practice', required: ['settings', 'ladder', 'due', 'done_today', 'drills', 'feeds'], properties: [
    new OA\Property(property: 'settings', ref: '#/components/schemas/PracticeSettings'),
    new OA\Property(property: 'ladder', required: ['rung', 'at_top', 'held_up', 'too_hard', 'rungs', 'calendar'], type: 'object', properties: [
        new OA\Property(property: 'rung', type: 'string'), new OA\Property(property: 'at_top', type: 'boolean'), new OA\Property(property: 'held_up', type: 'boolean'), new OA\Property(property: 'too_hard', type: 'boolean'),
        new OA\Property(property: 'rungs', type: 'array', items: new OA\Items(required: ['rung', 'drill', 'mark', 'within_s', 'open', 'passed_on', 'in_a_row', 'of', 'sessions', 'field'], type: 'object', properties: [
            new OA\Property(property: 'rung', type: 'string'), new OA\Property(property: 'drill', type: 'string'), new OA\Property(property: 'mark', type: 'number'), new OA\Property(property: 'within_s', type: 'number', nullable: true), new OA\Property(property: 'open', type: 'boolean'),
            new OA\Property(property: 'passed_on', type: 'string', format: 'date', nullable: true), new OA\Property(property: 'in_a_row', type: 'integer'), new OA\Property(property: 'of', type: 'integer'),
            new OA\Property(property: 'sessions', type: 'array', items: new OA\Items(required: ['day', 'reached', 'seconds', 'against'], type: 'object', properties: [new OA\Property(property: 'day', type: 'string', format: 'date'), new OA\Property(property: 'reached', type: 'number'), new OA\Property(property: 'seconds', type: 'number', nullable: true), new OA\Property(property: 'against', type: 'number', description: '1 reaches the mark')])),
            new OA\Property(property: 'field', nullable: true, required: ['technique', 'done', 'of'], type: 'object', properties: [new OA\Property(property: 'technique', type: 'string'), new OA\Property(property: 'done', type: 'integer'), new OA\Property(property: 'of', type: 'integer')]),
        ])),
        new OA\Property(property: 'calendar', type: 'array', items: new OA\Items(required: ['day', 'minutes', 'field', 'turns'], type: 'object', properties: [new OA\Property(property: 'day', type: 'string', format: 'date'), new OA\Property(property: 'minutes', type: 'integer'), new OA\Property(property: 'field', type: 'string', nullable: true), new OA\Property(property: 'turns', type: 'array', items: new OA\Items(ref: '#/components/schemas/PracticeTurn'))])),
    ]),
    new OA\Property(property: 'due', type: 'array', description: 'What is left of today', items: new OA\Items(ref: '#/components/schemas/PracticeTurn')), new OA\Property(property: 'done_today', type: 'integer'),
    new OA\Property(property: 'drills', type: 'array', items: new OA\Items(required: ['drill', 'turns', 'last_at'], type: 'object', properties: [new OA\Property(property: 'drill', type: 'string'), new OA\Property(property: 'turns', type: 'integer'), new OA\Property(property: 'last_at', type: 'string', format: 'date-time', nullable: true)])),
    new OA\Property(property: 'feeds', required: ['controls', 'moves', 'mixed', 'hand', 'first_sharp'], type: 'object', properties: [
        new OA\Property(property: 'controls', type: 'array', items: new OA\Items(required: ['place', 'seconds', 'usual_s', 'trials'], type: 'object', properties: [new OA\Property(property: 'place', type: 'string'), new OA\Property(property: 'seconds', type: 'number'), new OA\Property(property: 'usual_s', type: 'number'), new OA\Property(property: 'trials', type: 'integer')])),
        new OA\Property(property: 'mixed', nullable: true, required: ['one', 'other', 'times', 'asked', 'better', 'free'], type: 'object', properties: [new OA\Property(property: 'one', type: 'string'), new OA\Property(property: 'other', type: 'string'), new OA\Property(property: 'times', type: 'integer'), new OA\Property(property: 'asked', type: 'integer'), new OA\Property(property: 'better', type: 'string', nullable: true), new OA\Property(property: 'free', type: 'boolean')]),
        new OA\Property(property: 'hand', required: ['said', 'at', 'days'], type: 'object', properties: [new OA\Property(property: 'said', type: 'number'), new OA\Property(property: 'at', type: 'number', nullable: true), new OA\Property(property: 'days', type: 'array', items: new OA\Items(required: ['day', 'at'], type: 'object', properties: [new OA\Property(property: 'day', type: 'string', format: 'date'), new OA\Property(property: 'at', type: 'number')]))]),
        new OA\Property(property: 'moves', type: 'array', description: 'Times of moving the area', items: new OA\Items(required: ['move', 'seconds', 'usual_s', 'trials'], type: 'object', properties: [new OA\Property(property: 'move', type: 'string'), new OA\Property(property: 'seconds', type: 'number'), new OA\Property(property: 'usual_s', type: 'number'), new OA\Property(property: 'trials', type: 'integer')])),
        new OA\Property(property: 'first_sharp', required: ['auto', 'by_hand', 'fewest'], type: 'object', properties: [new OA\Property(property: 'auto', ref: '#/components/schemas/FirstSharpTimes'), new OA\Property(property: 'by_hand', ref: '#/components/schemas/FirstSharpTimes'), new OA\Property(property: 'fewest', type: 'integer')]),
    ]),
])]
#[OA\Schema(schema: 'FirstSharpTimes', required: ['trials', 'missed', 'median_s', 'mean_s'], properties: [new OA\Property(property: 'trials', type: 'integer'), new OA\Property(property: 'missed', type: 'integer'), new OA\Property(property: 'median_s', type: 'number', nullable: true), new OA\Property(property: 'mean_s', type: 'number', nullable: true)])]
final class PracticeController extends Controller
{
    private const DAYS = 28;

    #[OA\Get(path: '/api/practice', operationId: 'readPractice', summary: 'Where one stands, what is due, and what of it moves plans', tags: ['practice'],
        parameters: [new OA\QueryParameter(name: 'day', description: 'Today, where the person is', schema: new OA\Schema(type: 'string', format: 'date'))],
        responses: [new OA\Response(response: 200, description: 'Practice', content: new OA\JsonContent(ref: '#/components/schemas/Practice')), new OA\Response(response: 422, ref: '#/components/responses/Refused')])]
    public function show(Request $request): JsonResponse
    {
        return response()->json($this->told($this->person($request), $this->day($request)));
    }

    #[OA\Put(path: '/api/practice', operationId: 'savePractice', summary: 'Say when to practise, and what of it may move plans', tags: ['practice'],
        parameters: [new OA\QueryParameter(name: 'day', description: 'Today, where the person is', schema: new OA\Schema(type: 'string', format: 'date'))],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/PracticeSettings')),
        responses: [new OA\Response(response: 200, description: 'Practice', content: new OA\JsonContent(ref: '#/components/schemas/Practice')), new OA\Response(response: 422, ref: '#/components/responses/Refused')])]
    public function update(Request $request): JsonResponse
    {
        $person = $this->person($request);
        $day = $this->day($request);
        $person->forceFill(['practice' => Settings::read($request->json()->all())->written()])->save();

        return response()->json($this->told($person, $day));
    }

    #[OA\Get(path: '/api/practice/calendar', operationId: 'practiceCalendar', summary: 'The coming sessions for a calendar, with reminders', tags: ['practice'],
        parameters: [new OA\QueryParameter(name: 'day', description: 'Today, where the person is', schema: new OA\Schema(type: 'string', format: 'date'))],
        responses: [new OA\Response(response: 200, description: 'iCalendar', content: new OA\MediaType(mediaType: 'text/calendar', schema: new OA\Schema(type: 'string')))])]
    public function calendar(Request $request): Response
    {
        $person = $this->person($request);
        $habit = Settings::of($person)->habit;
        $ladder = LadderDocument::write((new Practised($person))->ladder(), $habit, $this->day($request), self::DAYS);

        return response(PracticeCalendar::of($ladder, $habit->at), 200, ['Content-Type' => 'text/calendar; charset=utf-8', 'Content-Disposition' => 'attachment; filename="practice.ics"']);
    }

    /** @return array<string, mixed> */
    private function told(User $person, string $day): array
    {
        $practised = new Practised($person);
        $settings = Settings::of($person);
        $ladder = LadderDocument::write($practised->ladder(), $settings->habit, $day, self::DAYS);
        $counts = KeptDrill::query();
        $counts->where('user_id', $person->id)->selectRaw('exercise, count(*) as turns, max(done_at) as last_at')->groupBy('exercise');
        $drills = [];
        foreach ($counts->toBase()->get() as $row) {
            $drills[] = ['drill' => (string) $row->exercise, 'turns' => (int) $row->turns, 'last_at' => $row->last_at === null ? null : now()->parse((string) $row->last_at)->toIso8601ZuluString()];
        }
        $today = KeptDrill::query();
        $done = [];
        foreach ($today->where('user_id', $person->id)->where('day', $day)->get(['exercise']) as $drill) {
            $done[$drill->exercise->value] = ($done[$drill->exercise->value] ?? 0) + 1;
        }

        return ['settings' => $settings->written(), 'ladder' => $ladder, 'due' => self::left($ladder, $day, $done), 'done_today' => array_sum($done), 'drills' => $drills, 'feeds' => $this->feeds($person, $practised)];
    }

    /**
     * @param  array<string, mixed>  $ladder
     * @param  array<string, int>  $done  turns of today
     * @return list<array{drill: string, turns: int, refresher: bool}>
     */
    private static function left(array $ladder, string $day, array $done): array
    {
        $left = [];
        foreach ($ladder['calendar'] as $session) {
            foreach ($session['day'] === $day ? $session['turns'] : [] as $turn) {
                $turn['turns'] -= $done[$turn['drill']] ?? 0;
                if ($turn['turns'] > 0) {
                    $left[] = $turn;
                }
            }
        }

        return $left;
    }

    /** @return array<string, mixed> */
    private function feeds(User $person, Practised $practised): array
    {
        $controls = [];
        foreach ($practised->controls()->byPlace as $place => $time) {
            $controls[] = ['place' => $place, 'seconds' => $time['seconds'], 'usual_s' => $place === ControlPlace::HalfPress->value ? 0.0 : Way::Hold->usualS(), 'trials' => $time['trials']];
        }
        $mixed = MixedUp::among($practised->buttons(), $this->body($person));
        $hand = $practised->hand();
        $first = $practised->firstTimes();
        $way = static fn (bool $byHand): array => ['trials' => $first->count($byHand), 'missed' => $first->missed($byHand), 'median_s' => $first->medianS($byHand), 'mean_s' => $first->meanS($byHand)];

        return [
            'controls' => $controls, 'moves' => array_map(static fn (string $move, array $one): array => ['move' => $move, 'seconds' => $one['seconds'], 'usual_s' => AreaMove::from($move)->usualS(), 'trials' => $one['trials']], array_keys($moves = $practised->moves()->byMove), $moves),
            'mixed' => $mixed === null ? null : ['one' => $mixed->one->value, 'other' => $mixed->other->value, 'times' => $mixed->times, 'asked' => $mixed->asked, 'better' => $mixed->better?->value, 'free' => $mixed->free],
            'hand' => ['said' => $person->habits()->photographer->handFocus, 'at' => $hand === [] ? null : end($hand), 'days' => array_map(static fn (string $day, float $at): array => ['day' => $day, 'at' => $at], array_keys($hand), array_values($hand))],
            'first_sharp' => ['auto' => $way(false), 'by_hand' => $way(true), 'fewest' => FirstTimes::FEWEST],
        ];
    }

    /** The body of the latest buttons drill, as far as it is still there. */
    private function body(User $person): Body
    {
        $last = KeptDrill::query();
        $drill = $last->where('user_id', $person->id)->where('exercise', Exercise::Buttons->value)->orderByDesc('done_at')->first(KeptDrill::LISTED);
        $entry = is_string($drill?->score['body'] ?? null) ? (new Shelf($person, KitType::Bodies))->find($drill->score['body']) : null;

        return $entry === null ? new Body : BodyDocument::read($entry->document())->body;
    }

    private function day(Request $request): string
    {
        $request->validate(['day' => ['date_format:Y-m-d']]);

        return $request->string('day')->toString() ?: now()->toDateString();
    }
}
