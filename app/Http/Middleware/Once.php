<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Keeping\KeptOnce;
use Closure;
use Illuminate\Contracts\Cache\LockTimeoutException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Crypt;
use RushHold\Words\Words;
use Symfony\Component\HttpFoundation\Response;

/**
 * What is sent with a key is done once: whoever sends the same again, since a button was pressed twice or an answer was
 * lost on its way, gets the answer of the first time.
 */
final class Once
{
    public const HEADER = 'Idempotency-Key';

    /** Told of an answer that is not the first. */
    public const AGAIN = 'Idempotency-Replayed';

    private const PREFIX = 'once.';

    private const LONGEST_KEY = 80;

    private const LARGEST_ANSWER = 200_000;

    /** As long as a request may take. */
    private const PATIENCE_S = 30;

    public function handle(Request $request, Closure $next): Response
    {
        $key = (string) $request->header(self::HEADER);
        $person = $request->user()?->getAuthIdentifier();
        if ($key === '' || $person === null || ! $request->isMethod('POST')) {
            return $next($request);
        }
        abort_if(
            strlen($key) > self::LONGEST_KEY,
            422,
            Words::text('http.once.too-long', ['header' => self::HEADER, 'most' => self::LONGEST_KEY]),
        );
        $name = self::PREFIX.hash('sha256', "$person {$request->path()} $key");
        $asked = hash('sha256', $request->getContent());
        try {
            return Cache::lock("$name.lock", self::PATIENCE_S)->block(self::PATIENCE_S, static function () use (
                $name,
                $asked,
                $request,
                $next,
            ): Response {
                $kept = Cache::get($name);
                if (is_array($kept)) {
                    abort_if($kept['asked'] !== $asked, 422, Words::text('http.once.used'));

                    return JsonResponse::fromJsonString(Crypt::decryptString($kept['body']), $kept['status'], [
                        self::AGAIN => 'true',
                    ]);
                }
                app(KeptOnce::class)->begin(substr($name, strlen(self::PREFIX)));
                $response = $next($request);
                $body = $response->getContent();
                // Some answers carry what is told only once: a token, an address that opens something.
                if (
                    $response instanceof JsonResponse &&
                    $response->isSuccessful() &&
                    is_string($body) &&
                    strlen($body) <= self::LARGEST_ANSWER
                ) {
                    Cache::put(
                        $name,
                        [
                            'asked' => $asked,
                            'status' => $response->getStatusCode(),
                            'body' => Crypt::encryptString($body),
                        ],
                        KeptOnce::KEPT_S,
                    );
                }

                return $response;
            });
        } catch (LockTimeoutException) {
            abort(409, Words::text('http.once.still'));
        }
    }
}
