<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Documents\Documents;
use App\Kit\Entry;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/** @property Entry $resource */
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
