<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;
use RushHold\Units;

#[OA\Schema(schema: 'DayRequest', required: ['outing'], properties: [
    new OA\Property(property: 'outing', description: 'An outing document, in which a rush may stand as the id of one\'s own', type: 'object'),
    new OA\Property(property: 'units', type: 'string', enum: ['metric', 'kmh', 'imperial'], description: 'For sentences'),
    new OA\Property(property: 'window', type: 'string', description: 'Names the asking window, so that its newer questions stop older ones', maxLength: 40),
    new OA\Property(property: 'turn', type: 'integer', description: 'Number of the question in its window'),
])]
final class DayRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'outing' => ['required', 'array'],
            'outing.rushes' => ['array'],
            'units' => [Rule::enum(Units::class)],
            'window' => ['string', 'max:40'],
            'turn' => ['integer', 'min:0'],
        ];
    }
}
