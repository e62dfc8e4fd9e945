<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\SavedOuting;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use RushHold\Light\SunTimes;

/** Where somebody has been, and how long the day is at a place. */
final class PlaceController extends Controller
{
    /** Places somebody is offered again. */
    private const MOST = 20;

    /** Outings that are looked through for them. */
    private const LOOKED_THROUGH = 200;

    public function index(Request $request): JsonResponse
    {
        $kept = SavedOuting::query();
        $kept->where('user_id', $this->person($request)->id)->orderByDesc('starts_at')->limit(self::LOOKED_THROUGH);
        $places = $kept
            ->get(['id', 'document'])
            ->map(
                static fn (SavedOuting $outing): array => [
                    'name' => '',
                    'zone' => 'UTC',
                    ...(array) ($outing->document['place'] ?? []),
                ],
            )
            ->unique(
                static fn (array $place): string => json_encode(
                    [
                        $place['name'],
                        round((float) ($place['latitude_deg'] ?? 0), 3),
                        round((float) ($place['longitude_deg'] ?? 0), 3),
                    ],
                    JSON_THROW_ON_ERROR,
                ),
            );

        return response()->json($places->take(self::MOST)->values());
    }

    public function daylight(Request $request): JsonResponse
    {
        $asked = $this->asked($request);
        $times = SunTimes::of(
            (float) $asked['latitude_deg'],
            (float) $asked['longitude_deg'],
            new DateTimeImmutable("{$asked['date']} 00:00", new DateTimeZone($asked['zone'])),
        );

        return response()->json([
            'rises' => $times->rises?->format('H:i'),
            'sets' => $times->sets?->format('H:i'),
            'up' => $times->up,
        ]);
    }
}
