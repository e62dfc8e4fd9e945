<?php

declare(strict_types=1);

use App\Playing\ScgiRequest;

/**
 * Looks after servers that run but do not move any more, and starts them anew. Busy is not dead: what still takes requests
 * in, however many wait, is left alone. Those that died are started anew by supervisord itself.
 */
require __DIR__.'/../vendor/autoload.php';

const EVERY_S = 5;

/** So many times in a row nothing was heard: then it is started anew. */
const SILENT = 4;

/** So many times in a row requests waited and none was taken in. It is longer than any one request may take. */
const STILL = 16;

/** @return string|null what the web server answers from within, null for nothing */
$inside = static function (string $path): ?string {
    $socket = @stream_socket_client('unix://'.getenv('INSIDE_SOCKET'), $code, $message, 4);
    if ($socket === false) {
        return null;
    }
    stream_set_timeout($socket, 6);
    fwrite($socket, "GET $path HTTP/1.0\r\nHost: inside\r\n\r\n");
    $said = (string) stream_get_contents($socket);

    return preg_match('~^HTTP/1\.\d 20\d~', $said) === 1 ? (string) substr((string) strstr($said, "\r\n\r\n"), 4) : null;
};
$pool = static function (): bool {
    $socket = @stream_socket_client('unix://'.getenv('PLAYING_SOCKET'), $code, $message, 4);
    if ($socket === false) {
        return false;
    }
    stream_set_timeout($socket, 4);
    fwrite($socket, ScgiRequest::write(['DOCUMENT_URI' => '/state'], ''));

    return str_starts_with((string) stream_get_contents($socket), 'Status: 200');
};

$silent = ['nginx' => 0, 'php-fpm' => 0, 'pool' => 0];
$still = 0;
$taken = null;
while (true) {
    sleep(EVERY_S);
    $web = $inside('/alive') !== null;
    // Without the web server nothing is known of what is behind it.
    $status = $web ? json_decode((string) $inside('/status?json'), true) : null;
    $silent = [
        'nginx' => $web ? 0 : $silent['nginx'] + 1,
        'php-fpm' => ! $web || is_array($status) ? 0 : $silent['php-fpm'] + 1,
        'pool' => $pool() ? 0 : $silent['pool'] + 1,
    ];
    $stuck = is_array($status) && ($status['idle processes'] ?? 0) === 0 && ($status['listen queue'] ?? 0) > 0 && $taken === ($status['accepted conn'] ?? null);
    $still = $stuck ? $still + 1 : 0;
    $taken = is_array($status) ? $status['accepted conn'] ?? null : null;
    $dead = array_keys(array_filter($silent, static fn (int $times): bool => $times >= SILENT));
    if ($still >= STILL) {
        $dead[] = 'php-fpm';
        $still = 0;
    }
    foreach (array_unique($dead) as $server) {
        printf("%s %s does not move any more, so it is started anew\n", date('c'), $server);
        exec(sprintf('supervisorctl -c %s restart %s', escapeshellarg(getenv('RUN_DIR').'/supervisor.conf'), $server));
        $silent[$server] = 0;
    }
}
