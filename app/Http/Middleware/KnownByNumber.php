<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Context;
use Illuminate\Support\Str;
use Symfony\Component\HttpFoundation\Response;

/**
 * Each request has a number, in every line that is logged of it and of the jobs it leaves behind, and in its answer.
 */
final class KnownByNumber
{
    public const HEADER = 'X-Request-Id';

    public function handle(Request $request, Closure $next): Response
    {
        // The web server's own; what somebody sends from without never comes this far.
        $given = (string) $request->server('REQUEST_NUMBER', '');
        $number = preg_match('/^[0-9a-f]{32}$/', $given) === 1 ? $given : Str::lower(Str::random(32));
        Context::add('request', $number);
        $response = $next($request);
        $response->headers->set(self::HEADER, $number);

        return $response;
    }
}
