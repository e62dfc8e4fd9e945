<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;
use RushHold\Document\StandingDocument;
use RushHold\Planning\Standing;
use RushHold\Units;

#[OA\Schema(schema: 'PlanRequest', required: ['rush'], properties: [
    new OA\Property(property: 'rush', ref: '#/components/schemas/Rush'),
    new OA\Property(property: 'pins', ref: '#/components/schemas/Hold', description: 'Settings to keep; the rest is solved around them'),
    new OA\Property(property: 'played', ref: '#/components/schemas/Hold', description: 'What won when the set-ups were last played: its focus settings stay until they are played again; for /api/plan'),
    new OA\Property(property: 'standing', ref: '#/components/schemas/Hold', description: 'How the camera stands now, as far as it is known; may carry manual_switch', nullable: true),
    new OA\Property(property: 'window', type: 'string', description: 'Names the asking window, so that its newer questions stop older ones', maxLength: 40),
    new OA\Property(property: 'turn', type: 'integer', description: 'Number of the question in its window'),
    new OA\Property(property: 'run', type: 'integer', description: 'Which run to show: 0 the most typical, then the next', maximum: 1000, minimum: 0),
    new OA\Property(property: 'units', type: 'string', enum: ['metric', 'kmh', 'imperial'], description: 'For sentences'),
])]
final class PlanRequest extends FormRequest
{
    public function standing(): ?Standing
    {
        $given = $this->input('standing');

        return is_array($given) && $given !== [] ? StandingDocument::read($given) : null;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'rush' => ['required', 'array'],
            'pins' => ['nullable', 'array'],
            'played' => ['nullable', 'array'],
            'standing' => ['nullable', 'array'],
            'units' => [Rule::enum(Units::class)],
            'window' => ['string', 'max:40'],
            'turn' => ['integer', 'min:0'],
            'run' => ['integer', 'min:0', 'max:1000'],
        ];
    }
}
