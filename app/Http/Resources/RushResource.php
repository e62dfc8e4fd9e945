<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Documents\Documents;
use App\Models\SavedRush;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/** @property SavedRush $resource */
final class RushResource extends JsonResource
{
    /**
     * @param  list<array{part: string, id: string, name: string, differences: list<array<string, string>>}>  $newer
     *   body and lens that are described otherwise now
     */
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
