<?php

declare(strict_types=1);

/** Kills each server of the instance at HOME_DIR in turn, while one person writes without a pause. See bin/chaos. */
$base = (string) getenv('APP_URL');
$run = getenv('HOME_DIR').'/run';
$start = (int) ($argv[1] ?? 0);

/** Ends it as failed: a sentence alone would end it as passed. */
$stop = static function (string $why): never {
    fwrite(STDERR, "$why\n");
    exit(1);
};

$cookies = [];
/** @return array{int, mixed} status, 0 when nothing answers, and what was said */
$ask = static function (string $method, string $path, ?array $body = null) use ($base, &$cookies): array {
    $curl = curl_init($base.$path);
    $headers = [
        'Accept: application/json',
        'Content-Type: application/json',
        'Expect:',
        'X-XSRF-TOKEN: '.rawurldecode($cookies['XSRF-TOKEN'] ?? ''),
        'Cookie: '.
        implode(
            '; ',
            array_map(static fn (string $name, string $value): string => "$name=$value", array_keys($cookies), $cookies),
        ),
    ];
    curl_setopt_array($curl, [
        CURLOPT_RETURNTRANSFER => true,
        CURLOPT_CUSTOMREQUEST => $method,
        CURLOPT_HTTPHEADER => $headers,
        CURLOPT_TIMEOUT => 10,
        CURLOPT_FORBID_REUSE => true,
        CURLOPT_HEADERFUNCTION => static function (CurlHandle $c, string $line) use (&$cookies): int {
            if (preg_match('/^Set-Cookie: ([^=]+)=([^;]*)/i', $line, $set) === 1) {
                $cookies[$set[1]] = $set[2];
            }

            return strlen($line);
        },
    ]);
    if ($body !== null) {
        curl_setopt($curl, CURLOPT_POSTFIELDS, json_encode($body));
    }
    $said = curl_exec($curl);

    return [$said === false ? 0 : (int) curl_getinfo($curl, CURLINFO_RESPONSE_CODE), json_decode((string) $said, true)];
};
/**
 * A process of a session, 0 for its first one. What leans on a server that was killed before may be on its way back, so
 * it is waited for: a signal for no process at all would reach everybody here.
 */
$process = static function (string $name, int $which) use ($run, $stop): int {
    $since = hrtime(true);
    while (hrtime(true) - $since < 60e9) {
        $leader = is_file("$run/$name.session")
            ? (int) strtok((string) @file_get_contents("$run/$name.session"), ' ')
            : 0;
        if ($leader > 1 && posix_kill($leader, 0)) {
            $members = array_map(intval(...), array_filter(explode("\n", (string) shell_exec("pgrep -s $leader"))));
            $found = [$leader, ...array_values(array_diff($members, [$leader]))][$which] ?? 0;
            if ($found > 1) {
                return $found;
            }
        }
        usleep(50_000);
    }
    $stop("$name was not there within a minute");
};

$ask('GET', '/api/session');
[$status] = $ask('POST', '/api/account', [
    'name' => 'Somebody who writes',
    'email' => 'writes@example.test',
    'password' => 'three dry stones',
]);
$status === 201 || $stop("could not open an account: $status");
$rush = json_decode((string) file_get_contents(__DIR__.'/../formats/examples/barriers.json'), true);

$promised = [];
$number = 0;
/** Keeps one more rush; whether the server said yes. */
$write = static function () use ($ask, $rush, &$promised, &$number): bool {
    $name = 'Write '.++$number;
    [$status, $said] = $ask('POST', '/api/rushes', ['document' => [...$rush, 'name' => $name]]);
    if ($status === 201) {
        $promised[$said['id']] = $name;
    }

    return $status === 201;
};
$plays = static fn (): bool => $ask('POST', '/api/compare', [
    'rush' => [...$rush, 'path' => [...$rush['path'], 'start_m' => 9 + $number++ / 1e4]],
    'holds' => [[], ['drive' => 'short']],
])[0] === 200;

$victims = [
    'a worker of php-fpm' => [static fn (): int => $process('php-fpm', 1), $write],
    'php-fpm' => [static fn (): int => $process('php-fpm', 0), $write],
    'a worker of nginx' => [static fn (): int => $process('nginx', 1), $write],
    'nginx' => [static fn (): int => $process('nginx', 0), $write],
    'MariaDB' => [static fn (): int => $process('mariadb', 0), $write],
    'the queue worker' => [static fn (): int => $process('queue', 0), $write],
    'a playing process' => [static fn (): int => $process('pool', 1), $plays],
    'the pool' => [static fn (): int => $process('pool', 0), $plays],
    'supervisord' => [static fn (): int => (int) file_get_contents("$run/supervisor.pid"), $write],
];
$worst = 0.0;
foreach ($victims as $name => [$find, $works]) {
    for ($i = 0; $i < 20; $i++) {
        $write();
    }
    $works() || $stop("before $name was killed it did not work");
    $pid = $find();
    posix_kill($pid, SIGKILL) || $stop("$name, process $pid, could not be killed");
    $killed = hrtime(true);
    $since = null;
    $failed = 0;
    // Back when it has worked for a second without a break.
    while ($since === null || hrtime(true) - $since < 1e9) {
        if ($works()) {
            $since ??= hrtime(true);
        } else {
            $since = null;
            $failed++;
            usleep(20_000);
        }
        hrtime(true) - $killed < 60e9 || $stop("$name did not come back within a minute");
    }
    $seconds = $failed === 0 ? 0.0 : ($since - $killed) / 1e9;
    $worst = max($worst, $seconds);
    printf("Killed %-20s back after %.1f s, %d tries refused meanwhile\n", $name.':', $seconds, $failed);
}

$kept = [];
$after = '';
do {
    [$status, $page] = $ask('GET', "/api/rushes?search=Write$after");
    $status === 200 || $stop("the list did not come: $status");
    $kept += array_column($page['items'], 'name', 'id');
    $after = "&after={$page['next']}";
} while ($page['next'] !== null);
$lost = array_diff_assoc($promised, $kept);
printf(
    "%d writes were answered with yes, %d of them are lost; the longest time to recover was %.1f s\n",
    count($promised),
    count($lost),
    $worst,
);
exit($lost === [] ? 0 : 1);
