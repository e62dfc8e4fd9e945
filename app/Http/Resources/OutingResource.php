<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Documents\Documents;
use App\Models\SavedOuting;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/** @property SavedOuting $resource */
final class OutingResource extends JsonResource
{
    /** @param  array<string, mixed>|null  $document  as it is now; null in a list */
    public function __construct(
        SavedOuting $outing,
        private readonly ?array $document = null,
        private readonly int $gone = 0,
    ) {
        parent::__construct($outing);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $about = [
            'id' => $this->resource->id,
            'name' => $this->resource->name,
            'version' => $this->resource->version,
            'updated_at' => $this->resource->updated_at->toIso8601ZuluString(),
        ];

        return $this->document === null
            ? [
                ...$about,
                'place' => $this->resource->place,
                'zone' => data_get($this->resource->document, 'place.zone', 'UTC'),
                'starts_at' => $this->resource->starts_at->toIso8601ZuluString(),
                'ends_at' => $this->resource->ends_at->toIso8601ZuluString(),
                'rushes' => $this->resource->rushes,
            ]
            : [...$about, 'document' => Documents::withObjects($this->document), 'gone' => $this->gone];
    }
}
