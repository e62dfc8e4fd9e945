<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Documents\Documents;
use App\Models\SavedRush;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use OpenApi\Attributes as OA;

/** @property SavedRush $resource */
#[OA\Schema(schema: 'SavedRush', required: ['id', 'name', 'version', 'updated_at', 'document', 'pins', 'newer'], properties: [
    new OA\Property(property: 'id', type: 'string'),
    new OA\Property(property: 'name', type: 'string'),
    new OA\Property(property: 'version', type: 'integer', description: 'Give it back when saving'),
    new OA\Property(property: 'updated_at', type: 'string', format: 'date-time'),
    new OA\Property(property: 'document', ref: '#/components/schemas/Rush'),
    new OA\Property(property: 'pins', ref: '#/components/schemas/Hold'),
    new OA\Property(property: 'newer', type: 'array', description: 'Body and lens that their owner describes otherwise now; empty when just saved', items: new OA\Items(required: ['part', 'id', 'name', 'differences'], type: 'object', properties: [
        new OA\Property(property: 'part', type: 'string', enum: ['body', 'lens']), new OA\Property(property: 'id', type: 'string'), new OA\Property(property: 'name', type: 'string'),
        new OA\Property(property: 'differences', type: 'array', items: new OA\Items(required: ['field', 'name', 'from', 'to'], type: 'object', properties: [
            new OA\Property(property: 'field', type: 'string'), new OA\Property(property: 'name', type: 'string'), new OA\Property(property: 'from', type: 'string'), new OA\Property(property: 'to', type: 'string'),
        ])),
    ])),
])]
final class RushResource extends JsonResource
{
    /** @param  list<array{part: string, id: string, name: string, differences: list<array<string, string>>}>  $newer  body and lens that are described otherwise now */
    public function __construct(SavedRush $rush, private readonly array $newer = [])
    {
        parent::__construct($rush);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'id' => $this->resource->id,
            'name' => $this->resource->name,
            'version' => $this->resource->version,
            'updated_at' => $this->resource->updated_at->toIso8601ZuluString(),
            'document' => Documents::withObjects($this->resource->document),
            'pins' => (object) ($this->resource->pins ?? []),
            'newer' => $this->newer,
        ];
    }
}
