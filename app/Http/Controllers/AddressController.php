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
use OpenApi\Attributes as OA;

use function Illuminate\Support\defer;

/** The address of an account: another one counts once a letter to it has been answered. */
final class AddressController extends Controller
{
    #[OA\Put(path: '/api/account/email', operationId: 'changeAddress', summary: 'Change the address; where letters are sent, a link to the new one makes it count', tags: ['account'],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['email', 'password'], properties: [
            new OA\Property(property: 'email', type: 'string', format: 'email'), new OA\Property(property: 'password', type: 'string'),
        ])),
        responses: [new OA\Response(response: 200, description: 'Changed', content: new OA\JsonContent(ref: '#/components/schemas/Session')),
            new OA\Response(response: 202, description: 'A letter is on its way to the new address', content: new OA\JsonContent(ref: '#/components/schemas/Session')),
            new OA\Response(response: 422, ref: '#/components/responses/Refused')])]
    public function update(Request $request): JsonResponse
    {
        $person = $this->personal($request);
        $given = $request->validate(['email' => ['required', 'string', 'max:255', Address::rule()], 'password' => ['required', 'string', 'max:255']]);
        if (! Hash::check((string) $given['password'], $person->password)) {
            throw ValidationException::withMessages(['password' => 'That is not your password.']);
        }
        $email = Address::of($given['email']);
        if (! config('accounts.confirm')) {
            return (new SessionResource(self::changed($person, $email)))->response();
        }
        // Says the same whether somebody else has the address or not.
        $entry = ['user' => $person->getKey(), 'was' => $person->email, 'to' => $email];
        defer(static function () use ($email, $entry): void {
            User::query()->where('email', $email)->exists() || Letters::newAddress($email, LinkToken::seal('address', $entry));
        });

        return (new SessionResource($person))->response()->setStatusCode(202);
    }

    #[OA\Post(path: '/api/account/email/confirm', operationId: 'confirmAddress', summary: 'Make a new address count with a mailed link', tags: ['account'],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['token'], properties: [new OA\Property(property: 'token', type: 'string')])),
        responses: [new OA\Response(response: 204, description: 'It counts'), new OA\Response(response: 422, ref: '#/components/responses/Refused')])]
    public function confirm(Request $request): Response
    {
        $entry = LinkToken::open('address', (string) $request->validate(['token' => ['required', 'string', 'max:4000']])['token']);
        $person = $entry === null ? null : User::query()->whereKey($entry['user'])->first();
        // Used once: afterwards the account no longer has the address it had.
        if ($entry === null || $person === null || $person->email !== $entry['was']) {
            throw ValidationException::withMessages(['token' => 'This link is not whole, has been used, or is older than a day. Ask for the change once more.']);
        }
        self::changed($person, Address::of($entry['to']));

        return response()->noContent();
    }

    private static function changed(User $person, string $email): User
    {
        try {
            $person->forceFill(['email' => $email])->save();
        } catch (UniqueConstraintViolationException) {
            throw ValidationException::withMessages(['email' => 'There is another account with this address.']);
        }

        return $person;
    }
}
