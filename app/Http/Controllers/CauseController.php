<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\DocumentGate;
use App\Http\Resources\OutingResource;
use App\Models\Burst;
use App\Models\SavedOuting;
use App\Models\SavedRush;
use App\Models\User;
use App\Outings\Rushes;
use App\Pictures\Told;
use App\Playing\CauseQuestion;
use App\Playing\Questions;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;
use RushHold\Causes\Question;
use RushHold\Document\BurstDocument;
use RushHold\Document\HoldDocument;
use RushHold\Record\LoggedBurst;
use RushHold\Refused;
use RushHold\Units;
use Symfony\Component\HttpFoundation\Response;

/** What went wrong in a burst, or in pictures nothing was logged of; and the test that confirms it. */
#[OA\Schema(schema: 'Causes', required: ['causes', 'leads', 'tells', 'answers', 'given', 'known', 'next', 'advice', 'fix', 'worth', 'confirm'], properties: [
    new OA\Property(property: 'causes', type: 'array', description: 'The likeliest first', items: new OA\Items(required: ['cause', 'label', 'probability', 'because'], type: 'object', properties: [
        new OA\Property(property: 'cause', type: 'string'), new OA\Property(property: 'label', type: 'string'), new OA\Property(property: 'probability', type: 'number'), new OA\Property(property: 'because', type: 'array', items: new OA\Items(type: 'string')),
    ])),
    new OA\Property(property: 'leads', type: 'boolean', description: 'One cause leads clearly'), new OA\Property(property: 'tells', type: 'boolean', description: 'Anything can be told at all'),
    new OA\Property(property: 'answers', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string'), description: 'By question; several with a bar between them where frames leave it open'),
    new OA\Property(property: 'known', type: 'array', description: 'What was measured or read from what was logged, so that it need not be asked', items: new OA\Items(required: ['question', 'answer'], type: 'object', properties: [new OA\Property(property: 'question', type: 'string'), new OA\Property(property: 'answer', type: 'string')])),
    new OA\Property(property: 'given', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string'), description: 'Those that a person gave'),
    new OA\Property(property: 'next', nullable: true, required: ['question', 'text', 'hint', 'choices'], type: 'object', properties: [
        new OA\Property(property: 'question', type: 'string'), new OA\Property(property: 'text', type: 'string'), new OA\Property(property: 'hint', type: 'string'),
        new OA\Property(property: 'choices', type: 'array', items: new OA\Items(required: ['answer', 'text'], type: 'object', properties: [new OA\Property(property: 'answer', type: 'string'), new OA\Property(property: 'text', type: 'string')])),
    ]),
    new OA\Property(property: 'advice', type: 'string'), new OA\Property(property: 'fix', ref: '#/components/schemas/Hold', nullable: true),
    new OA\Property(property: 'worth', nullable: true, required: ['keeper_rate', 'with_fix', 'frames_of_a_pass', 'keepers_more'], type: 'object', properties: [
        new OA\Property(property: 'keeper_rate', type: 'number'), new OA\Property(property: 'with_fix', type: 'number'), new OA\Property(property: 'frames_of_a_pass', type: 'integer'), new OA\Property(property: 'keepers_more', type: 'number'),
    ]),
    new OA\Property(property: 'confirm', required: ['text', 'frames_of_each', 'bursts_of_each', 'holds'], type: 'object', properties: [
        new OA\Property(property: 'text', type: 'string'), new OA\Property(property: 'frames_of_each', type: 'integer', nullable: true), new OA\Property(property: 'bursts_of_each', type: 'integer', nullable: true),
        new OA\Property(property: 'holds', nullable: true, required: ['as_it_was', 'with_fix'], type: 'object', properties: [new OA\Property(property: 'as_it_was', ref: '#/components/schemas/Hold'), new OA\Property(property: 'with_fix', ref: '#/components/schemas/Hold')]),
    ]),
])]
#[OA\Schema(schema: 'CauseRequest', properties: [
    new OA\Property(property: 'burst', type: 'string', format: 'uuid', nullable: true, description: 'One of the log; its answers are kept with it'),
    new OA\Property(property: 'rush_id', type: 'string', nullable: true, description: 'Without a burst: the rush it was, where that is known'),
    new OA\Property(property: 'answers', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string')),
    new OA\Property(property: 'units', type: 'string', enum: ['metric', 'kmh', 'imperial']),
])]
final class CauseController extends Controller
{
    /** A test is an hour of a morning. */
    private const TEST_MINUTES = 30;

    public function __construct(private readonly DocumentGate $gate)
    {
    }

    #[OA\Post(path: '/api/cause', operationId: 'findCause', summary: 'Find what lost the frames: causes, the next question, the fix', tags: ['log'],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/CauseRequest')),
        responses: [
            new OA\Response(response: 200, description: 'Causes', content: new OA\JsonContent(ref: '#/components/schemas/Causes')), new OA\Response(response: 404, ref: '#/components/responses/NotThere'),
            new OA\Response(response: 409, ref: '#/components/responses/Overtaken'), new OA\Response(response: 422, ref: '#/components/responses/Refused'),
            new OA\Response(response: 429, ref: '#/components/responses/TooMany'), new OA\Response(response: 503, ref: '#/components/responses/Busy'),
        ])]
    public function find(Request $request, Questions $questions): Response
    {
        $given = $request->validate(['burst' => ['nullable', 'uuid'], 'rush_id' => ['nullable', 'string', 'ulid'], 'answers' => ['nullable', 'array', 'max:20'], 'answers.*' => ['string', 'max:60'], 'units' => ['nullable', 'in:metric,imperial']]);
        $person = $this->person($request);
        /** @var array<string, string> $answers */
        $answers = array_intersect_key((array) ($given['answers'] ?? []), array_flip(array_map(static fn (Question $q): string => $q->value, Question::cases())));
        if (isset($given['burst'])) {
            $burst = $this->burst($person, $given['burst']);
            // What was answered before stays unless it is answered anew; no answers at all begin again.
            $burst->fill(['answers' => $request->exists('answers') ? $answers : $burst->answers])->save();
            $read = $this->read($burst);
        } else {
            $read = new LoggedBurst(1, 0, rush: isset($given['rush_id']) ? $this->gate->rush($this->rush($person, $given['rush_id'])->document)->rush : null, answers: $answers);
        }

        return $questions->ask($request, new CauseQuestion($read, $request->enum('units', Units::class) ?? Units::Metric));
    }

    #[OA\Post(path: '/api/cause/test', operationId: 'planTest', summary: 'Keep a small outing that confirms a fix: the rush as it was and with the fix, by turns', tags: ['log'],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['rush_id', 'as_it_was', 'with_fix', 'bursts'], properties: [
            new OA\Property(property: 'rush_id', type: 'string'), new OA\Property(property: 'as_it_was', ref: '#/components/schemas/Hold'), new OA\Property(property: 'with_fix', ref: '#/components/schemas/Hold'),
            new OA\Property(property: 'bursts', type: 'integer', minimum: 1, maximum: 200, description: 'Of each'),
        ])),
        responses: [
            new OA\Response(response: 201, description: 'Kept', content: new OA\JsonContent(ref: '#/components/schemas/SavedOuting')),
            new OA\Response(response: 404, ref: '#/components/responses/NotThere'), new OA\Response(response: 422, ref: '#/components/responses/Refused'),
        ])]
    public function test(Request $request): JsonResponse
    {
        $given = $request->validate(['rush_id' => ['required', 'string', 'ulid'], 'as_it_was' => ['present', 'array'], 'with_fix' => ['required', 'array'], 'bursts' => ['required', 'integer', 'between:1,200']]);
        $person = $this->person($request);
        $rush = $this->rush($person, $given['rush_id']);
        $kit = $this->gate->rush($rush->document)->rush->kit;
        $entries = [];
        foreach (['as it was' => $given['as_it_was'], 'with the fix' => $given['with_fix']] as $how => $hold) {
            $pins = ['format' => HoldDocument::FORMAT, ...HoldDocument::settings($this->gate->pins($hold, $kit))];
            $entries[] = ['rush' => [...$rush->document, 'name' => mb_substr($rush->name, 0, 105).", $how"], 'pins' => $pins, 'times' => (int) $given['bursts'], 'minutes' => self::TEST_MINUTES];
        }
        // Where it was last gone out to, on the next morning.
        $last = SavedOuting::query();
        $last->where('user_id', $person->id)->orderByDesc('starts_at');
        $place = $last->first()->document['place'] ?? ['name' => '', 'latitude_deg' => 51.5, 'longitude_deg' => 0.0, 'zone' => 'UTC'];
        $outing = ['format' => 'rush-hold/outing@1', 'name' => mb_substr("Test: {$rush->name}", 0, 120), 'date' => now()->addDay()->toDateString(), 'place' => $place, 'from' => '07:00', 'to' => '10:00', 'rushes' => $entries];
        $rushes = new Rushes($person, $this->gate);
        $this->gate->outing($rushes->inside($outing));
        $kept = $this->keeper($request)->keep($person->outings()->make(['document' => $rushes->gathered($outing)]));

        return (new OutingResource($kept, $rushes->present($kept->document)[0], 0))->response()->setStatusCode(201);
    }

    /** @throws Refused if its settings cannot be meant */
    private function read(Burst $burst): LoggedBurst
    {
        $answers = $burst->answers ?? [];
        try {
            $document = Told::document($burst);
        } catch (Refused) {
            // Nobody said how many were kept: that does not matter here.
            $rush = $burst->rush_id === null ? null : SavedRush::query()->where('user_id', $burst->user_id)->find($burst->rush_id);
            $document = ['frames' => 1, 'keepers' => 0, ...($rush === null ? [] : ['rush' => $rush->document]), ...($burst->hold === null || $burst->hold === [] ? [] : ['hold' => ['format' => HoldDocument::FORMAT, ...$burst->hold]])];
        }
        /** @var array<string, mixed> $document */
        $document = json_decode(json_encode([...$document, 'answers' => (object) $answers], JSON_THROW_ON_ERROR), true);
        // What lost most of it, as it was said on the card, stands for the frames that were lost.
        if ($burst->lost_to !== null && ($document['losses'] ?? []) === []) {
            $lost = max(0, (int) $document['frames'] - (int) $document['keepers']);
            $document['losses'] = $lost > 0 ? [$burst->lost_to => $lost] : [];
        }

        return BurstDocument::read($document);
    }

    private function burst(User $person, string $id): Burst
    {
        $mine = Burst::query();

        return $mine->where('user_id', $person->id)->where('uuid', $id)->firstOrFail();
    }

    private function rush(User $person, string $id): SavedRush
    {
        $mine = SavedRush::query();

        return $mine->where('user_id', $person->id)->where('id', $id)->firstOrFail();
    }
}
