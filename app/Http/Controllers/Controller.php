<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\User;
use Illuminate\Contracts\Auth\StatefulGuard;
use Illuminate\Foundation\Auth\Access\AuthorizesRequests;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;

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
        abort_if($person->is_demo, 403, 'A visit to the demo is gone after a day; open an account of your own for this.');

        return $person;
    }

    /**
     * Does something while nothing else of this person is being changed: what two windows do at once is done one after
     * the other, and what was counted or compared still holds when it is kept.
     *
     * @template T
     *
     * @param  callable(): T  $work
     * @return T
     */
    protected function alone(Request $request, callable $work): mixed
    {
        $person = $this->person($request);

        return DB::transaction(static function () use ($person, $work): mixed {
            User::query()->whereKey($person->id)->lockForUpdate()->first('id');

            return $work();
        }, 3);
    }

    /** The guard of the browser's session, which lets in and out. */
    protected function door(): StatefulGuard
    {
        $guard = Auth::guard('web');
        assert($guard instanceof StatefulGuard);

        return $guard;
    }
}
