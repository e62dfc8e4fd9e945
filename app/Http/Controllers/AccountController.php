<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Resources\SessionResource;
use App\Models\User;
use Illuminate\Auth\Events\PasswordReset;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\Password;
use Illuminate\Support\Str;
use Illuminate\Validation\Rules\Password as PasswordRule;
use Illuminate\Validation\ValidationException;
use OpenApi\Attributes as OA;

/** One's account: opening it, its password, leaving. */
final class AccountController extends Controller
{
    #[OA\Post(path: '/api/account', operationId: 'register', summary: 'Open an account and sign in', tags: ['account'],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['name', 'email', 'password'], properties: [
            new OA\Property(property: 'name', type: 'string', maxLength: 80), new OA\Property(property: 'email', type: 'string', format: 'email'), new OA\Property(property: 'password', type: 'string', minLength: 10),
        ])),
        responses: [new OA\Response(response: 201, description: 'Signed in', content: new OA\JsonContent(ref: '#/components/schemas/Session')), new OA\Response(response: 422, ref: '#/components/responses/Refused')])]
    public function store(Request $request): JsonResponse
    {
        $given = $request->validate([
            'name' => ['required', 'string', 'max:80'],
            'email' => ['required', 'string', 'email', 'max:255', 'unique:users,email'],
            'password' => ['required', 'string', 'max:255', self::goodPassword()],
        ], ['email.unique' => 'There is an account with this address. Sign in, or ask for a new password.']);
        $user = User::query()->create($given);
        $this->door()->login($user);
        $request->session()->regenerate();

        return (new SessionResource($user))->response()->setStatusCode(201);
    }

    #[OA\Patch(path: '/api/account', operationId: 'renameAccount', summary: 'Change one\'s name', tags: ['account'],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['name'], properties: [new OA\Property(property: 'name', type: 'string', maxLength: 80)])),
        responses: [new OA\Response(response: 200, description: 'Changed', content: new OA\JsonContent(ref: '#/components/schemas/Session')), new OA\Response(response: 422, ref: '#/components/responses/Refused')])]
    public function update(Request $request): SessionResource
    {
        $person = $this->personal($request);
        $person->fill($request->validate(['name' => ['required', 'string', 'max:80']]))->save();

        return new SessionResource($person);
    }

    #[OA\Put(path: '/api/account/password', operationId: 'changePassword', summary: 'Change the password; other devices are signed out', tags: ['account'],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['current', 'password'], properties: [
            new OA\Property(property: 'current', type: 'string'), new OA\Property(property: 'password', type: 'string', minLength: 10),
        ])),
        responses: [new OA\Response(response: 204, description: 'Changed'), new OA\Response(response: 422, ref: '#/components/responses/Refused')])]
    public function password(Request $request): Response
    {
        $person = $this->personal($request);
        $given = $request->validate(['current' => ['required', 'string'], 'password' => ['required', 'string', 'max:255', self::goodPassword()]]);
        $this->confirm($person, (string) $given['current'], 'current');
        $person->forceFill(['password' => $given['password'], 'remember_token' => Str::random(60)])->save();
        self::signOutOthers($request, $person);

        return response()->noContent();
    }

    #[OA\Post(path: '/api/account/forgotten', operationId: 'forgotPassword', summary: 'Ask for a link to a new password', tags: ['account'],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['email'], properties: [new OA\Property(property: 'email', type: 'string', format: 'email')])),
        responses: [new OA\Response(response: 204, description: 'Sent, if there is such an account'), new OA\Response(response: 422, ref: '#/components/responses/Refused')])]
    public function forgotten(Request $request): Response
    {
        $given = $request->validate(['email' => ['required', 'string', 'email', 'max:255']]);
        // Says the same whether there is such an account or not.
        if (User::query()->where('email', $given['email'])->where('is_demo', false)->exists()) {
            Password::broker()->sendResetLink($given);
        }

        return response()->noContent();
    }

    #[OA\Post(path: '/api/account/reset', operationId: 'resetPassword', summary: 'Choose a new password with a mailed link', tags: ['account'],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['token', 'email', 'password'], properties: [
            new OA\Property(property: 'token', type: 'string'), new OA\Property(property: 'email', type: 'string', format: 'email'), new OA\Property(property: 'password', type: 'string', minLength: 10),
        ])),
        responses: [new OA\Response(response: 204, description: 'Changed; sign in with it'), new OA\Response(response: 422, ref: '#/components/responses/Refused')])]
    public function reset(Request $request): Response
    {
        $given = $request->validate(['token' => ['required', 'string'], 'email' => ['required', 'string', 'email'], 'password' => ['required', 'string', 'max:255', self::goodPassword()]]);
        $status = Password::broker()->reset($given, function (User $user, string $password) use ($request): void {
            $user->forceFill(['password' => $password, 'remember_token' => Str::random(60)])->save();
            self::signOutOthers($request, $user);
            event(new PasswordReset($user));
        });
        if ($status !== Password::PASSWORD_RESET) {
            throw ValidationException::withMessages(['token' => 'This link has been used or is older than an hour. Ask for a new one.']);
        }

        return response()->noContent();
    }

    #[OA\Post(path: '/api/account/sign-out-everywhere', operationId: 'signOutEverywhere', summary: 'Sign out on all other devices, and withdraw all tokens', tags: ['account'],
        responses: [new OA\Response(response: 204, description: 'Done')])]
    public function signOutEverywhere(Request $request): Response
    {
        $person = $this->personal($request);
        $person->forceFill(['remember_token' => Str::random(60)])->save();
        self::signOutOthers($request, $person);
        $person->tokens()->delete();

        return response()->noContent();
    }

    #[OA\Delete(path: '/api/account', operationId: 'deleteAccount', summary: 'Delete the account with all its data, for good', tags: ['account'],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['password'], properties: [new OA\Property(property: 'password', type: 'string')])),
        responses: [new OA\Response(response: 204, description: 'Gone'), new OA\Response(response: 422, ref: '#/components/responses/Refused')])]
    public function destroy(Request $request): Response
    {
        $person = $this->personal($request);
        $this->confirm($person, (string) $request->input('password', ''), 'password');
        DB::transaction(function () use ($person): void {
            DB::table('sessions')->where('user_id', $person->id)->delete();
            DB::table('password_reset_tokens')->where('email', $person->email)->delete();
            $person->tokens()->delete();
            // Rushes and kit go with the account.
            $person->delete();
        });
        if ($request->hasSession()) {
            $this->door()->logout();
            $request->session()->invalidate();
        }

        return response()->noContent();
    }

    private static function goodPassword(): PasswordRule
    {
        return PasswordRule::min(10);
    }

    private function confirm(User $person, string $password, string $field): void
    {
        if (! Hash::check($password, $person->password)) {
            throw ValidationException::withMessages([$field => 'That is not your password.']);
        }
    }

    private static function signOutOthers(Request $request, User $person): void
    {
        $here = $request->hasSession() ? $request->session()->getId() : '';
        DB::table('sessions')->where('user_id', $person->id)->where('id', '!=', $here)->delete();
    }
}
