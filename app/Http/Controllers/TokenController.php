<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Carbon;
use Laravel\Sanctum\PersonalAccessToken;
use OpenApi\Attributes as OA;

/** Tokens with which a person's scripts use the API. */
#[OA\Schema(schema: 'Token', required: ['id', 'name', 'created_at', 'last_used_at', 'expires_at'], properties: [
    new OA\Property(property: 'id', type: 'integer'),
    new OA\Property(property: 'name', type: 'string'),
    new OA\Property(property: 'created_at', type: 'string', format: 'date-time'),
    new OA\Property(property: 'last_used_at', type: 'string', format: 'date-time', nullable: true),
    new OA\Property(property: 'expires_at', type: 'string', format: 'date-time', nullable: true, description: 'Changing the password ends it before'),
    new OA\Property(property: 'token', type: 'string', description: 'Shown once, when it is made'),
])]
final class TokenController extends Controller
{
    /** How long a token may live. */
    private const DAYS = [7, 30, 90, 365];

    private const USUAL_DAYS = 90;

    private const MOST = 50;

    #[OA\Get(path: '/api/account/tokens', operationId: 'listTokens', summary: 'Tokens for scripts', tags: ['account'], responses: [
        new OA\Response(response: 200, description: 'Tokens', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: '#/components/schemas/Token'))),
    ])]
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

    #[OA\Post(path: '/api/account/tokens', operationId: 'createToken', summary: 'Make a token', tags: ['account'],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['name'], properties: [
            new OA\Property(property: 'name', type: 'string', maxLength: 60), new OA\Property(property: 'days', type: 'integer', enum: [7, 30, 90, 365], description: 'How long it is good for; 90 when left out'),
        ])),
        responses: [new OA\Response(response: 201, description: 'The token, this once', content: new OA\JsonContent(ref: '#/components/schemas/Token')), new OA\Response(response: 422, ref: '#/components/responses/Refused')])]
    public function store(Request $request): JsonResponse
    {
        $person = $this->personal($request);
        $given = $request->validate(['name' => ['required', 'string', 'max:60'], 'days' => ['integer', 'in:'.implode(',', self::DAYS)]]);
        abort_if($person->tokens()->count() >= self::MOST, 422, 'You have '.self::MOST.' tokens already; withdraw one that is not used any more.');
        $made = $person->createToken((string) $given['name'], ['*'], now()->addDays((int) ($given['days'] ?? self::USUAL_DAYS)));

        return response()->json([...self::shown($made->accessToken), 'token' => $made->plainTextToken], 201);
    }

    #[OA\Delete(path: '/api/account/tokens/{id}', operationId: 'deleteToken', summary: 'Withdraw a token', tags: ['account'],
        parameters: [new OA\PathParameter(ref: '#/components/parameters/id')],
        responses: [new OA\Response(response: 204, description: 'Withdrawn'), new OA\Response(response: 404, ref: '#/components/responses/NotThere')])]
    public function destroy(Request $request, string $id): Response
    {
        $this->personal($request)->tokens()->whereKey((int) $id)->firstOrFail()->delete();

        return response()->noContent();
    }

    /** @return array<string, mixed> */
    private static function shown(PersonalAccessToken $token): array
    {
        $date = static fn (mixed $moment): ?string => $moment instanceof Carbon ? $moment->toIso8601ZuluString() : null;

        return ['id' => $token->getKey(), 'name' => $token->getAttribute('name'), 'created_at' => $date($token->getAttribute('created_at')), 'last_used_at' => $date($token->getAttribute('last_used_at')), 'expires_at' => $date($token->getAttribute('expires_at'))];
    }
}
