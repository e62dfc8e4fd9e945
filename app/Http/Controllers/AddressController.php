<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Accounts\Letters;
use App\Accounts\LinkToken;
use App\Http\Resources\SessionResource;
use App\Models\Address;
use App\Models\User;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Hash;
use Illuminate\Validation\ValidationException;
use RushHold\Words\Words;

use function Illuminate\Support\defer;

/** The address of an account: another one counts once a letter to it has been answered. */
final class AddressController extends Controller
{
    public function update(Request $request): JsonResponse
    {
        $person = $this->personal($request);
        $given = $this->asked($request, ['email' => [Address::rule()]]);
        if (! Hash::check((string) $given['password'], $person->password)) {
            throw ValidationException::withMessages([
                'password' => Words::text('http.address.that-is-not-your-password'),
            ]);
        }
        $email = Address::of($given['email']);
        if (! config('accounts.confirm')) {
            return (new SessionResource(self::changed($person, $email)))->response();
        }
        // Says the same whether somebody else has the address or not.
        $entry = ['user' => $person->getKey(), 'was' => $person->email, 'to' => $email];
        defer(static function () use ($email, $entry): void {
            User::query()->where('email', $email)->exists() ||
                Letters::newAddress($email, LinkToken::seal('address', $entry));
        });

        return (new SessionResource($person))->response()->setStatusCode(202);
    }

    public function confirm(Request $request): Response
    {
        $entry = LinkToken::open('address', (string) $this->asked($request)['token']);
        $person = $entry === null ? null : User::query()->whereKey($entry['user'])->first();
        // Used once: afterwards the account no longer has the address it had.
        if ($entry === null || $person === null || $person->email !== $entry['was']) {
            throw ValidationException::withMessages([
                'token' => Words::text('http.address.this-link-is-not-whole'),
            ]);
        }
        self::changed($person, Address::of($entry['to']));

        return response()->noContent();
    }

    private static function changed(User $person, string $email): User
    {
        try {
            $person->forceFill(['email' => $email])->save();
        } catch (UniqueConstraintViolationException) {
            throw ValidationException::withMessages([
                'email' => Words::text('http.address.there-is-another-account-with'),
            ]);
        }

        return $person;
    }
}
