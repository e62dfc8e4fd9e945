<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use RushHold\Refused;
use RushHold\Words\Words;
use Symfony\Component\HttpFoundation\Response;

/**
 * What comes in is text in UTF-8 and numbers that are finite, nested not too deeply: everything behind this may rely
 * on it. JSON can spell numbers that no computer holds (1e999), and addresses can carry bytes that are no text.
 */
final class CleanInput
{
    private const DEEPEST = 32;

    private const LARGEST_BODY = 1_500_000;

    /** Control characters but for line ends and tabs, and what embeds, overrides or isolates a direction of writing. */
    private const UNSEEN = '/[\x{0}-\x{8}\x{B}\x{C}\x{E}-\x{1F}\x{7F}-\x{9F}\x{202A}-\x{202E}\x{2066}-\x{2069}]/u';

    public function handle(Request $request, Closure $next): Response
    {
        if (! $request->is('api/*')) {
            return $next($request);
        }
        if ($request->isJson()) {
            // Files come as forms and have bounds of their own.
            abort_if(
                strlen($request->getContent()) > self::LARGEST_BODY,
                413,
                Words::text('http.clean-input.this-is-larger-than-the'),
            );
            $body = $request->json()->all();
            json_last_error() === JSON_ERROR_NONE ||
                $request->getContent() === '' ||
                abort(400, Words::text('http.clean-input.this-is-not-json', ['value' => json_last_error_msg()]));
            self::check($body, '', 0);
            $clean = self::cleaned($body);
            $clean === $body || $request->json()->replace($clean);
        }
        self::check($request->query->all(), '', 0);
        if (! mb_check_encoding(rawurldecode($request->getPathInfo()), 'UTF-8')) {
            abort(404, Words::text('http.clean-input.there-is-no-such-address'));
        }

        return $next($request);
    }

    /**
     * Without what nobody types and nobody sees: bytes that steer a terminal, marks that turn text around. A name is
     * one line.
     *
     * @param  array<array-key, mixed>  $values
     * @return array<array-key, mixed>
     */
    private static function cleaned(array $values): array
    {
        foreach ($values as $name => $value) {
            if (is_array($value)) {
                $values[$name] = self::cleaned($value);
            } elseif (is_string($value) && preg_match(self::UNSEEN, $value) === 1) {
                $values[$name] = (string) preg_replace(self::UNSEEN, '', $value);
            }
            if ($name === 'name' && is_string($value) && preg_match('/[\r\n\t]/', $value) === 1) {
                $values[$name] = trim((string) preg_replace('/\s+/u', ' ', (string) $values[$name]));
            }
        }

        return $values;
    }

    /** @param  array<array-key, mixed>  $values */
    private static function check(array $values, string $path, int $depth): void
    {
        $depth < self::DEEPEST || throw Refused::because($path === '' ? 'document' : $path, 'too-deep');
        foreach ($values as $name => $value) {
            $field = $path === '' ? (string) $name : "$path.$name";
            if (
                (is_string($name) && ! mb_check_encoding($name, 'UTF-8')) ||
                (is_string($value) && ! mb_check_encoding($value, 'UTF-8'))
            ) {
                throw Refused::because(mb_check_encoding($field, 'UTF-8') ? $field : 'document', 'not-utf8');
            }
            if (is_float($value) && ! is_finite($value)) {
                throw Refused::because($field, 'not-finite');
            }
            is_array($value) && self::check($value, $field, $depth + 1);
        }
    }
}
