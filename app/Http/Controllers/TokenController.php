<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Carbon;
use Laravel\Sanctum\PersonalAccessToken;
use RushHold\Words\Words;

/** Tokens with which a person's scripts use the API. */
final class TokenController extends Controller
{
    private const USUAL_DAYS = 90;

    private const MOST = 50;

    public function index(Request $request): JsonResponse
    {
        $shown = [];
        $tokens = PersonalAccessToken::query();
        $tokens->whereMorphedTo('tokenable', $this->person($request))->orderByDesc('id');
        foreach ($tokens->get() as $token) {
            $shown[] = self::shown($token);
        }

        return response()->json($shown);
    }

    public function store(Request $request): JsonResponse
    {
        $person = $this->personal($request);
        $given = $this->asked($request);
        abort_if(
            $person->tokens()->count() >= self::MOST,
            422,
            Words::text('http.token.you-have-tokens-already-withdraw', ['most' => self::MOST]),
        );
        $made = $person->createToken(
            (string) $given['name'],
            ['*'],
            now()->addDays((int) ($given['days'] ?? self::USUAL_DAYS)),
        );

        return response()->json([...self::shown($made->accessToken), 'token' => $made->plainTextToken], 201);
    }

    public function destroy(Request $request, string $id): Response
    {
        $this->personal($request)->tokens()->whereKey((int) $id)->firstOrFail()->delete();

        return response()->noContent();
    }

    /** @return array<string, mixed> */
    private static function shown(PersonalAccessToken $token): array
    {
        $date = static fn (mixed $moment): ?string => $moment instanceof Carbon ? $moment->toIso8601ZuluString() : null;

        return [
            'id' => $token->getKey(),
            'name' => $token->getAttribute('name'),
            'created_at' => $date($token->getAttribute('created_at')),
            'last_used_at' => $date($token->getAttribute('last_used_at')),
            'expires_at' => $date($token->getAttribute('expires_at')),
        ];
    }
}
