<?php

declare(strict_types=1);

return [
    // Where the pool of playing processes is spoken to; without one, questions are played where they come in.
    'socket' => env('PLAYING_SOCKET'),
];
