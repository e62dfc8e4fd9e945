<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Documents\Documents;
use App\Kit\Entry;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use OpenApi\Attributes as OA;

/** @property Entry $resource */
#[OA\Schema(schema: 'KitItem', required: ['id', 'type', 'name', 'sample', 'based_on', 'version', 'updated_at', 'document', 'standing'], properties: [
    new OA\Property(property: 'id', type: 'string'),
    new OA\Property(property: 'type', type: 'string', enum: ['bodies', 'lenses', 'subjects']),
    new OA\Property(property: 'name', type: 'string'),
    new OA\Property(property: 'sample', type: 'boolean', description: 'Everybody has it; changing it makes a copy'),
    new OA\Property(property: 'based_on', type: 'string', nullable: true),
    new OA\Property(property: 'version', type: 'integer'),
    new OA\Property(property: 'updated_at', type: 'string', format: 'date-time', nullable: true),
    new OA\Property(property: 'document', oneOf: [new OA\Schema(ref: '#/components/schemas/Body'), new OA\Schema(ref: '#/components/schemas/Lens'), new OA\Schema(ref: '#/components/schemas/SubjectProfile')]),
    new OA\Property(property: 'standing', ref: '#/components/schemas/Hold', nullable: true, description: 'How a body was last left'),
])]
final class KitResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $entry = $this->resource;

        return [
            'id' => $entry->id,
            'type' => $entry->type->value,
            'name' => $entry->name,
            'sample' => $entry->sample,
            'based_on' => $entry->basedOn,
            'version' => $entry->version,
            'updated_at' => $entry->updatedAt?->toIso8601ZuluString(),
            'document' => Documents::withObjects($entry->document()),
            'standing' => $entry->standing === null ? null : Documents::withObjects($entry->standing),
        ];
    }
}
