<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Accounts\Letters;
use App\Models\CardLink;
use App\Models\SavedOuting;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\ValidationException;
use RushHold\Words\Words;

/** Addresses under which somebody else sees one card. */
final class CardLinkController extends Controller
{
    /** Addresses of one outing at a time. */
    private const MOST = 10;

    public function index(SavedOuting $outing): JsonResponse
    {
        $this->authorize('view', $outing);

        $links = CardLink::query();
        $links->where('outing_id', $outing->id)->where('expires_at', '>', now())->orderBy('id');

        return response()->json($links->get()->map(self::toArray(...)));
    }

    public function store(Request $request, SavedOuting $outing): JsonResponse
    {
        $this->authorize('update', $outing);
        $days = (int) $this->asked($request)['days'];
        [$link, $secret] = $this->keeper($request)->alone(static function () use ($outing, $days): array {
            if ($outing->links()->where('expires_at', '>', now())->count() >= self::MOST) {
                throw ValidationException::withMessages([
                    'days' => Words::text('http.card-link.there-are-addresses-of-this', ['most' => self::MOST]),
                ]);
            }

            return CardLink::open($outing, $days);
        });

        return response()->json([...self::toArray($link), 'address' => Letters::link("shared/$secret")], 201);
    }

    public function destroy(SavedOuting $outing, int $link): Response
    {
        $this->authorize('update', $outing);
        $outing->links()->findOrFail($link)->delete();

        return response()->noContent();
    }

    /** @return array{id: int, expires_at: string} */
    private static function toArray(CardLink $link): array
    {
        return ['id' => $link->id, 'expires_at' => $link->expires_at->toIso8601ZuluString()];
    }
}
