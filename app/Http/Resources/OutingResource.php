<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Documents\Documents;
use App\Models\SavedOuting;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use OpenApi\Attributes as OA;

/** @property SavedOuting $resource */
#[OA\Schema(schema: 'OutingSummary', required: ['id', 'name', 'place', 'zone', 'starts_at', 'ends_at', 'rushes', 'version', 'updated_at'], properties: [
    new OA\Property(property: 'id', type: 'string'), new OA\Property(property: 'name', type: 'string'), new OA\Property(property: 'place', type: 'string'), new OA\Property(property: 'zone', type: 'string', description: 'Time zone of the place'),
    new OA\Property(property: 'starts_at', type: 'string', format: 'date-time'), new OA\Property(property: 'ends_at', type: 'string', format: 'date-time'),
    new OA\Property(property: 'rushes', type: 'integer', description: 'How many'), new OA\Property(property: 'version', type: 'integer'), new OA\Property(property: 'updated_at', type: 'string', format: 'date-time'),
])]
#[OA\Schema(schema: 'KeptOuting', description: 'An outing document (formats/outing.schema.json) in which a rush may stand as the id of one\'s own', type: 'object')]
#[OA\Schema(schema: 'SavedOuting', required: ['id', 'name', 'version', 'updated_at', 'document', 'gone'], properties: [
    new OA\Property(property: 'id', type: 'string'), new OA\Property(property: 'name', type: 'string'), new OA\Property(property: 'version', type: 'integer', description: 'Give it back when saving'),
    new OA\Property(property: 'updated_at', type: 'string', format: 'date-time'), new OA\Property(property: 'document', ref: '#/components/schemas/KeptOuting'),
    new OA\Property(property: 'gone', type: 'integer', description: 'Rushes of it that were deleted'),
])]
final class OutingResource extends JsonResource
{
    /** @param  array<string, mixed>|null  $document  as it is now; null in a list */
    public function __construct(SavedOuting $outing, private readonly ?array $document = null, private readonly int $gone = 0)
    {
        parent::__construct($outing);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $about = ['id' => $this->resource->id, 'name' => $this->resource->name, 'version' => $this->resource->version, 'updated_at' => $this->resource->updated_at->toIso8601ZuluString()];

        return $this->document === null
            ? [...$about, 'place' => $this->resource->place, 'zone' => data_get($this->resource->document, 'place.zone', 'UTC'), 'starts_at' => $this->resource->starts_at->toIso8601ZuluString(), 'ends_at' => $this->resource->ends_at->toIso8601ZuluString(), 'rushes' => $this->resource->rushes]
            : [...$about, 'document' => Documents::withObjects($this->document), 'gone' => $this->gone];
    }
}
