<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Cache;
use RushHold\Words\Words;
use Symfony\Component\HttpFoundation\Response;

/**
 * What opens pictures, reads tables or makes papers takes long: one person may have so many of them under way at once,
 * so that nobody takes all of the workers that are there for it (`apart` in ops/php-fpm.conf).
 */
final class AFewAtATime
{
    public const MOST = 2;

    public const RETRY_AFTER_S = 1;

    private const NICE = 17;

    /** Its worker is ended by then (ops/php-fpm.conf); a seat whose worker died is free after that. */
    private const LONGEST_S = 90;

    public function handle(Request $request, Closure $next): Response
    {
        self::stepBack();
        $whose = (string) ($request->user()?->getAuthIdentifier() ?? $request->ip());
        for ($i = 0; $i < self::MOST; $i++) {
            $seat = Cache::lock("apart $whose $i", self::LONGEST_S);
            if ($seat->get()) {
                try {
                    return $next($request);
                } finally {
                    $seat->release();
                }
            }
        }

        return response()->json(['message' => Words::text('http.a-few-at-a-time.two-things-at-a-time')], 429, [
            'Retry-After' => self::RETRY_AFTER_S,
        ]);
    }

    /** Its workers give way to those that answer everybody. */
    private static function stepBack(): void
    {
        static $done = false;
        if (! $done && PHP_SAPI === 'fpm-fcgi') {
            $done = @proc_nice(self::NICE);
        }
    }
}
