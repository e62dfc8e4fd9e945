<?php

declare(strict_types=1);

return [
    'password' => [
        'uncompromised' => 'That is among the first passwords that are guessed. Take something longer, or less common.',
    ],
];
