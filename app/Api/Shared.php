<?php

declare(strict_types=1);

namespace App\Api;

use OpenApi\Attributes as OA;

/** Parameters and answers that several addresses have in common. */
#[OA\PathParameter(parameter: 'type', name: 'type', required: true, schema: new OA\Schema(type: 'string', enum: ['bodies', 'lenses', 'subjects']))]
#[OA\QueryParameter(parameter: 'units', name: 'units', description: 'For sentences', schema: new OA\Schema(type: 'string', enum: ['metric', 'kmh', 'imperial']))]
#[OA\QueryParameter(parameter: 'from', name: 'from', required: true, description: 'The first moment', schema: new OA\Schema(type: 'string', format: 'date-time'))]
#[OA\QueryParameter(parameter: 'until', name: 'until', required: true, description: 'The moment after the last, at most eight days later', schema: new OA\Schema(type: 'string', format: 'date-time'))]
#[OA\PathParameter(parameter: 'id', name: 'id', required: true, schema: new OA\Schema(type: 'string'))]
#[OA\Response(response: 'KitItem', description: 'The item', content: new OA\JsonContent(ref: '#/components/schemas/KitItem'))]
#[OA\Response(response: 'Refused', description: 'Refused', content: new OA\JsonContent(ref: '#/components/schemas/Problem'))]
#[OA\Response(response: 'NotThere', description: 'Not there', content: new OA\JsonContent(ref: '#/components/schemas/Problem'))]
#[OA\Response(response: 'Overtaken', description: 'A newer question of the same window came in', content: new OA\JsonContent(ref: '#/components/schemas/Problem'))]
#[OA\Response(response: 'TooMany', description: 'Too many at once; ask again after the seconds in Retry-After', content: new OA\JsonContent(ref: '#/components/schemas/Problem'))]
#[OA\Response(response: 'Busy', description: 'Not just now; ask again after the seconds in Retry-After', content: new OA\JsonContent(ref: '#/components/schemas/Problem'))]
final class Shared
{
}
