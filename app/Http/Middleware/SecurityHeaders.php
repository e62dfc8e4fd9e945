<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Vite;
use Symfony\Component\HttpFoundation\Response;

/** Everything the page needs comes from the application itself; say so to the browser. */
final class SecurityHeaders
{
    private const POLICY = [
        'default-src' => "'self'",
        'script-src' => "'self'",
        'style-src' => "'self' 'unsafe-inline'",
        'img-src' => "'self' data: blob:",
        'font-src' => "'self'",
        'connect-src' => "'self'",
        'frame-ancestors' => "'none'",
        'base-uri' => "'self'",
        'form-action' => "'self'",
    ];

    public function handle(Request $request, Closure $next): Response
    {
        $server = self::developmentServer();
        if ($server !== null) {
            Vite::useCspNonce();
        }
        $response = $next($request);
        $response->headers->set('Content-Security-Policy', self::policy($server));
        $response->headers->set('X-Content-Type-Options', 'nosniff');
        $response->headers->set('Referrer-Policy', 'same-origin');
        $response->headers->set('Cross-Origin-Opener-Policy', 'same-origin');
        $response->headers->set(
            'Permissions-Policy',
            'camera=(), microphone=(), geolocation=(self), payment=(), usb=(), gamepad=(self)',
        );
        if ($request->isSecure()) {
            // Whoever came by https once does not come by http for a year.
            $response->headers->set('Strict-Transport-Security', 'max-age=31536000');
        }

        return $response;
    }

    private static function policy(?string $server): string
    {
        $policy = self::POLICY;
        if ($server !== null) {
            $policy['script-src'] .= " $server 'nonce-".Vite::cspNonce()."'";
            $policy['style-src'] .= " $server";
            $policy['font-src'] .= " $server";
            $policy['connect-src'] .= " $server ".str_replace('http', 'ws', $server);
        }

        return implode(
            '; ',
            array_map(static fn (string $name, string $from): string => "$name $from", array_keys($policy), $policy),
        );
    }

    /** Where bin/dev serves the front end from; nowhere else is anything but the application itself trusted. */
    private static function developmentServer(): ?string
    {
        $file = app()->isLocal() ? Vite::hotFile() : '';

        return $file !== '' && is_file($file) ? trim((string) file_get_contents($file)) : null;
    }
}
