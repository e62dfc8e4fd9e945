<?php

declare(strict_types=1);

$hosts = static fn (string $name): array => array_map('trim', explode(',', (string) env($name, env('DB_HOST', '127.0.0.1'))));

return [
    'default' => 'mariadb',

    'connections' => [
        'mariadb' => [
            'driver' => 'mariadb',
            // Several hosts separated by commas: replicas to read from, primaries to write to. Without them one
            // connection
            // does for both.
            ...(env('DB_READ_HOSTS') === null && env('DB_WRITE_HOSTS') === null
                ? ['host' => env('DB_HOST', '127.0.0.1')]
                : ['read' => ['host' => $hosts('DB_READ_HOSTS')], 'write' => ['host' => $hosts('DB_WRITE_HOSTS')], 'sticky' => true]),
            // A process of the server keeps its connection; what was left open on it is rolled back at the end of a
            // request.
            'options' => [PDO::ATTR_PERSISTENT => PHP_SAPI === 'fpm-fcgi' && (bool) env('DB_PERSISTENT', true)],
            'port' => env('DB_PORT', '3316'),
            'database' => env('DB_DATABASE', 'rush_hold'),
            'username' => env('DB_USERNAME', 'rush_hold'),
            'password' => env('DB_PASSWORD', ''),
            'charset' => 'utf8mb4',
            'collation' => 'utf8mb4_uca1400_ai_ci',
            'prefix' => '',
            'strict' => true,
            'engine' => 'InnoDB',
            'timezone' => '+00:00',
        ],
    ],

    // For several servers: what all of them share that may be forgotten (docs/deploy.md). One server needs none.
    'redis' => [
        'client' => env('REDIS_CLIENT', 'predis'),
        'options' => ['prefix' => env('REDIS_PREFIX', 'rush-hold:')],
        'default' => $redis = [
            'url' => env('REDIS_URL'),
            'host' => env('REDIS_HOST', '127.0.0.1'),
            'port' => env('REDIS_PORT', '6379'),
            'username' => env('REDIS_USERNAME'),
            'password' => env('REDIS_PASSWORD'),
            'timeout' => 2.0,
            'read_write_timeout' => 10.0,
            'persistent' => PHP_SAPI === 'fpm-fcgi',
        ],
        'cache' => $redis,
    ],

    'migrations' => ['table' => 'migrations', 'update_date_on_publish' => false],
];
