<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Pictures\Store;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\DB;
use Throwable;

/**
 * Whether this server can do its work now, for whoever sends requests on to it. That it is alive is another question.
 */
final class ReadyController
{
    private const PATIENCE_S = 2;

    public function __invoke(): JsonResponse
    {
        // A database that stands still takes calls and never answers them.
        ini_set('mysqlnd.net_read_timeout', (string) self::PATIENCE_S);
        $socket = config('playing.socket');
        $checks = [
            'database' => static fn (): bool => DB::connectUsing(
                'ready',
                [
                    ...(array) config('database.connections.'.DB::getDefaultConnection()),
                    'options' => [\PDO::ATTR_TIMEOUT => self::PATIENCE_S],
                ],
                force: true,
            )->select('select 1') !== [],
            'pool' => static fn (): bool => ! is_string($socket) ||
                $socket === '' ||
                @stream_socket_client("unix://$socket", $code, $message, self::PATIENCE_S) !== false,
            'files' => static function (): bool {
                // A store that is away says so instead of saying no.
                Store::disk()->exists('ready');

                return is_writable(storage_path('app'));
            },
        ];
        $ready = [];
        foreach ($checks as $what => $check) {
            try {
                $ready[$what] = $check();
            } catch (Throwable) {
                $ready[$what] = false;
            }
        }
        $all = ! in_array(false, $ready, true);

        return response()->json(
            ['ready' => $all, ...$ready],
            $all ? 200 : 503,
            $all ? [] : ['Retry-After' => self::PATIENCE_S],
        );
    }
}
