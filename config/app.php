<?php

declare(strict_types=1);

return [
    'name' => 'Rush Hold',
    'env' => env('APP_ENV', 'production'),
    'debug' => (bool) env('APP_DEBUG', false),
    'url' => env('APP_URL', 'http://127.0.0.1:8080'),
    // Names under which the application is reached, besides that of its address and those of this machine.
    'hosts' => array_values(array_filter(array_map('trim', explode(',', (string) env('TRUSTED_HOSTS', ''))))),
    // Addresses of the balancers in front, whose word on the visitor's address and on https is taken; * for any.
    'proxies' => env('TRUSTED_PROXIES'),
    'timezone' => 'UTC',
    'locale' => 'en',
    'fallback_locale' => 'en',
    'cipher' => 'AES-256-CBC',
    'key' => env('APP_KEY'),
];
