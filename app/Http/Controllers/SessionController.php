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
use RushHold\Words\Words;

final class SessionController extends Controller
{
    public function show(Request $request): SessionResource
    {
        return new SessionResource($request->user());
    }

    public function store(SignInRequest $request): JsonResponse
    {
        $person = User::query()
            ->where('email', Address::of($request->input('email')))
            ->where('is_demo', false)
            ->first();
        // The same work whether there is such an account or not, so that the time taken does not tell.
        $matches = Hash::check($request->string('password')->toString(), $person->password ?? self::nobodysPassword());
        if ($person === null || ! $matches) {
            throw ValidationException::withMessages(['email' => Words::text('http.session.wrong-email-or-password')]);
        }
        $this->door()->login($person, $request->boolean('remember'));
        $request->session()->regenerate();

        return (new SessionResource($person))->response();
    }

    public function demo(Request $request): JsonResponse
    {
        $demo = User::demo();
        abort_if($demo === null, 404, Words::text('http.session.there-is-no-demo-on'));
        $visitor = DemoVisit::open($demo);
        abort_if($visitor === null, 503, Words::text('http.session.very-many-are-looking-around'));
        $this->door()->login($visitor);
        $request->session()->regenerate();

        return (new SessionResource($visitor))->response()->setStatusCode(200);
    }

    /** A hash that costs as much to check as any other. */
    private static function nobodysPassword(): string
    {
        return Cache::rememberForever(
            'nobody '.config('hashing.bcrypt.rounds'),
            static fn (): string => Hash::make(Str::random(40)),
        );
    }

    public function destroy(Request $request): Response
    {
        $this->door()->logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return response()->noContent();
    }
}
