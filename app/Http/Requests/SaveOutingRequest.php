<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use OpenApi\Attributes as OA;

/** The document itself is read by the gate, which knows fields, ranges and units. */
#[OA\Schema(schema: 'SaveOuting', required: ['document'], properties: [
    new OA\Property(property: 'document', ref: '#/components/schemas/KeptOuting'),
    new OA\Property(property: 'version', type: 'integer', description: 'The version that was changed; needed where there is one already'),
])]
final class SaveOutingRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['document' => ['required', 'array'], 'document.rushes' => ['array'], 'version' => [$this->isMethod('PUT') ? 'required' : 'sometimes', 'integer', 'min:1']];
    }
}
