<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Documents\Documents;
use App\Kit\Entry;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/** @property Entry $resource */
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
