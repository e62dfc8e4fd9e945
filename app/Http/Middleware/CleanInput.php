<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use RushHold\Refused;
use Symfony\Component\HttpFoundation\Response;

/**
 * What comes in is text in UTF-8 and numbers that are finite, nested not too deeply: everything behind this may rely
 * on it. JSON can spell numbers that no computer holds (1e999), and addresses can carry bytes that are no text.
 */
final class CleanInput
{
    private const DEEPEST = 32;

    private const LARGEST_BODY = 1_500_000;

    public function handle(Request $request, Closure $next): Response
    {
        if (! $request->is('api/*')) {
            return $next($request);
        }
        if ($request->isJson()) {
            // Files come as forms and have bounds of their own.
            abort_if(strlen($request->getContent()) > self::LARGEST_BODY, 413, 'This is larger than the largest document.');
            $body = $request->json()->all();
            json_last_error() === JSON_ERROR_NONE || $request->getContent() === '' || abort(400, 'This is not JSON: '.json_last_error_msg().'.');
            self::check($body, '', 0);
        }
        self::check($request->query->all(), '', 0);
        if (! mb_check_encoding(rawurldecode($request->getPathInfo()), 'UTF-8')) {
            abort(404, 'There is no such address.');
        }

        return $next($request);
    }

    /** @param  array<array-key, mixed>  $values */
    private static function check(array $values, string $path, int $depth): void
    {
        $depth < self::DEEPEST || throw Refused::because($path === '' ? 'document' : $path, 'too-deep');
        foreach ($values as $name => $value) {
            $field = $path === '' ? (string) $name : "$path.$name";
            if (is_string($name) && ! mb_check_encoding($name, 'UTF-8') || is_string($value) && ! mb_check_encoding($value, 'UTF-8')) {
                throw Refused::because(mb_check_encoding($field, 'UTF-8') ? $field : 'document', 'not-utf8');
            }
            if (is_float($value) && ! is_finite($value)) {
                throw Refused::because($field, 'not-finite');
            }
            is_array($value) && self::check($value, $field, $depth + 1);
        }
    }
}
