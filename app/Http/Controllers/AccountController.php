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
use RushHold\Words\Words;

use function Illuminate\Support\defer;

/** One's account: opening it, its password, leaving. */
final class AccountController extends Controller
{
    public function store(Request $request): JsonResponse
    {
        $given = $this->asked($request, ['email' => [Address::rule()], 'password' => [self::goodPassword()]]);
        // The same work whether there is such an account or not.
        $entry = [
            'name' => $given['name'],
            'email' => Address::of($given['email']),
            'password' => Hash::make($given['password']),
        ];
        if (! config('accounts.confirm')) {
            return $this->opened($request, $entry);
        }
        defer(
            static fn () => User::query()->where('email', $entry['email'])->exists()
                ? Letters::hasAccount($entry['email'])
                : Letters::confirm($entry['email'], LinkToken::seal('account', $entry)),
        );

        return (new SessionResource(null))->response()->setStatusCode(202);
    }

    public function confirm(Request $request): JsonResponse
    {
        $token = (string) $this->asked($request)['token'];
        /** @var array{name: string, email: string, password: string} $entry */
        $entry =
            LinkToken::open('account', $token) ??
            throw ValidationException::withMessages([
                'token' => Words::text('http.account.this-link-is-not-whole'),
            ]);

        return $this->opened($request, [
            'name' => $entry['name'],
            'email' => $entry['email'],
            'password' => $entry['password'],
        ]);
    }

    /** @param  array{name: string, email: string, password: string}  $entry  with the password hashed */
    private function opened(Request $request, array $entry): JsonResponse
    {
        try {
            $user = User::query()->create($entry);
        } catch (UniqueConstraintViolationException) {
            throw ValidationException::withMessages([
                'email' => Words::text('http.account.there-is-an-account-with'),
            ]);
        }
        $this->door()->login($user);
        $request->session()->regenerate();

        return (new SessionResource($user))->response()->setStatusCode(201);
    }

    public function usage(Request $request): JsonResponse
    {
        return response()->json((new Quota($this->person($request)))->state());
    }

    public function update(Request $request): SessionResource
    {
        $person = $this->personal($request);
        $person->fill($this->asked($request))->save();

        return new SessionResource($person);
    }

    public function password(Request $request): Response
    {
        $person = $this->personal($request);
        $given = $this->asked($request, ['password' => [self::goodPassword()]]);
        $this->check($person, (string) $given['current'], 'current');
        $person->forceFill(['password' => $given['password']])->save();
        Departure::fromElsewhere($person, self::here($request));

        return response()->noContent();
    }

    public function forgotten(Request $request): Response
    {
        $given = $this->asked($request);
        // Says the same, and takes the same time, whether there is such an account or not.
        defer(static function () use ($given): void {
            $email = Address::of($given['email']);
            if (User::query()->where('email', $email)->where('is_demo', false)->exists()) {
                Password::broker()->sendResetLink(
                    ['email' => $email],
                    static fn (User $person, #[\SensitiveParameter] string $token) => Letters::newPassword(
                        $person->email,
                        $token,
                    ),
                );
            }
        });

        return response()->noContent();
    }

    public function reset(Request $request): Response
    {
        $given = $this->asked($request, ['password' => [self::goodPassword()]]);
        $status = Password::broker()->reset([...$given, 'email' => Address::of($given['email'])], function (
            User $user,
            string $password,
        ): void {
            $user->forceFill(['password' => $password])->save();
            Departure::fromElsewhere($user, null);
            event(new PasswordReset($user));
        });
        if ($status !== Password::PASSWORD_RESET) {
            throw ValidationException::withMessages([
                'token' => Words::text('http.account.this-link-has-been-used'),
            ]);
        }

        return response()->noContent();
    }

    public function signOutEverywhere(Request $request): Response
    {
        $person = $this->personal($request);
        Departure::fromElsewhere($person, self::here($request));

        return response()->noContent();
    }

    public function destroy(Request $request): Response
    {
        $person = $this->personal($request);
        $this->check($person, (string) $this->asked($request)['password'], 'password');
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
            throw ValidationException::withMessages([$field => Words::text('http.account.that-is-not-your-password')]);
        }
    }

    /** The session of this very request. */
    private static function here(Request $request): ?Session
    {
        return $request->hasSession() ? $request->session() : null;
    }
}
