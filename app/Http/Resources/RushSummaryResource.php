<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\SavedRush;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use OpenApi\Attributes as OA;

/** @property SavedRush $resource */
#[OA\Schema(schema: 'RushSummary', required: ['id', 'name', 'subject', 'kind', 'figure', 'speed_mps', 'start_m', 'focal_mm', 'updated_at'], properties: [
    new OA\Property(property: 'id', type: 'string'),
    new OA\Property(property: 'name', type: 'string'),
    new OA\Property(property: 'subject', type: 'string'),
    new OA\Property(property: 'kind', type: 'string'),
    new OA\Property(property: 'figure', type: 'string'),
    new OA\Property(property: 'speed_mps', type: 'number'),
    new OA\Property(property: 'start_m', type: 'number'),
    new OA\Property(property: 'focal_mm', type: 'number'),
    new OA\Property(property: 'updated_at', type: 'string', format: 'date-time'),
])]
final class RushSummaryResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $document = $this->resource->document;

        return [
            'id' => $this->resource->id,
            'name' => $this->resource->name,
            'subject' => $this->resource->subject,
            'kind' => $this->resource->kind,
            'figure' => data_get($document, 'subject.figure', 'plain'),
            'speed_mps' => (float) data_get($document, 'subject.speed_mps', 0),
            'start_m' => (float) data_get($document, 'path.start_m', 0),
            'focal_mm' => (float) data_get($document, 'kit.lens.focal_mm', 0) * (float) data_get($document, 'kit.extender', 1),
            'updated_at' => $this->resource->updated_at->toIso8601ZuluString(),
        ];
    }
}
