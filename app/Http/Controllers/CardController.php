<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\DocumentGate;
use App\Http\Resources\RushResource;
use App\Kit\Pointers;
use App\Models\CardLink;
use App\Models\SavedOuting;
use App\Models\SavedRush;
use App\Outings\CardFile;
use App\Outings\LikelyThere;
use App\Outings\PassedBy;
use App\Outings\Rushes;
use App\Playing\CardQuestion;
use App\Playing\LearnedQuestion;
use App\Playing\PocketQuestion;
use App\Playing\Question;
use App\Playing\Questions;
use App\Practice\Practised;
use App\Review\Learnt;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use OpenApi\Attributes as OA;
use RushHold\Outing\Heading;
use RushHold\Outing\Outing;
use RushHold\Outing\Through;
use RushHold\Units;
use Symfony\Component\HttpFoundation\Response;

/** An outing as it is carried. */
final class CardController extends Controller
{
    public function __construct(private readonly DocumentGate $gate, private readonly Questions $questions)
    {
    }

    #[OA\Get(path: '/api/outings/{id}/card', operationId: 'readCard', summary: 'The card of an outing', tags: ['outings'],
        parameters: [new OA\PathParameter(ref: '#/components/parameters/id'), new OA\QueryParameter(ref: '#/components/parameters/units')],
        responses: [
            new OA\Response(response: 200, description: 'The card', content: new OA\JsonContent(ref: '#/components/schemas/Card')),
            new OA\Response(response: 404, ref: '#/components/responses/NotThere'),
            new OA\Response(response: 429, ref: '#/components/responses/TooMany'),
            new OA\Response(response: 503, ref: '#/components/responses/Busy'),
        ])]
    public function show(Request $request, SavedOuting $outing): Response
    {
        $this->authorize('view', $outing);

        return $this->ask($request, $outing, new CardQuestion($this->outing($outing), $this->units($request)));
    }

    #[OA\Get(path: '/api/outings/{id}/files/{file}', operationId: 'writeCard', summary: 'The card on paper, or the outing for a calendar', tags: ['outings'],
        parameters: [new OA\PathParameter(ref: '#/components/parameters/id'), new OA\Parameter(name: 'file', in: 'path', required: true, schema: new OA\Schema(type: 'string', enum: ['a6', 'a4', 'calendar'])), new OA\QueryParameter(ref: '#/components/parameters/units')],
        responses: [new OA\Response(response: 200, description: 'The file', content: new OA\JsonContent(required: ['name', 'type', 'base64'], properties: [
            new OA\Property(property: 'name', type: 'string'), new OA\Property(property: 'type', type: 'string', description: 'application/pdf or text/calendar'), new OA\Property(property: 'base64', type: 'string', description: 'What is in it'),
        ])), new OA\Response(response: 404, ref: '#/components/responses/NotThere'), new OA\Response(response: 429, ref: '#/components/responses/TooMany'), new OA\Response(response: 503, ref: '#/components/responses/Busy')])]
    public function file(Request $request, SavedOuting $outing, CardFile $file): Response
    {
        $this->authorize('view', $outing);

        return $this->ask($request, $outing, new CardQuestion($this->outing($outing), $this->units($request), $file));
    }

    #[OA\Get(path: '/api/outings/{id}/pocket', operationId: 'readPocket', summary: 'Holds for what nobody planned, over a grid, for the kit and the hours of an outing', tags: ['outings'],
        parameters: [new OA\PathParameter(ref: '#/components/parameters/id'), new OA\QueryParameter(ref: '#/components/parameters/units')],
        responses: [
            new OA\Response(response: 200, description: 'The table', content: new OA\JsonContent(ref: '#/components/schemas/Pocket')),
            new OA\Response(response: 404, ref: '#/components/responses/NotThere'),
            new OA\Response(response: 429, ref: '#/components/responses/TooMany'),
            new OA\Response(response: 503, ref: '#/components/responses/Busy'),
        ])]
    public function pocket(Request $request, SavedOuting $outing): Response
    {
        $this->authorize('view', $outing);
        $read = $this->outing($outing);
        abort_if($read->entries === [], 404, 'There is no rush in this outing to say what is carried.');

        return $this->ask($request, $outing, new PocketQuestion($read, LikelyThere::beside($read), $this->units($request)));
    }

    #[OA\Post(path: '/api/outings/{id}/passed-by', operationId: 'keepPassedBy', summary: 'Keep what came by as a rush; sent twice it is kept once', tags: ['outings'],
        parameters: [new OA\PathParameter(ref: '#/components/parameters/id')],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['id', 'who', 'metres', 'way', 'through', 'ev100'], properties: [
            new OA\Property(property: 'id', type: 'string', description: 'The id the rush is to have: a ULID made where it was seen'), new OA\Property(property: 'who', type: 'string', maxLength: 120, description: 'Name of the subject'),
            new OA\Property(property: 'metres', type: 'number'), new OA\Property(property: 'way', type: 'string', enum: ['towards', 'left', 'right', 'away']), new OA\Property(property: 'through', type: 'string', enum: ['open', 'some', 'thick']), new OA\Property(property: 'ev100', type: 'number'),
        ])),
        responses: [
            new OA\Response(response: 201, description: 'Kept', content: new OA\JsonContent(ref: '#/components/schemas/SavedRush')),
            new OA\Response(response: 404, ref: '#/components/responses/NotThere'),
            new OA\Response(response: 422, ref: '#/components/responses/Refused'),
        ])]
    public function passedBy(Request $request, SavedOuting $outing): JsonResponse
    {
        $this->authorize('view', $outing);
        /** @var array{id: string, who: string, metres: float|int|numeric-string, way: string, through: string, ev100: float|int|numeric-string} $given */
        $given = $request->validate(['id' => ['required', 'ulid'], 'who' => ['required', 'string', 'max:120'], 'metres' => ['required', 'numeric', 'min:0.2', 'max:3000'],
            'way' => ['required', Rule::enum(Heading::class)], 'through' => ['required', Rule::enum(Through::class)], 'ev100' => ['required', 'numeric', 'min:-20', 'max:24']]);
        $person = $this->person($request);
        $rush = $this->keeper($request)->alone(function () use ($given, $outing, $person, $request): SavedRush {
            $there = SavedRush::withTrashed()->find($given['id']);
            if ($there !== null) {
                return $there->user_id === $person->id ? $there : throw ValidationException::withMessages(['id' => 'There is something else of this id.']);
            }
            $whole = (new Rushes($person, $this->gate))->inside((new Rushes($person, $this->gate))->present($outing->document)[0]);
            $document = PassedBy::rush($whole, $given['who'], (float) $given['metres'], Heading::from($given['way']), Through::from($given['through']), (float) $given['ev100']);

            return $this->keeper($request)->keep($person->rushes()->make(['document' => Pointers::found($this->gate->rush($document)->fields, $person)])->forceFill(['id' => strtolower($given['id'])]));
        });

        return (new RushResource($rush))->response()->setStatusCode(201);
    }

    #[OA\Get(path: '/api/shared/{secret}', operationId: 'readSharedCard', summary: 'The one card behind an address that was given away', tags: ['outings'],
        parameters: [new OA\Parameter(name: 'secret', in: 'path', required: true, schema: new OA\Schema(type: 'string')), new OA\QueryParameter(ref: '#/components/parameters/units')],
        responses: [
            new OA\Response(response: 200, description: 'The card', content: new OA\JsonContent(ref: '#/components/schemas/Card')),
            new OA\Response(response: 404, ref: '#/components/responses/NotThere'),
            new OA\Response(response: 429, ref: '#/components/responses/TooMany'),
            new OA\Response(response: 503, ref: '#/components/responses/Busy'),
        ])]
    public function shared(Request $request, string $secret): Response
    {
        $outing = CardLink::outingBehind($secret);
        abort_if($outing === null, 404, 'This card is not shown any more. Ask whoever sent it for a new address.');

        return $this->ask($request, $outing, new CardQuestion($this->outing($outing), $this->units($request)));
    }

    private function outing(SavedOuting $outing): Outing
    {
        $owner = $outing->user;
        assert($owner !== null);
        $rushes = new Rushes($owner, $this->gate);

        $read = $this->gate->outing($rushes->inside($rushes->present($outing->document)[0]))->outing->with(times: Practised::times($owner));

        return Learnt::forPlans($owner)?->outing($read) ?? $read;
    }

    /** Whoever looks at it, what is played is corrected by the log of the one whose outing it is. */
    private function ask(Request $request, SavedOuting $outing, Question $question): Response
    {
        return $this->questions->ask($request, LearnedQuestion::of($question, Learnt::forPlans($outing->user)));
    }

    private function units(Request $request): Units
    {
        return $request->enum('units', Units::class) ?? Units::Metric;
    }
}
