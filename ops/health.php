<?php

declare(strict_types=1);

use App\Console\Watch;
use App\Playing\ScgiRequest;

/** Starts servers anew that run but do not move any more. Those that died are started anew by supervisord itself. */
require __DIR__.'/../vendor/autoload.php';

/** @return string|null what the web server answers from within, null for nothing */
$inside = static function (string $path): ?string {
    $socket = @stream_socket_client('unix://'.getenv('INSIDE_SOCKET'), $code, $message, 4);
    if ($socket === false) {
        return null;
    }
    stream_set_timeout($socket, 6);
    fwrite($socket, "GET $path HTTP/1.0\r\nHost: inside\r\n\r\n");
    $said = (string) stream_get_contents($socket);

    return preg_match('~^HTTP/1\.\d 20\d~', $said) === 1
        ? (string) substr((string) strstr($said, "\r\n\r\n"), 4)
        : null;
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

$watch = new Watch();
while (true) {
    sleep(Watch::EVERY_S);
    $web = $inside('/alive') !== null;
    $status = $web ? json_decode((string) $inside('/status?json'), true) : null;
    foreach ($watch->dead($web, is_array($status) ? $status : null, $pool()) as $server) {
        printf("%s %s does not move any more, so it is started anew\n", date('c'), $server);
        exec(
            sprintf('supervisorctl -c %s restart %s', escapeshellarg(getenv('RUN_DIR').'/supervisor.conf'), $server),
        );
    }
}
