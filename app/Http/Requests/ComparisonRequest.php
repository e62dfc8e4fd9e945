<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'ComparisonRequest', required: ['rush', 'holds'], properties: [
    new OA\Property(property: 'rush', ref: '#/components/schemas/Rush'),
    new OA\Property(property: 'holds', type: 'array', items: new OA\Items(ref: '#/components/schemas/Hold'), maxItems: 2, minItems: 2),
    new OA\Property(property: 'runs', type: 'array', description: 'How often each is played; as often as in a ranking gives the figures of that ranking', items: new OA\Items(type: 'integer', maximum: 1000, minimum: 2), maxItems: 2, minItems: 2),
    new OA\Property(property: 'window', type: 'string', description: 'Names the asking window, so that its newer questions stop older ones', maxLength: 40),
    new OA\Property(property: 'turn', type: 'integer', description: 'Number of the question in its window'),
    new OA\Property(property: 'run', type: 'integer', description: 'Which run to show of both', maximum: 100000, minimum: 0),
])]
final class ComparisonRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'rush' => ['required', 'array'],
            'holds' => ['required', 'array', 'size:2'],
            'holds.*' => ['array'],
            'runs' => ['array', 'size:2'],
            'runs.*' => ['integer', 'min:2', 'max:1000'],
            'run' => ['integer', 'min:0', 'max:100000'],
            'window' => ['string', 'max:40'],
            'turn' => ['integer', 'min:0'],
        ];
    }
}
