<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\PlanRequest;
use App\Kit\Entry;
use App\Kit\Shelf;
use App\Models\KitType;
use App\Playing\LearnedQuestion;
use App\Playing\LensQuestion;
use App\Playing\Questions;
use OpenApi\Attributes as OA;
use RushHold\Document\LensDocument;
use RushHold\Document\RushDocument;
use RushHold\Units;
use Symfony\Component\HttpFoundation\Response;

final class LensChoiceController extends Controller
{
    private const MOST = 12;

    #[OA\Post(path: '/api/lenses/choose', operationId: 'chooseLens', summary: 'Which of one\'s own lenses suits a rush best; of the samples where one has none', tags: ['plan'],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/PlanRequest')),
        responses: [new OA\Response(response: 200, description: 'Lenses, best first', content: new OA\JsonContent(required: ['own', 'choices'], properties: [
            new OA\Property(property: 'own', type: 'boolean', description: 'Whether these are the person\'s own'),
            new OA\Property(property: 'choices', type: 'array', items: new OA\Items(required: ['id', 'name', 'focal_mm', 'extender', 'widest', 'keeper_rate', 'standard_error', 'fills', 'aim_px', 'iso', 'ev_short', 'sentence'], type: 'object', properties: [
                new OA\Property(property: 'id', type: 'string'), new OA\Property(property: 'name', type: 'string'), new OA\Property(property: 'focal_mm', type: 'number'),
                new OA\Property(property: 'extender', type: 'number'), new OA\Property(property: 'widest', type: 'number'), new OA\Property(property: 'keeper_rate', type: 'number'),
                new OA\Property(property: 'standard_error', type: 'number'), new OA\Property(property: 'fills', type: 'number'), new OA\Property(property: 'aim_px', type: 'number'),
                new OA\Property(property: 'iso', type: 'number'), new OA\Property(property: 'ev_short', type: 'number'), new OA\Property(property: 'sentence', type: 'string'),
            ])),
        ])), new OA\Response(response: 409, ref: '#/components/responses/Overtaken'), new OA\Response(response: 422, ref: '#/components/responses/Refused'),
            new OA\Response(response: 429, ref: '#/components/responses/TooMany'), new OA\Response(response: 503, ref: '#/components/responses/Busy')])]
    public function __invoke(PlanRequest $request, Questions $questions): Response
    {
        $rush = RushDocument::read($request->input('rush'))->rush;
        $entries = (new Shelf($this->person($request), KitType::Lenses))->some(self::MOST);
        $lenses = array_map(static fn (Entry $e): array => ['id' => $e->id, 'name' => $e->name, 'lens' => LensDocument::read($e->document())->lens], $entries);

        $learned = $this->learned($request);

        return $questions->ask($request, LearnedQuestion::of(new LensQuestion($learned?->rush($rush) ?? $rush, $lenses, $entries !== [] && ! $entries[0]->sample, $request->enum('units', Units::class) ?? Units::Metric), $learned));
    }
}
