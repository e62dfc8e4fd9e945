<?php

declare(strict_types=1);

return [
    // No token lives longer than a year, whatever was said when it was made; minutes.
    'expiration' => 366 * 24 * 60,
];
