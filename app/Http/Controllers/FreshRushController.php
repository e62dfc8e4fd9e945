<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\Documents;
use App\Kit\FreshRush;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;
use RushHold\Reading\LineReader;
use RushHold\Reading\ReadingDocument;
use RushHold\Units;

/** The rush that a new one starts from: habits and kit, a subject, or a line in the person's own words. */
final class FreshRushController extends Controller
{
    #[OA\Get(path: '/api/rushes/fresh', operationId: 'freshRush', summary: 'What a new rush starts from: the person\'s habits and kit, and a line that says what is expected', tags: ['rushes'],
        parameters: [
            new OA\Parameter(name: 'subject', in: 'query', description: 'Id of a subject', schema: new OA\Schema(type: 'string')),
            new OA\Parameter(name: 'line', in: 'query', description: 'What is expected, such as “hare bolting across at 26 m through tall grass, first light”', schema: new OA\Schema(type: 'string', maxLength: LineReader::LONGEST)),
            new OA\Parameter(name: 'without', in: 'query', description: 'Fields not to take from the line, with commas between', schema: new OA\Schema(type: 'string', maxLength: 1000)),
            new OA\Parameter(name: 'units', in: 'query', description: 'For what is said', schema: new OA\Schema(type: 'string', enum: ['metric', 'kmh', 'imperial'])),
        ],
        responses: [
            new OA\Response(response: 200, description: 'A rush that is not kept yet', content: new OA\JsonContent(required: ['document', 'pins', 'says_who', 'likely', 'understood', 'not_understood'], properties: [
                new OA\Property(property: 'says_who', type: 'boolean', description: 'Whether it is said who is coming; where it is not, nobody should be planned for before one is chosen'),
                new OA\Property(property: 'likely', type: 'array', description: 'Who else it may be, the likeliest first', items: new OA\Items(required: ['id', 'name', 'figure'], properties: [
                    new OA\Property(property: 'id', type: 'string', description: 'To be given as `subject`'), new OA\Property(property: 'name', type: 'string'), new OA\Property(property: 'figure', type: 'string'),
                ])),
                new OA\Property(property: 'document', ref: '#/components/schemas/Rush'),
                new OA\Property(property: 'pins', ref: '#/components/schemas/Hold'),
                new OA\Property(property: 'understood', type: 'array', items: new OA\Items(required: ['text', 'at', 'field', 'says'], properties: [
                    new OA\Property(property: 'text', type: 'string'),
                    new OA\Property(property: 'at', type: 'integer', description: 'First character in the line'),
                    new OA\Property(property: 'field', type: 'string'),
                    new OA\Property(property: 'says', type: 'string', description: 'What it was understood to mean'),
                ])),
                new OA\Property(property: 'not_understood', type: 'array', items: new OA\Items(required: ['text', 'at', 'because'], properties: [
                    new OA\Property(property: 'text', type: 'string'),
                    new OA\Property(property: 'at', type: 'integer'),
                    new OA\Property(property: 'because', type: 'string', nullable: true, description: 'Why its value cannot be had, where that is known'),
                ])),
            ])),
            new OA\Response(response: 422, ref: '#/components/responses/Refused'),
        ])]
    public function __invoke(Request $request): JsonResponse
    {
        $request->validate(['subject' => ['string', 'max:60'], 'line' => ['string'], 'without' => ['string', 'max:1000'], 'units' => [Rule::enum(Units::class)]]);
        $fresh = new FreshRush($this->person($request));
        $base = $fresh->document($request->filled('subject') ? $request->string('subject')->value() : null);
        $pins = (object) $fresh->pins($base->rush->kit);
        if (! $request->filled('line')) {
            return response()->json(['document' => Documents::withObjects($base->fields), 'pins' => $pins, 'says_who' => true, 'likely' => [], 'understood' => [], 'not_understood' => []]);
        }
        // Whoever was chosen stands, whatever the line says.
        $chosen = $request->filled('subject');
        $reading = $fresh->reader()->read($request->string('line')->value(), [...explode(',', $request->string('without')->value()), ...($chosen ? ['subject'] : [])]);
        ['rush' => $document, 'says_who' => $saysWho, 'likely' => $likely, 'understood' => $understood, 'not_understood' => $left] = ReadingDocument::write($reading->line, $reading->upon($base->fields), $request->enum('units', Units::class) ?? Units::Metric);

        return response()->json(['document' => Documents::withObjects($document), 'pins' => $pins, 'says_who' => $chosen || $saysWho,
            'likely' => array_map(static fn (array $one): array => [...$one, 'id' => FreshRush::shelved($one['id'])], $likely),
            'understood' => array_map(static fn (array $piece): array => array_diff_key($piece, ['value' => 1]), $understood), 'not_understood' => $left]);
    }
}
