<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Accounts\Departure;
use App\Accounts\Letters;
use App\Accounts\LinkToken;
use App\Http\Resources\SessionResource;
use App\Keeping\Quota;
use App\Models\Address;
use App\Models\User;
use Illuminate\Auth\Events\PasswordReset;
use Illuminate\Auth\SessionGuard;
use Illuminate\Contracts\Session\Session;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\Password;
use Illuminate\Validation\Rules\Password as PasswordRule;
use Illuminate\Validation\ValidationException;
use OpenApi\Attributes as OA;

use function Illuminate\Support\defer;

#[OA\Schema(schema: 'Amounts', required: ['rushes', 'kit', 'outings', 'bytes'], properties: [
    new OA\Property(property: 'rushes', type: 'integer'), new OA\Property(property: 'kit', type: 'integer'), new OA\Property(property: 'outings', type: 'integer'), new OA\Property(property: 'bytes', type: 'integer'),
])]
/** One's account: opening it, its password, leaving. */
final class AccountController extends Controller
{
    #[OA\Post(path: '/api/account', operationId: 'register', summary: 'Create an account and sign in; where letters are sent, a link to do so is mailed', tags: ['account'],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['name', 'email', 'password'], properties: [
            new OA\Property(property: 'name', type: 'string', maxLength: 80), new OA\Property(property: 'email', type: 'string', format: 'email'), new OA\Property(property: 'password', type: 'string', minLength: 10),
        ])),
        responses: [new OA\Response(response: 201, description: 'Signed in', content: new OA\JsonContent(ref: '#/components/schemas/Session')),
            new OA\Response(response: 202, description: 'A letter is on its way; the same whether there is such an account or not', content: new OA\JsonContent(required: ['user', 'demo_available'], properties: [
                new OA\Property(property: 'user', type: 'object', nullable: true), new OA\Property(property: 'demo_available', type: 'boolean'),
            ])),
            new OA\Response(response: 422, ref: '#/components/responses/Refused')])]
    public function store(Request $request): JsonResponse
    {
        $given = $request->validate([
            'name' => ['required', 'string', 'max:80'],
            'email' => ['required', 'string', 'max:255', Address::rule()],
            'password' => ['required', 'string', 'max:255', self::goodPassword()],
        ]);
        // The same work whether there is such an account or not.
        $entry = ['name' => $given['name'], 'email' => Address::of($given['email']), 'password' => Hash::make($given['password'])];
        if (! config('accounts.confirm')) {
            return $this->opened($request, $entry);
        }
        defer(static fn () => User::query()->where('email', $entry['email'])->exists()
            ? Letters::hasAccount($entry['email'])
            : Letters::confirm($entry['email'], LinkToken::seal('account', $entry)));

        return (new SessionResource(null))->response()->setStatusCode(202);
    }

    #[OA\Post(path: '/api/account/confirm', operationId: 'confirmAccount', summary: 'Create an account with a mailed link, and sign in', tags: ['account'],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['token'], properties: [new OA\Property(property: 'token', type: 'string')])),
        responses: [new OA\Response(response: 201, description: 'Signed in', content: new OA\JsonContent(ref: '#/components/schemas/Session')), new OA\Response(response: 422, ref: '#/components/responses/Refused')])]
    public function confirm(Request $request): JsonResponse
    {
        $token = (string) $request->validate(['token' => ['required', 'string', 'max:4000']])['token'];
        /** @var array{name: string, email: string, password: string} $entry */
        $entry = LinkToken::open('account', $token) ?? throw ValidationException::withMessages(['token' => 'This link is not whole, or older than a day. Open the account once more.']);

        return $this->opened($request, ['name' => $entry['name'], 'email' => $entry['email'], 'password' => $entry['password']]);
    }

    /** @param  array{name: string, email: string, password: string}  $entry  with the password hashed */
    private function opened(Request $request, array $entry): JsonResponse
    {
        try {
            $user = User::query()->create($entry);
        } catch (UniqueConstraintViolationException) {
            throw ValidationException::withMessages(['email' => 'There is an account with this address. Sign in, or ask for a new password.']);
        }
        $this->door()->login($user);
        $request->session()->regenerate();

        return (new SessionResource($user))->response()->setStatusCode(201);
    }

    #[OA\Get(path: '/api/account/usage', operationId: 'usage', summary: 'How much one keeps, and how much one may', tags: ['account'], responses: [
        new OA\Response(response: 200, description: 'Usage', content: new OA\JsonContent(required: ['used', 'most', 'notice'], properties: [
            new OA\Property(property: 'used', ref: '#/components/schemas/Amounts'), new OA\Property(property: 'most', ref: '#/components/schemas/Amounts'),
            new OA\Property(property: 'notice', type: 'string', nullable: true, description: 'A sentence, when it is nearly full'),
        ])),
    ])]
    public function usage(Request $request): JsonResponse
    {
        return response()->json((new Quota($this->person($request)))->state());
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
        $given = $request->validate(['current' => ['required', 'string', 'max:255'], 'password' => ['required', 'string', 'max:255', self::goodPassword()]]);
        $this->check($person, (string) $given['current'], 'current');
        $person->forceFill(['password' => $given['password']])->save();
        Departure::fromElsewhere($person, self::here($request));

        return response()->noContent();
    }

    #[OA\Post(path: '/api/account/forgotten', operationId: 'forgotPassword', summary: 'Ask for a link to a new password', tags: ['account'],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['email'], properties: [new OA\Property(property: 'email', type: 'string', format: 'email')])),
        responses: [new OA\Response(response: 204, description: 'Sent, if there is such an account'), new OA\Response(response: 422, ref: '#/components/responses/Refused')])]
    public function forgotten(Request $request): Response
    {
        $given = $request->validate(['email' => ['required', 'string', 'email', 'max:255']]);
        // Says the same, and takes the same time, whether there is such an account or not.
        defer(static function () use ($given): void {
            $email = Address::of($given['email']);
            if (User::query()->where('email', $email)->where('is_demo', false)->exists()) {
                Password::broker()->sendResetLink(['email' => $email], static fn (User $person, #[\SensitiveParameter] string $token) => Letters::newPassword($person->email, $token));
            }
        });

        return response()->noContent();
    }

    #[OA\Post(path: '/api/account/reset', operationId: 'resetPassword', summary: 'Choose a new password with a mailed link', tags: ['account'],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['token', 'email', 'password'], properties: [
            new OA\Property(property: 'token', type: 'string'), new OA\Property(property: 'email', type: 'string', format: 'email'), new OA\Property(property: 'password', type: 'string', minLength: 10),
        ])),
        responses: [new OA\Response(response: 204, description: 'Changed; sign in with it'), new OA\Response(response: 422, ref: '#/components/responses/Refused')])]
    public function reset(Request $request): Response
    {
        $given = $request->validate(['token' => ['required', 'string', 'max:255'], 'email' => ['required', 'string', 'email', 'max:255'], 'password' => ['required', 'string', 'max:255', self::goodPassword()]]);
        $status = Password::broker()->reset([...$given, 'email' => Address::of($given['email'])], function (User $user, string $password): void {
            $user->forceFill(['password' => $password])->save();
            Departure::fromElsewhere($user, null);
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
        Departure::fromElsewhere($person, self::here($request));

        return response()->noContent();
    }

    #[OA\Delete(path: '/api/account', operationId: 'deleteAccount', summary: 'Delete the account with all its data, for good', tags: ['account'],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['password'], properties: [new OA\Property(property: 'password', type: 'string')])),
        responses: [new OA\Response(response: 204, description: 'Gone'), new OA\Response(response: 422, ref: '#/components/responses/Refused')])]
    public function destroy(Request $request): Response
    {
        $person = $this->personal($request);
        $this->check($person, (string) $request->validate(['password' => ['required', 'string', 'max:255']])['password'], 'password');
        // Out of the door first, without a new token for staying signed in: that would keep the account.
        $door = Auth::guard('web');
        $door instanceof SessionGuard && $door->logoutCurrentDevice();
        Auth::forgetUser();
        Departure::of($person);
        if ($request->hasSession()) {
            $request->session()->invalidate();
            $request->session()->regenerateToken();
        }

        return response()->noContent();
    }

    private static function goodPassword(): PasswordRule
    {
        return PasswordRule::min(10)->uncompromised();
    }

    private function check(User $person, string $password, string $field): void
    {
        if (! Hash::check($password, $person->password)) {
            throw ValidationException::withMessages([$field => 'That is not your password.']);
        }
    }

    /** The session of this very request. */
    private static function here(Request $request): ?Session
    {
        return $request->hasSession() ? $request->session() : null;
    }
}
