<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\DocumentGate;
use App\Models\CardLink;
use App\Models\SavedOuting;
use App\Outings\CardFile;
use App\Outings\LikelyThere;
use App\Outings\Rushes;
use App\Playing\CardQuestion;
use App\Playing\PocketQuestion;
use App\Playing\Questions;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;
use RushHold\Outing\Outing;
use RushHold\Units;
use Symfony\Component\HttpFoundation\Response;

/** An outing as it is carried. */
final class CardController extends Controller
{
    public function __construct(private readonly DocumentGate $gate, private readonly Questions $questions)
    {
    }

    #[OA\Get(path: '/api/outings/{id}/card', operationId: 'readCard', summary: 'The card of an outing', tags: ['outings'],
        parameters: [new OA\Parameter(name: 'id', in: 'path', required: true, schema: new OA\Schema(type: 'string')), new OA\Parameter(name: 'units', in: 'query', schema: new OA\Schema(type: 'string', enum: ['metric', 'imperial']))],
        responses: [new OA\Response(response: 200, description: 'The card', content: new OA\JsonContent(ref: '#/components/schemas/Card')), new OA\Response(response: 404, ref: '#/components/responses/NotThere'), new OA\Response(response: 429, ref: '#/components/responses/TooMany'), new OA\Response(response: 503, ref: '#/components/responses/Busy')])]
    public function show(Request $request, SavedOuting $outing): Response
    {
        $this->authorize('view', $outing);

        return $this->questions->ask($request, new CardQuestion($this->outing($outing), $this->units($request)));
    }

    #[OA\Get(path: '/api/outings/{id}/files/{file}', operationId: 'writeCard', summary: 'The card on paper, or the outing for a calendar', tags: ['outings'],
        parameters: [new OA\Parameter(name: 'id', in: 'path', required: true, schema: new OA\Schema(type: 'string')), new OA\Parameter(name: 'file', in: 'path', required: true, schema: new OA\Schema(type: 'string', enum: ['a6', 'a4', 'calendar'])), new OA\Parameter(name: 'units', in: 'query', schema: new OA\Schema(type: 'string', enum: ['metric', 'imperial']))],
        responses: [new OA\Response(response: 200, description: 'The file', content: new OA\JsonContent(required: ['name', 'type', 'base64'], properties: [
            new OA\Property(property: 'name', type: 'string'), new OA\Property(property: 'type', type: 'string', description: 'application/pdf or text/calendar'), new OA\Property(property: 'base64', type: 'string', description: 'What is in it'),
        ])), new OA\Response(response: 404, ref: '#/components/responses/NotThere'), new OA\Response(response: 429, ref: '#/components/responses/TooMany'), new OA\Response(response: 503, ref: '#/components/responses/Busy')])]
    public function file(Request $request, SavedOuting $outing, CardFile $file): Response
    {
        $this->authorize('view', $outing);

        return $this->questions->ask($request, new CardQuestion($this->outing($outing), $this->units($request), $file));
    }

    #[OA\Get(path: '/api/outings/{id}/pocket', operationId: 'readPocket', summary: 'Holds for what nobody planned, over a grid, for the kit and the hours of an outing', tags: ['outings'],
        parameters: [new OA\Parameter(name: 'id', in: 'path', required: true, schema: new OA\Schema(type: 'string')), new OA\Parameter(name: 'units', in: 'query', schema: new OA\Schema(type: 'string', enum: ['metric', 'imperial']))],
        responses: [new OA\Response(response: 200, description: 'The table', content: new OA\JsonContent(ref: '#/components/schemas/Pocket')), new OA\Response(response: 404, ref: '#/components/responses/NotThere'), new OA\Response(response: 429, ref: '#/components/responses/TooMany'), new OA\Response(response: 503, ref: '#/components/responses/Busy')])]
    public function pocket(Request $request, SavedOuting $outing): Response
    {
        $this->authorize('view', $outing);
        $read = $this->outing($outing);
        abort_if($read->entries === [], 404, 'There is no rush in this outing to say what is carried.');

        return $this->questions->ask($request, new PocketQuestion($read, LikelyThere::beside($read), $this->units($request)));
    }

    #[OA\Get(path: '/api/shared/{secret}', operationId: 'readSharedCard', summary: 'The one card behind an address that was given away', tags: ['outings'],
        parameters: [new OA\Parameter(name: 'secret', in: 'path', required: true, schema: new OA\Schema(type: 'string')), new OA\Parameter(name: 'units', in: 'query', schema: new OA\Schema(type: 'string', enum: ['metric', 'imperial']))],
        responses: [new OA\Response(response: 200, description: 'The card', content: new OA\JsonContent(ref: '#/components/schemas/Card')), new OA\Response(response: 404, ref: '#/components/responses/NotThere'), new OA\Response(response: 429, ref: '#/components/responses/TooMany'), new OA\Response(response: 503, ref: '#/components/responses/Busy')])]
    public function shared(Request $request, string $secret): Response
    {
        $outing = CardLink::outingBehind($secret);
        abort_if($outing === null, 404, 'This card is not shown any more. Ask whoever sent it for a new address.');

        return $this->questions->ask($request, new CardQuestion($this->outing($outing), $this->units($request)));
    }

    private function outing(SavedOuting $outing): Outing
    {
        $owner = $outing->user;
        assert($owner !== null);
        $rushes = new Rushes($owner, $this->gate);

        return $this->gate->outing($rushes->inside($rushes->present($outing->document)[0]))->outing;
    }

    private function units(Request $request): Units
    {
        return $request->enum('units', Units::class) ?? Units::Metric;
    }
}
