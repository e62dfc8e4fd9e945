<?php

declare(strict_types=1);

/**
 * Looks after servers that run but do not answer: what has not answered for several times in a row is started anew.
 * Those that died are started anew by supervisord itself.
 */
use App\Playing\ScgiRequest;

require __DIR__.'/../vendor/autoload.php';

const EVERY_S = 5;
const TIMES = 4;

$url = 'http://127.0.0.1:'.getenv('HTTP_PORT');
$context = stream_context_create(['http' => ['timeout' => 4]]);
$page = static fn (string $path): bool => @file_get_contents($url.$path, false, $context) !== false;
$checks = [
    'nginx' => static fn (): bool => $page('/icon.svg'),
    // Without the web server nothing is known of what is behind it.
    'php-fpm' => static fn (): bool => ! $page('/icon.svg') || $page('/up'),
    'pool' => static function (): bool {
        $socket = @stream_socket_client('unix://'.getenv('PLAYING_SOCKET'), $code, $message, 4);
        if ($socket === false) {
            return false;
        }
        stream_set_timeout($socket, 4);
        fwrite($socket, ScgiRequest::write(['DOCUMENT_URI' => '/state'], ''));

        return str_starts_with((string) stream_get_contents($socket), 'Status: 200');
    },
];
$failed = array_fill_keys(array_keys($checks), 0);
while (true) {
    sleep(EVERY_S);
    foreach ($checks as $server => $answers) {
        $failed[$server] = $answers() ? 0 : $failed[$server] + 1;
        if ($failed[$server] >= TIMES) {
            printf("%s %s has not answered for %d times, so it is started anew\n", date('c'), $server, TIMES);
            exec(sprintf('supervisorctl -c %s restart %s', escapeshellarg(getenv('RUN_DIR').'/supervisor.conf'), $server));
            $failed[$server] = 0;
        }
    }
}
