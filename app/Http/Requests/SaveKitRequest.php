<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use OpenApi\Attributes as OA;

/** The document itself is read by the gate, which knows fields, ranges and units. */
#[OA\Schema(schema: 'SaveKit', required: ['document'], properties: [
    new OA\Property(property: 'document', oneOf: [new OA\Schema(ref: '#/components/schemas/Body'), new OA\Schema(ref: '#/components/schemas/Lens'), new OA\Schema(ref: '#/components/schemas/SubjectProfile')]),
    new OA\Property(property: 'based_on', type: 'string', description: 'Id of the sample it was made from', nullable: true),
    new OA\Property(property: 'version', type: 'integer', description: 'The version that was changed; needed where there is one already'),
])]
final class SaveKitRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['document' => ['required', 'array'], 'based_on' => ['nullable', 'string', 'max:60'], 'version' => [$this->isMethod('PUT') ? 'required' : 'sometimes', 'integer', 'min:1']];
    }
}
