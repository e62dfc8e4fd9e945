<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\SavedOuting;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;
use RushHold\Light\SunTimes;

/** Where somebody has been, and how long the day is at a place. */
final class PlaceController extends Controller
{
    /** Places somebody is offered again. */
    private const MOST = 20;

    /** Outings that are looked through for them. */
    private const LOOKED_THROUGH = 200;

    #[OA\Get(path: '/api/places', operationId: 'listPlaces', summary: 'The places of one’s own outings, the latest first', tags: ['outings'],
        responses: [
            new OA\Response(response: 200, description: 'Places', content: new OA\JsonContent(type: 'array', items: new OA\Items(required: ['name', 'latitude_deg', 'longitude_deg', 'zone'], properties: [
                new OA\Property(property: 'name', type: 'string'), new OA\Property(property: 'latitude_deg', type: 'number'),
                new OA\Property(property: 'longitude_deg', type: 'number'), new OA\Property(property: 'zone', type: 'string'),
            ]))),
        ])]
    public function index(Request $request): JsonResponse
    {
        $kept = SavedOuting::query();
        $kept->where('user_id', $this->person($request)->id)->orderByDesc('starts_at')->limit(self::LOOKED_THROUGH);
        $places = $kept->get(['id', 'document'])
            ->map(static fn (SavedOuting $outing): array => ['name' => '', 'zone' => 'UTC', ...(array) ($outing->document['place'] ?? [])])
            ->unique(static fn (array $place): string => json_encode([$place['name'], round((float) ($place['latitude_deg'] ?? 0), 3), round((float) ($place['longitude_deg'] ?? 0), 3)], JSON_THROW_ON_ERROR));

        return response()->json($places->take(self::MOST)->values());
    }

    #[OA\Get(path: '/api/places/daylight', operationId: 'readDaylight', summary: 'When the sun rises and sets at a place on a day, by the clock there', tags: ['outings'],
        parameters: [
            new OA\Parameter(name: 'latitude_deg', in: 'query', required: true, schema: new OA\Schema(type: 'number', minimum: -90, maximum: 90)),
            new OA\Parameter(name: 'longitude_deg', in: 'query', required: true, schema: new OA\Schema(type: 'number', minimum: -180, maximum: 180)),
            new OA\Parameter(name: 'date', in: 'query', required: true, schema: new OA\Schema(type: 'string', format: 'date')),
            new OA\Parameter(name: 'zone', in: 'query', required: true, schema: new OA\Schema(type: 'string')),
        ],
        responses: [
            new OA\Response(response: 200, description: 'Hours; null where it does not rise or set on that day', content: new OA\JsonContent(required: ['rises', 'sets', 'up'], properties: [
                new OA\Property(property: 'rises', type: 'string', nullable: true, description: 'HH:MM'), new OA\Property(property: 'sets', type: 'string', nullable: true, description: 'HH:MM'),
                new OA\Property(property: 'up', type: 'boolean', description: 'Whether it is up at noon by the clock'),
            ])),
            new OA\Response(response: 422, ref: '#/components/responses/Refused'),
        ])]
    public function daylight(Request $request): JsonResponse
    {
        $asked = $request->validate(['latitude_deg' => ['required', 'numeric', 'between:-90,90'], 'longitude_deg' => ['required', 'numeric', 'between:-180,180'],
            'date' => ['required', 'date_format:Y-m-d'], 'zone' => ['required', 'timezone:all_with_bc']]);
        $times = SunTimes::of((float) $asked['latitude_deg'], (float) $asked['longitude_deg'], new DateTimeImmutable("{$asked['date']} 00:00", new DateTimeZone($asked['zone'])));

        return response()->json(['rises' => $times->rises?->format('H:i'), 'sets' => $times->sets?->format('H:i'), 'up' => $times->up]);
    }
}
