<?php

declare(strict_types=1);

return [
    // Over https cookies are for https only; over http, on one's own machine, there is no other way.
    'secure' => env('SESSION_SECURE_COOKIE', str_starts_with((string) env('APP_URL', ''), 'https://') ? true : null),
];
