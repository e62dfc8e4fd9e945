<?php

declare(strict_types=1);

use Tests\Running\Visitor;

/** What the watch within the server is told. */
function within(string $path): string
{
    $socket = stream_socket_client('unix://'.getenv('INSIDE_SOCKET'), $code, $message, 4);
    assert($socket !== false);
    fwrite($socket, "GET $path HTTP/1.0\r\nHost: inside\r\n\r\n");

    return (string) stream_get_contents($socket);
}

function server(string $does, string $program): void
{
    exec(
        sprintf('supervisorctl -c %s %s %s', escapeshellarg(getenv('RUN_DIR').'/supervisor.conf'), $does, $program),
        $said,
        $code,
    );
    assert($code === 0, implode(' ', $said));
}

it('lets nobody into the database without the password, from any address', function (string $user): void {
    expect(
        fn () => new PDO('mysql:host=127.0.0.1;port='.getenv('DB_PORT'), $user, '', [PDO::ATTR_TIMEOUT => 3]),
    )->toThrow(PDOException::class, 'Access denied');
})->with(['root', '', 'rush_hold']);

it('says in words that nobody can be served just now, to people and to programs', function (): void {
    server('stop', 'php-fpm');
    try {
        $visitor = new Visitor();
        $api = $visitor->get('/api/words');
        $page = $visitor->get('/rushes');
        expect($api->status)
            ->toBe(503)
            ->and(json_decode($api->body, true)['message'])
            ->toContain('nothing you entered is lost')
            ->and($page->status)
            ->toBe(503)
            ->and($page->body)
            ->toContain('tries again by itself');
        // To a browser it is a page, not its source.
        foreach (['/api/words' => 'application/json', '/rushes' => 'text/html'] as $path => $type) {
            $curl = curl_init(getenv('TEST_BASE_URL').$path);
            curl_setopt($curl, CURLOPT_RETURNTRANSFER, true);
            curl_exec($curl);
            expect((string) curl_getinfo($curl, CURLINFO_CONTENT_TYPE))->toStartWith($type);
        }
    } finally {
        server('start', 'php-fpm');
    }
    $answers = 0;
    for ($i = 0; $i < 100 && $answers !== 200; $i++) {
        $answers = (new Visitor())->get('/up')->status;
        usleep(100_000);
    }
    expect($answers)->toBe(200);
});

it('says that it is not ready while its database stands still, and is again when it goes on', function (): void {
    $database = (int) file_get_contents(getenv('RUN_DIR').'/mariadb.pid');
    posix_kill($database, SIGSTOP);
    try {
        expect((new Visitor())->get('/up')->status)
            ->toBe(503)
            // Busy is not dead: nothing is started anew for that.
            ->and(within('/alive'))
            ->toContain('204');
    } finally {
        posix_kill($database, SIGCONT);
    }
    expect((new Visitor())->get('/up')->status)->toBe(200);
});

it('tells within how many are waiting, and nothing of that outside', function (): void {
    expect(within('/status?json'))
        ->toContain('"listen queue"')
        ->and((new Visitor())->get('/status?json')->body)
        ->not->toContain('listen queue');
});

it('tells its figures within, and to nobody outside', function (): void {
    $figures = within('/metrics');
    expect($figures)
        ->toContain(
            'rush_hold_database_up 1',
            'rush_hold_pool_up 1',
            'rush_hold_queue_jobs{queue="pictures"}',
            'rush_hold_pool_asked_total',
        )
        ->and((new Visitor())->get('/metrics')->status)
        ->toBe(404);
});

it('logs each request by its number, and no address that opens something', function (): void {
    $visitor = new Visitor();
    $visitor->get('/api/copies/'.str_repeat('S', 40).'?secret=Q');
    $headers = (array) get_headers(getenv('TEST_BASE_URL').'/api/words', true);
    $number = $headers['X-Request-Id'] ?? '';
    expect($number)->toMatch('/^[0-9a-f]{32}$/');
    $log = getenv('HOME_DIR').'/logs/access.log';
    // Each worker of the server writes when its own buffer is full or five seconds old.
    $written = static fn (string $what): bool => str_contains((string) file_get_contents($log), $what);
    for ($i = 0; $i < 80 && ! ($written($number) && $written('/api/copies/…')); $i++) {
        usleep(100_000);
    }
    expect((string) file_get_contents($log))
        ->toContain($number, '/api/copies/…')
        ->not->toContain('SSSS')
        ->not->toContain('secret=Q');
});

it('begins long logs anew, and keeps five packed', function (): void {
    $folder = sys_get_temp_dir().'/rush-hold-logs-'.bin2hex(random_bytes(4));
    mkdir($folder);
    foreach (range(1, 7) as $i) {
        file_put_contents("$folder/a.log", str_repeat("line $i\n", 100), FILE_APPEND);
        exec('LOG_MOST_BYTES=500 php '.escapeshellarg(base_path('ops/rotate.php')).' '.escapeshellarg($folder));
    }
    file_put_contents("$folder/short.log", 'short');
    exec('LOG_MOST_BYTES=500 php '.escapeshellarg(base_path('ops/rotate.php')).' '.escapeshellarg($folder));
    expect(filesize("$folder/a.log"))
        ->toBe(0)
        ->and(glob("$folder/a.log.*.gz"))
        ->toHaveCount(5)
        ->and(gzdecode((string) file_get_contents("$folder/a.log.1.gz")))
        ->toContain('line 7')
        ->and(file_get_contents("$folder/short.log"))
        ->toBe('short');
    exec('rm -rf '.escapeshellarg($folder));
});
