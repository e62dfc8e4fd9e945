<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\User;
use Closure;
use Illuminate\Auth\SessionGuard;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Symfony\Component\HttpFoundation\Response;

/**
 * A session is good as long as it carries its person's key. Who signs out everywhere gets another, and so ends all
 * other sessions, wherever they are kept.
 */
final class StillSignedIn
{
    public function handle(Request $request, Closure $next): Response
    {
        $guard = Auth::guard('web');
        if ($guard instanceof SessionGuard && $request->session()->has($guard->getName())) {
            $user = $guard->user();
            if ($user instanceof User && $request->session()->get(User::SESSION_KEY, '') !== $user->session_key) {
                $guard->logoutCurrentDevice();
                $request->session()->invalidate();
            }
        }

        return $next($request);
    }
}
