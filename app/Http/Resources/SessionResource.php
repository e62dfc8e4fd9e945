<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\User;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use OpenApi\Attributes as OA;

/** @property User|null $resource */
#[OA\Schema(schema: 'Session', required: ['user', 'demo_available'], properties: [
    new OA\Property(property: 'user', nullable: true, required: ['id', 'name', 'email', 'is_demo'], type: 'object', properties: [
        new OA\Property(property: 'name', type: 'string'),
        new OA\Property(property: 'email', type: 'string'),
        new OA\Property(property: 'is_demo', type: 'boolean'),
        new OA\Property(property: 'id', type: 'string', description: 'Tells one person from another on a device that several use'),
    ]),
    new OA\Property(property: 'demo_available', type: 'boolean'),
])]
final class SessionResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'user' => $this->resource === null ? null : [
                'name' => $this->resource->name,
                'email' => $this->resource->email,
                'is_demo' => $this->resource->is_demo,
                'id' => (string) $this->resource->id,
            ],
            'demo_available' => User::demo() !== null,
        ];
    }
}
