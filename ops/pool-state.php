<?php

declare(strict_types=1);

use App\Playing\ScgiRequest;

/** Prints what the pool says of itself; with `warm` it only tells by its exit code whether it is. */
require __DIR__.'/../vendor/autoload.php';

$socket = @stream_socket_client('unix://'.getenv('PLAYING_SOCKET'), $code, $message, 2);
if ($socket === false) {
    exit(1);
}
stream_set_timeout($socket, 2);
fwrite($socket, ScgiRequest::write(['DOCUMENT_URI' => '/state'], ''));
$json = substr((string) strstr((string) stream_get_contents($socket), "\r\n\r\n"), 4);
if (($argv[1] ?? '') === 'warm') {
    exit((json_decode($json, true)['warm'] ?? false) === true ? 0 : 1);
}
echo $json, "\n";
