<?php

declare(strict_types=1);

namespace App\Playing;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use RushHold\Focus\OneProcess;
use RushHold\Words\Words;
use Symfony\Component\HttpFoundation\Response;

/**
 * Hands a question to the pool and sends the browser on to its answer, so that this process is free again while it is
 * played. Where there is no pool, it is played here.
 */
final readonly class Questions
{
    private const PATIENCE_S = 3;

    /** @param  string|null  $socket  where the pool is spoken to; null when there is none */
    public function __construct(private ?string $socket, private SharedAnswers $shared = new SharedAnswers(null))
    {
    }

    public function ask(Request $request, Question $question): Response
    {
        if ($this->socket === null) {
            $json = $question->answer(new OneProcess(), static fn (string $early): null => null);

            return self::wantsStream($request)
                ? response("{\"status\":200,\"answer\":$json}\n", 200, ['Content-Type' => Counter::STREAM])
                : JsonResponse::fromJsonString($json);
        }
        $asked = new QueuedQuestion(
            $question,
            (string) $request->user()?->getAuthIdentifier(),
            $request->string('window')->toString(),
            $request->integer('turn'),
        );
        [$status, $answer] = $this->handIn($this->socket, $asked->knowing($this->shared->get($asked->key)));
        if ($status !== 200 || ! is_string($answer['ticket'] ?? null)) {
            return response()->json(
                [
                    'message' => $answer['message'] ?? Words::text('playing.questions.the-simulation-is-restarting-try'),
                ],
                $status,
                in_array($status, [429, 503], true) ? ['Retry-After' => 2] : [],
            );
        }

        return response('', 200, ['X-Accel-Redirect' => "/answers/{$answer['ticket']}"]);
    }

    private static function wantsStream(Request $request): bool
    {
        return str_contains((string) $request->header('Accept'), Counter::STREAM);
    }

    /** @return array{int, array<array-key, mixed>} status and what was said */
    private function handIn(string $socket, QueuedQuestion $asked): array
    {
        $stream = @stream_socket_client("unix://$socket", $code, $message, self::PATIENCE_S);
        if ($stream === false) {
            return [503, []];
        }
        stream_set_timeout($stream, self::PATIENCE_S);
        fwrite(
            $stream,
            ScgiRequest::write(['REQUEST_METHOD' => 'POST', 'DOCUMENT_URI' => '/questions'], serialize($asked)),
        );
        $said = (string) stream_get_contents($stream);
        fclose($stream);
        $body = json_decode((string) substr((string) strstr($said, "\r\n\r\n"), 4), true);

        return preg_match('/^Status: (\d{3})/', $said, $status) === 1 && is_array($body)
            ? [(int) $status[1], $body]
            : [503, []];
    }
}
