<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use RushHold\Words\Words;
use Symfony\Component\HttpFoundation\Exception\SuspiciousOperationException;
use Symfony\Component\HttpFoundation\Response;

/** Requests for hosts that the application was not told of are not for it. */
final class KnownHosts
{
    private const LOOPBACK = ['127.0.0.1', 'localhost', '[::1]'];

    public function handle(Request $request, Closure $next): Response
    {
        try {
            $host = $request->getHost();
        } catch (SuspiciousOperationException) {
            $host = '';
        }
        $address = config('app.url');
        $more = config('app.hosts');
        $known = [
            ...self::LOOPBACK,
            is_string($address) ? parse_url($address, PHP_URL_HOST) : null,
            ...is_array($more) ? $more : [],
        ];

        return in_array($host, $known, true)
            ? $next($request)
            : response()->json(['message' => Words::text('http.known-hosts.there-is-nothing-here-under')], 421);
    }
}
