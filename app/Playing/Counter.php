<?php

declare(strict_types=1);

namespace App\Playing;

use Amp\Cancellation;
use Amp\CancelledException;
use Amp\DeferredCancellation;
use Amp\Socket\ResourceServerSocket;
use Amp\Socket\Socket;
use Closure;
use Revolt\EventLoop;
use RushHold\Words\Words;
use Throwable;

use function Amp\async;

/**
 * Where the pool is spoken to, over a local socket: the application hands in questions (`POST /questions`), the web
 * server fetches the answers for the browser (`GET /answers/…`) as they are, or with the way there: a line of JSON
 * for each step, and the answer in the last.
 */
final readonly class Counter
{
    public const STREAM = 'application/x-ndjson';

    /** A ticket that nobody comes with by then is void, s. */
    private const COLLECTED_WITHIN_S = 10.0;

    /** @param  Closure(Throwable): void  $report */
    public function __construct(private Pool $pool, private ResourceServerSocket $server, private Closure $report)
    {
    }

    /** Until the socket is closed. */
    public function serve(): void
    {
        while (($socket = $this->server->accept()) !== null) {
            EventLoop::queue(function () use ($socket): void {
                try {
                    $this->attend($socket);
                } catch (Throwable $failure) {
                    ($this->report)($failure);
                } finally {
                    $socket->close();
                }
            });
        }
    }

    private function attend(Socket $socket): void
    {
        try {
            $request = ScgiRequest::read($socket);
        } catch (Throwable) {
            // Somebody looked in and left, or speaks another language.
            return;
        }
        $path = $request->headers['DOCUMENT_URI'] ?? '';
        if ($path === '/questions') {
            $asked = unserialize($request->body);
            if (! ($asked instanceof QueuedQuestion)) {
                self::say($socket, 400, ['message' => Words::text('playing.counter.this-is-no-question')]);

                return;
            }
            try {
                $ticket = $this->pool->ask($asked);
                EventLoop::unreference(
                    EventLoop::delay(self::COLLECTED_WITHIN_S, static function () use ($ticket): void {
                        $ticket->followed || $ticket->giveBack();
                    }),
                );
                self::say($socket, 200, ['ticket' => $ticket->name]);
            } catch (TurnedAway $away) {
                self::say($socket, $away->status, ['message' => $away->getMessage()]);
            }
        } elseif ($path === '/state') {
            self::say($socket, 200, $this->pool->state());
        } else {
            $this->follow(
                $socket,
                $this->pool->ticket(basename($path)),
                str_contains($request->headers['HTTP_ACCEPT'] ?? '', self::STREAM),
            );
        }
    }

    private function follow(Socket $socket, ?Ticket $ticket, bool $stream): void
    {
        if ($ticket === null) {
            self::say($socket, 404, ['message' => Words::text('playing.counter.there-is-no-such-question')]);

            return;
        }
        $ticket->followed = true;
        $gone = new DeferredCancellation();
        async(static function () use ($socket, $gone): void {
            // Nothing more is said from there; the end of it means that nobody listens any more.
            while ($socket->read() !== null) {
            }
            $gone->cancel();
        })->ignore();
        try {
            $this->tell($socket, $ticket, $stream, $gone->getCancellation());
        } catch (CancelledException) {
            // Gone.
        } finally {
            $ticket->giveBack();
        }
    }

    private function tell(Socket $socket, Ticket $ticket, bool $stream, Cancellation $gone): void
    {
        $work = $ticket->work;
        if ($stream) {
            $socket->write(self::head(200, self::STREAM));
        }
        $told = -1.0;
        $early = false;
        while ($work->answer === null && ! $ticket->overtaken) {
            if ($stream && $work->done > $told) {
                $told = $work->done;
                $socket->write(json_encode(['done' => round($told, 3)], JSON_THROW_ON_ERROR)."\n");
            }
            if ($stream && ! $early && $work->early !== null) {
                $early = true;
                $socket->write("{\"early\":$work->early}\n");
            }
            $work->next()->await($gone);
        }
        [$status, $json] = $work->answer ?? [
            409,
            (string) json_encode(['message' => $work->asked->said('playing.pool.a-newer-question-came-in')]),
        ];
        $socket->write(
            $stream
                ? "{\"status\":$status,\"answer\":$json}\n"
                : self::head($status, 'application/json', strlen($json)).$json,
        );
    }

    /** @param  array<string, mixed>  $body */
    private static function say(Socket $socket, int $status, array $body): void
    {
        $json = json_encode($body, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
        $socket->write(self::head($status, 'application/json', strlen($json)).$json);
    }

    private static function head(int $status, string $type, ?int $length = null): string
    {
        return "Status: $status\r\nContent-Type: $type\r\nX-Content-Type-Options: nosniff\r\nCache-Control: no-store\r\n".
            (in_array($status, [429, 503], true) ? "Retry-After: 2\r\n" : '').
            ($length === null ? '' : "Content-Length: $length\r\n").
            "\r\n";
    }
}
