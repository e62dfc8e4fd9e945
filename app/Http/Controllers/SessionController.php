<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Accounts\DemoVisit;
use App\Http\Requests\SignInRequest;
use App\Http\Resources\SessionResource;
use App\Models\Address;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;
use OpenApi\Attributes as OA;

final class SessionController extends Controller
{
    #[OA\Get(path: '/api/session', operationId: 'session', summary: 'Who is signed in, and whether there is a demo', tags: ['session'], responses: [
        new OA\Response(response: 200, description: 'The session', content: new OA\JsonContent(ref: '#/components/schemas/Session')),
    ])]
    public function show(Request $request): SessionResource
    {
        return new SessionResource($request->user());
    }

    #[OA\Post(path: '/api/session', operationId: 'signIn', summary: 'Sign in', tags: ['session'],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/SignIn')),
        responses: [
            new OA\Response(response: 200, description: 'Signed in', content: new OA\JsonContent(ref: '#/components/schemas/Session')),
            new OA\Response(response: 422, description: 'Not accepted', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
            new OA\Response(response: 429, description: 'Too many tries', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
        ])]
    public function store(SignInRequest $request): JsonResponse
    {
        $person = User::query()->where('email', Address::of($request->input('email')))->where('is_demo', false)->first();
        // The same work whether there is such an account or not, so that the time taken does not tell.
        $matches = Hash::check($request->string('password')->toString(), $person->password ?? self::nobodysPassword());
        if ($person === null || ! $matches) {
            throw ValidationException::withMessages(['email' => 'Wrong email or password.']);
        }
        $this->door()->login($person, $request->boolean('remember'));
        $request->session()->regenerate();

        return (new SessionResource($person))->response();
    }

    #[OA\Post(path: '/api/session/demo', operationId: 'openDemo', summary: 'Open a copy of the demo, which is the visitor\'s alone and gone after a day', tags: ['session'], responses: [
        new OA\Response(response: 200, description: 'Signed in to the demo', content: new OA\JsonContent(ref: '#/components/schemas/Session')),
        new OA\Response(response: 404, description: 'There is no demo here', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function demo(Request $request): JsonResponse
    {
        $demo = User::demo();
        abort_if($demo === null, 404, 'There is no demo on this server.');
        $visitor = DemoVisit::open($demo);
        abort_if($visitor === null, 503, 'Very many are looking around just now. Try again later, or open an account.');
        $this->door()->login($visitor);
        $request->session()->regenerate();

        return (new SessionResource($visitor))->response()->setStatusCode(200);
    }

    /** A hash that costs as much to check as any other. */
    private static function nobodysPassword(): string
    {
        return Cache::rememberForever('nobody '.config('hashing.bcrypt.rounds'), static fn (): string => Hash::make(Str::random(40)));
    }

    #[OA\Delete(path: '/api/session', operationId: 'signOut', summary: 'Sign out', tags: ['session'], responses: [
        new OA\Response(response: 204, description: 'Signed out'),
    ])]
    public function destroy(Request $request): Response
    {
        $this->door()->logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return response()->noContent();
    }
}
