<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use OpenApi\Attributes as OA;

/** The documents themselves are read by the gate, which knows fields, ranges and units. */
#[OA\Schema(schema: 'SaveRush', required: ['document'], properties: [
    new OA\Property(property: 'document', ref: '#/components/schemas/Rush'),
    new OA\Property(property: 'pins', ref: '#/components/schemas/Hold', description: 'The settings to keep'),
    new OA\Property(property: 'version', type: 'integer', description: 'The version that was changed; needed where there is one already'),
])]
final class SaveRushRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'document' => ['required', 'array'],
            'pins' => ['nullable', 'array'],
            'version' => [$this->isMethod('PUT') ? 'required' : 'sometimes', 'integer', 'min:1'],
        ];
    }
}
