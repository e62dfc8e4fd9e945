<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use RushHold\Words\Words;
use Symfony\Component\HttpFoundation\Response;

/** Only for somebody who signed in, not for a script with a token: no token changes the account or outlives itself. */
final class InPerson
{
    public function handle(Request $request, Closure $next): Response
    {
        abort_unless(Auth::guard('web')->check(), 403, Words::text('http.in-person.a-token-cannot-do-this'));

        return $next($request);
    }
}
