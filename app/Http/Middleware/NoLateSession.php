<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\Seat;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * What is played answers late: by then somebody else may be signed in here, whom the session that it was asked in would
 * sign out again. So it brings none along; every other answer does.
 */
final class NoLateSession
{
    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);
        if ($response->headers->has('X-Accel-Redirect')) {
            foreach ($response->headers->getCookies() as $cookie) {
                $cookie->getName() === Seat::COOKIE ||
                    $response->headers->removeCookie($cookie->getName(), $cookie->getPath(), $cookie->getDomain());
            }
        }

        return $response;
    }
}
