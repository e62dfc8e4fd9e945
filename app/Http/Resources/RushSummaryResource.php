<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\SavedRush;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/** @property SavedRush $resource */
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
