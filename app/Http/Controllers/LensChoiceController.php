<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\KitType;
use App\Http\Requests\PlanRequest;
use App\Kit\Entry;
use App\Kit\Shelf;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Cache;
use OpenApi\Attributes as OA;
use RushHold\Document\LensDocument;
use RushHold\Document\RushDocument;
use RushHold\Planning\LensChoice;
use RushHold\Planning\Planner;
use RushHold\Units;

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
        ])), new OA\Response(response: 409, description: 'Overtaken by a newer question', content: new OA\JsonContent(ref: '#/components/schemas/Problem')), new OA\Response(response: 422, ref: '#/components/responses/Refused')])]
    public function __invoke(PlanRequest $request): JsonResponse
    {
        $read = RushDocument::read($request->input('rush'));
        $units = $request->enum('units', Units::class) ?? Units::Metric;
        $entries = (new Shelf($this->person($request), KitType::Lenses))->entries();
        $own = array_values(array_filter($entries, static fn (Entry $e): bool => ! $e->sample));
        $used = array_slice($own === [] ? $entries : $own, 0, self::MOST);
        $documents = array_map(static fn (Entry $e): array => $e->document, $used);
        $key = 'lenses '.hash('sha256', (string) json_encode([[...$read->fields, 'name' => ''], $documents, $units]));
        $wanted = $request->window()->asks($request->integer('turn'));
        $choices = Cache::remember($key, 3600, static fn (): array => array_map(static fn (LensChoice $c): array => [
            'lens' => $c->lens, 'focal_mm' => round($c->focalMm, 1), 'extender' => $c->extender, 'widest' => round($c->widest, 2),
            'keeper_rate' => round($c->keeperRate, 4), 'standard_error' => round($c->standardError, 4), 'fills' => round($c->fills, 4), 'aim_px' => round($c->aimPixels),
            'iso' => $c->iso, 'ev_short' => round($c->evShort, 2), 'sentence' => $units->say($c->sentence),
        ], LensChoice::among(array_map(static fn (array $d) => LensDocument::read($d)->lens, $documents), $read->rush, Planner::standard(), $wanted)));

        return response()->json(['own' => $own !== [], 'choices' => array_map(static function (array $choice) use ($used): array {
            $entry = $used[$choice['lens']];
            unset($choice['lens']);

            return ['id' => $entry->id, 'name' => $entry->name, ...$choice];
        }, $choices)]);
    }
}
