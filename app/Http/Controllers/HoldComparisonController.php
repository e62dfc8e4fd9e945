<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Review\Season;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;
use RushHold\Document\ComparisonDocument;
use RushHold\Record\Comparison;
use RushHold\Record\Contender;
use RushHold\Units;

/** The set-ups of the log against each other. */
#[OA\Schema(schema: 'HoldComparison', required: ['rush_id', 'rushes', 'comparison'], properties: [
    new OA\Property(property: 'rush_id', type: 'string', nullable: true),
    new OA\Property(property: 'rushes', type: 'array', description: 'Rushes of which several set-ups were logged', items: new OA\Items(required: ['id', 'name', 'holds', 'bursts'], type: 'object', properties: [
        new OA\Property(property: 'id', type: 'string'), new OA\Property(property: 'name', type: 'string'), new OA\Property(property: 'holds', type: 'integer'), new OA\Property(property: 'bursts', type: 'integer'),
    ])),
    new OA\Property(property: 'comparison', nullable: true, required: ['holds', 'alike', 'pairs', 'next'], type: 'object', properties: [
        new OA\Property(property: 'holds', type: 'array', items: new OA\Items(required: ['hold', 'bursts', 'frames', 'keepers', 'share', 'best', 'shot', 'first_sharp'], type: 'object', properties: [
            new OA\Property(property: 'hold', ref: '#/components/schemas/Hold'), new OA\Property(property: 'bursts', type: 'integer'), new OA\Property(property: 'frames', type: 'integer'), new OA\Property(property: 'keepers', type: 'integer'),
            new OA\Property(property: 'share', ref: '#/components/schemas/Estimate'), new OA\Property(property: 'best', type: 'number', description: 'Chance to keep most'),
            new OA\Property(property: 'shot', type: 'array', description: 'Its bursts one by one, the latest last', items: new OA\Items(required: ['at', 'frames', 'keepers'], type: 'object', properties: [
                new OA\Property(property: 'at', type: 'string', format: 'date-time', nullable: true), new OA\Property(property: 'frames', type: 'integer'), new OA\Property(property: 'keepers', type: 'integer'),
            ])),
            new OA\Property(property: 'first_sharp', nullable: true, required: ['seconds', 'bursts', 'missed'], type: 'object', properties: [new OA\Property(property: 'seconds', type: 'number'), new OA\Property(property: 'bursts', type: 'integer'), new OA\Property(property: 'missed', type: 'integer')]),
        ])),
        new OA\Property(property: 'alike', type: 'number', description: 'How alike the frames of one burst are, 0 to 1'),
        new OA\Property(property: 'pairs', type: 'array', items: new OA\Items(required: ['a', 'b', 'a_better', 'difference', 'decided', 'even', 'frames_needed', 'frames_to_be_sure', 'unfair', 'first_sharp'], type: 'object', properties: [
            new OA\Property(property: 'a', type: 'integer'), new OA\Property(property: 'b', type: 'integer'), new OA\Property(property: 'a_better', type: 'number'), new OA\Property(property: 'difference', ref: '#/components/schemas/Estimate'),
            new OA\Property(property: 'decided', type: 'boolean'), new OA\Property(property: 'even', type: 'boolean'), new OA\Property(property: 'frames_needed', type: 'integer', nullable: true, description: 'More of each, to tell at even chances; null: more than anybody shoots'), new OA\Property(property: 'frames_to_be_sure', type: 'integer', nullable: true, description: 'The same, to tell nine times in ten'),
            new OA\Property(property: 'unfair', type: 'array', items: new OA\Items(required: ['what', 'text'], type: 'object', properties: [new OA\Property(property: 'what', type: 'string'), new OA\Property(property: 'text', type: 'string')])),
            new OA\Property(property: 'first_sharp', nullable: true, required: ['a_sooner', 'difference_s'], type: 'object', properties: [new OA\Property(property: 'a_sooner', type: 'number'), new OA\Property(property: 'difference_s', ref: '#/components/schemas/Estimate')]),
        ])),
        new OA\Property(property: 'next', type: 'integer', nullable: true, description: 'Which to shoot next; null: it is decided'),
    ]),
])]
final class HoldComparisonController extends Controller
{
    #[OA\Get(path: '/api/bursts/comparison', operationId: 'compareLogged', summary: 'The set-ups a rush was shot with, one against the other, from the log', tags: ['log'],
        parameters: [new OA\QueryParameter(name: 'rush', description: 'Which rush; left out: the one with most to compare', schema: new OA\Schema(type: 'string')), new OA\QueryParameter(ref: '#/components/parameters/units')],
        responses: [new OA\Response(response: 200, description: 'Comparison', content: new OA\JsonContent(ref: '#/components/schemas/HoldComparison')), new OA\Response(response: 422, ref: '#/components/responses/Refused')])]
    public function __invoke(Request $request): JsonResponse
    {
        $wanted = $request->validate(['rush' => ['nullable', 'string', 'ulid'], 'units' => ['nullable', 'in:metric,imperial']])['rush'] ?? null;
        $person = $this->person($request);
        $rushes = $listed = [];
        foreach (Season::of($person) as [$burst, $read]) {
            if ($burst->rush_id !== null && ! $burst->doubted) {
                $rushes[$burst->rush_id]['name'] = $burst->rush;
                $rushes[$burst->rush_id]['bursts'][] = $read;
            }
        }
        foreach ($rushes as $id => ['name' => $name, 'bursts' => $bursts]) {
            $set = Contender::among($bursts);
            count($set) < 2 || $listed[] = ['id' => (string) $id, 'name' => $name, 'holds' => min(Comparison::MOST_HOLDS, count($set)), 'bursts' => (int) array_sum(array_map(static fn (Contender $c): int => count($c->bursts), $set))];
        }
        usort($listed, static fn (array $a, array $b): int => $b['bursts'] <=> $a['bursts']);
        $rush = in_array($wanted, array_column($listed, 'id'), true) ? $wanted : $listed[0]['id'] ?? null;
        // With what was measured in pictures: the time to the first sharp frame comes from there.
        $measured = $rush === null ? [] : array_filter(Season::of($person, $rush, true), static fn (array $one): bool => ! $one[0]->doubted);
        $comparison = Comparison::ofMostShot(array_column(array_values($measured), 1));

        return response()->json(['rush_id' => $rush, 'rushes' => $listed, 'comparison' => $comparison === null ? null : ComparisonDocument::write($comparison, $request->enum('units', Units::class) ?? Units::Metric)]);
    }
}
