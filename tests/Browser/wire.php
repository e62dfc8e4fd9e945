<?php

declare(strict_types=1);

/*
 * A wire between a browser and a server that can be cut: wire.php LISTEN-PORT SERVER-PORT ORDERS
 *
 * ORDERS is a file with one word: open; cut, nothing comes through; or deaf, what is logged gets through to the server
 * and its answer does not come back.
 */

[, $port, $server, $orders] = $argv;
$listening = stream_socket_server("tcp://127.0.0.1:$port") ?: exit(1);
/**
 * @var array<int, array{resource, resource, bool}> $pairs both ends by the number of each, and whether the answer is
 *   dropped
 */
$pairs = [];
$drop = static function (int $id) use (&$pairs): void {
    if (isset($pairs[$id])) {
        [$here, $there] = $pairs[$id];
        unset($pairs[(int) $here], $pairs[(int) $there]);
        @fclose($here);
        @fclose($there);
    }
};
while (true) {
    $ready = [
        $listening,
        ...array_map(
            static fn (int $id) => (int) $pairs[$id][0] === $id ? $pairs[$id][0] : $pairs[$id][1],
            array_keys($pairs),
        ),
    ];
    $none = null;
    if (@stream_select($ready, $none, $none, 0, 100_000) === false) {
        break;
    }
    $order = trim((string) @file_get_contents($orders));
    if ($order === 'cut') {
        array_map($drop, array_keys($pairs));
    }
    foreach ($ready as $socket) {
        if ($socket === $listening) {
            $here = @stream_socket_accept($listening, 0);
            $there = $here === false || $order === 'cut' ? false : @stream_socket_client("tcp://127.0.0.1:$server");
            if ($here !== false && $there === false) {
                fclose($here);
            } elseif ($here !== false && $there !== false) {
                $pairs[(int) $here] = $pairs[(int) $there] = [$here, $there, false];
            }

            continue;
        }
        $id = (int) $socket;
        if (! isset($pairs[$id])) {
            continue;
        }
        [$here, $there, $deaf] = $pairs[$id];
        $bytes = @fread($socket, 65536);
        if ($bytes === '' || $bytes === false || ($deaf && $socket === $there)) {
            $drop($id);

            continue;
        }
        if ($order === 'deaf' && $socket === $here && str_starts_with($bytes, 'POST /api/bursts')) {
            $pairs[(int) $here][2] = $pairs[(int) $there][2] = true;
        }
        @fwrite($socket === $here ? $there : $here, $bytes);
    }
}
