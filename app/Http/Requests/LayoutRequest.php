<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;
use RushHold\Controls\ButtonSchool;
use RushHold\Controls\Day;
use RushHold\Controls\Pins;
use RushHold\Document\HoldDocument;
use RushHold\Kit\ControlPlace;
use RushHold\Units;

#[OA\Schema(schema: 'LayoutRequest', required: ['rushes'], properties: [
    new OA\Property(property: 'rushes', type: 'array', description: 'Ids of one\'s own rushes', items: new OA\Items(type: 'string'), maxItems: 20, minItems: 1),
    new OA\Property(property: 'body', type: 'string', description: 'Id of a body of one\'s own or a sample; that of the first rush when left out', nullable: true),
    new OA\Property(property: 'school', type: 'string', enum: ['half-press', 'thumb', 'two-thumbs', 'three', 'free']),
    new OA\Property(property: 'pins', type: 'object', description: 'Sets to keep, by the place of their control; null keeps a control without one', additionalProperties: new OA\AdditionalProperties(oneOf: [new OA\Schema(ref: '#/components/schemas/Hold'), new OA\Schema(type: 'null')])),
    new OA\Property(property: 'units', type: 'string', enum: ['metric', 'kmh', 'imperial'], description: 'For sentences'),
    new OA\Property(property: 'window', type: 'string', description: 'Names the asking window, so that its newer questions stop older ones', maxLength: 40),
    new OA\Property(property: 'turn', type: 'integer', description: 'Number of the question in its window'),
])]
final class LayoutRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'rushes' => ['required', 'array', 'min:1', 'max:'.Day::MOST],
            'rushes.*' => ['string', 'max:40', 'distinct'],
            'body' => ['nullable', 'string', 'max:60'],
            'school' => [Rule::enum(ButtonSchool::class)],
            'pins.*' => ['nullable', 'array'],
            'pins' => ['nullable', 'array:'.implode(',', array_column(ControlPlace::cases(), 'value'))],
            'units' => [Rule::enum(Units::class)],
            'window' => ['string', 'max:40'],
            'turn' => ['integer', 'min:0'],
        ];
    }

    public function pins(): Pins
    {
        $pins = [];
        foreach ((array) $this->input('pins') as $place => $set) {
            $pins[(string) $place] = $set === null || $set === [] ? null : HoldDocument::read($set);
        }

        return new Pins($pins);
    }
}
