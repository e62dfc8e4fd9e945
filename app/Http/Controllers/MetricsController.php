<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Playing\ScgiRequest;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Symfony\Component\HttpFoundation\Response;
use Throwable;

/**
 * Figures for whoever looks after the server, as text that Prometheus reads. Only the web server's own address within
 * asks for it (ops/nginx.conf); from outside there is no such place. docs/deploy.md says what each means.
 */
final class MetricsController
{
    private const PATIENCE_S = 2;

    public function __invoke(Request $request): Response
    {
        abort_unless($request->server('INSIDE') === '1', 404);
        $lines = [];
        foreach ([...self::queues(), ...self::pool(), ...self::files()] as [$name, $labels, $value]) {
            $labels = implode(
                ',',
                array_map(
                    static fn (string $label, string $of): string => "$label=\"$of\"",
                    array_keys($labels),
                    $labels,
                ),
            );
            $lines[] = "rush_hold_$name".($labels === '' ? '' : "{{$labels}}").' '.$value;
        }

        return response(implode("\n", $lines)."\n", 200, [
            'Content-Type' => 'text/plain; version=0.0.4; charset=utf-8',
            'Cache-Control' => 'no-store',
        ]);
    }

    /** @return list<array{string, array<string, string>, int|float}> */
    private static function queues(): array
    {
        try {
            $figures = [['database_up', [], 1]];
            foreach (['default', 'pictures'] as $queue) {
                $oldest = Queue::connection()->creationTimeOfOldestPendingJob($queue);
                $figures[] = ['queue_jobs', ['queue' => $queue], Queue::connection()->size($queue)];
                $figures[] = [
                    'queue_oldest_seconds',
                    ['queue' => $queue],
                    $oldest === null ? 0 : max(0, time() - $oldest),
                ];
            }

            return [...$figures, ['queue_failed_jobs', [], DB::table('failed_jobs')->count()]];
        } catch (Throwable) {
            return [['database_up', [], 0]];
        }
    }

    /** @return list<array{string, array<string, string>, int|float}> */
    private static function pool(): array
    {
        $socket = config('playing.socket');
        $stream =
            is_string($socket) && $socket !== ''
                ? @stream_socket_client("unix://$socket", $code, $message, self::PATIENCE_S)
                : false;
        if ($stream === false) {
            return [['pool_up', [], 0]];
        }
        stream_set_timeout($stream, self::PATIENCE_S);
        fwrite($stream, ScgiRequest::write(['DOCUMENT_URI' => '/state'], ''));
        $state = json_decode(
            (string) substr((string) strstr((string) stream_get_contents($stream), "\r\n\r\n"), 4),
            true,
        );
        $figures = [['pool_up', [], is_array($state) ? 1 : 0]];
        foreach (is_array($state) ? $state : [] as $name => $value) {
            is_numeric($value) || is_bool($value)
                ? ($figures[] = ["pool_$name", [], is_bool($value) ? (int) $value : +$value])
                : null;
        }

        return $figures;
    }

    /** @return list<array{string, array<string, string>, int|float}> */
    private static function files(): array
    {
        $free = @disk_free_space(storage_path());
        $backup = @filemtime(storage_path('last-backup'));

        return [
            ...$free === false ? [] : [['disk_free_bytes', [], $free]],
            // Without one there is no age to give.
            ...$backup === false ? [] : [['backup_age_seconds', [], time() - $backup]],
        ];
    }
}
