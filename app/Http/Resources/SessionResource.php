<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\User;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/** @property User|null $resource */
final class SessionResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'user' => $this->resource === null
                    ? null
                    : [
                        'name' => $this->resource->name,
                        'email' => $this->resource->email,
                        'is_demo' => $this->resource->is_demo,
                        'id' => (string) $this->resource->id,
                    ],
            'demo_available' => User::demo() !== null,
        ];
    }
}
