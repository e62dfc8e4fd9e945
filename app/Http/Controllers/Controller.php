<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Api\RequestRules;
use App\Keeping\Keeper;
use App\Models\User;
use App\Review\KeptLearning;
use Illuminate\Contracts\Auth\StatefulGuard;
use Illuminate\Foundation\Auth\Access\AuthorizesRequests;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Validation\ValidationException;
use RushHold\Record\Learned;
use RushHold\Words\Words;

abstract class Controller
{
    use AuthorizesRequests;

    /** The person signed in; routes that call this are behind the `auth` middleware. */
    protected function person(Request $request): User
    {
        $user = $request->user();
        assert($user instanceof User);

        return $user;
    }

    /** The person signed in, where the account is to last: a visit to the demo does not. */
    protected function personal(Request $request): User
    {
        $person = $this->person($request);
        abort_if($person->is_demo, 403, Words::text('http.controller.not-in-the-demo-create'));

        return $person;
    }

    /** What plans of the person use of their log. */
    protected function learned(Request $request): ?Learned
    {
        return KeptLearning::forPlans($this->person($request));
    }

    /**
     * What the request asks, as the description of the API has it.
     *
     * @param  array<string, list<mixed>>  $more  rules that a schema cannot say, by field
     * @param  array<string, string>  $messages  for some of them, by field and rule
     * @return array<string, mixed>
     *
     * @throws ValidationException if it asks something else
     */
    protected function asked(Request $request, array $more = [], array $messages = []): array
    {
        return $request->validate(RequestRules::rules($request, $more), $messages);
    }

    /** Keeps what the person has. */
    protected function keeper(Request $request): Keeper
    {
        return new Keeper($this->person($request));
    }

    /** The guard of the browser's session, which lets in and out. */
    protected function door(): StatefulGuard
    {
        $guard = Auth::guard('web');
        assert($guard instanceof StatefulGuard);

        return $guard;
    }
}
