<?php

declare(strict_types=1);

$hosts = static fn (string $name): array => array_map(
    'trim',
    explode(',', (string) env($name, env('DB_HOST', '127.0.0.1'))),
);

return [
    'default' => 'mariadb',

    'connections' => [
        'mariadb' => [
            'driver' => 'mariadb',
            // Several hosts separated by commas: replicas to read from, primaries to write to.
            'read' => ['host' => $hosts('DB_READ_HOSTS')],
            'write' => ['host' => $hosts('DB_WRITE_HOSTS')],
            'sticky' => true,
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

    'migrations' => ['table' => 'migrations', 'update_date_on_publish' => false],
];
