<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\SavedRush;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use OpenApi\Attributes as OA;

/** @property SavedRush $resource */
#[OA\Schema(schema: 'RushSummary', required: ['id', 'name', 'subject', 'kind', 'figure', 'speed_mps', 'start_m', 'focal_mm', 'tags', 'updated_at'], properties: [
    new OA\Property(property: 'id', type: 'string'),
    new OA\Property(property: 'name', type: 'string'),
    new OA\Property(property: 'subject', type: 'string'),
    new OA\Property(property: 'kind', type: 'string'),
    new OA\Property(property: 'figure', type: 'string'),
    new OA\Property(property: 'speed_mps', type: 'number'),
    new OA\Property(property: 'start_m', type: 'number'),
    new OA\Property(property: 'focal_mm', type: 'number'),
    new OA\Property(property: 'tags', type: 'array', items: new OA\Items(type: 'string')),
    new OA\Property(property: 'updated_at', type: 'string', format: 'date-time'),
])]
final class RushSummaryResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'id' => $this->resource->id,
            'name' => $this->resource->name,
            'subject' => $this->resource->subject,
            'kind' => $this->resource->kind,
            'figure' => $this->resource->figure,
            'speed_mps' => $this->resource->speed_mps,
            'start_m' => $this->resource->start_m,
            'focal_mm' => $this->resource->focal_mm,
            'tags' => $this->resource->tags ?? [],
            'updated_at' => $this->resource->updated_at->toIso8601ZuluString(),
        ];
    }
}
