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
