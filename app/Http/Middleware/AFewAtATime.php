<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\File;
use Symfony\Component\HttpFoundation\Response;

/**
 * What opens pictures, reads tables or makes papers takes long: one person may have so many of them under way at once, so
 * that nobody takes all of the workers that are there for it (`apart` in ops/php-fpm.conf).
 */
final class AFewAtATime
{
    public const MOST = 2;

    public const RETRY_AFTER_S = 1;

    private const NICE = 17;

    public function handle(Request $request, Closure $next): Response
    {
        self::stepBack();
        $whose = hash('xxh64', (string) ($request->user()?->getAuthIdentifier() ?? $request->ip()));
        $folder = storage_path('framework/apart');
        File::ensureDirectoryExists($folder);
        for ($i = 0; $i < self::MOST; $i++) {
            // The lock is gone with the process, whatever becomes of it.
            $lock = fopen("$folder/$whose-$i", 'c');
            if ($lock !== false && flock($lock, LOCK_EX | LOCK_NB)) {
                try {
                    return $next($request);
                } finally {
                    flock($lock, LOCK_UN);
                    fclose($lock);
                }
            }
        }

        return response()->json(['message' => 'Two things at a time: the last ones are still being made. Try again in a moment.'], 429, ['Retry-After' => self::RETRY_AFTER_S]);
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
