<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Documents\Documents;
use App\Kit\Entry;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use OpenApi\Attributes as OA;

/** @property Entry $resource */
#[OA\Schema(schema: 'KitListing', required: ['id', 'type', 'name', 'sample', 'based_on', 'version', 'updated_at', 'outline', 'standing'], properties: [
    new OA\Property(property: 'id', type: 'string'),
    new OA\Property(property: 'type', type: 'string', enum: ['bodies', 'lenses', 'subjects']),
    new OA\Property(property: 'name', type: 'string'),
    new OA\Property(property: 'sample', type: 'boolean', description: 'Everybody has it; changing it makes a copy'),
    new OA\Property(property: 'based_on', type: 'string', nullable: true),
    new OA\Property(property: 'version', type: 'integer'),
    new OA\Property(property: 'updated_at', type: 'string', format: 'date-time', nullable: true),
    new OA\Property(property: 'outline', type: 'object', description: 'The fields of its document that a list shows; of a body also `own_words`, what its camera calls things'),
    new OA\Property(property: 'standing', ref: '#/components/schemas/Hold', nullable: true, description: 'How a body was last left'),
])]
final class KitListingResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $listing = $this->resource;

        return [
            'id' => $listing->id,
            'type' => $listing->type->value,
            'name' => $listing->name,
            'sample' => $listing->sample,
            'based_on' => $listing->basedOn,
            'version' => $listing->version,
            'updated_at' => $listing->updatedAt?->toIso8601ZuluString(),
            'outline' => Documents::withObjects($listing->outline),
            'standing' => $listing->standing === null ? null : Documents::withObjects($listing->standing),
        ];
    }
}
