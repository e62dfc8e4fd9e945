<?php

declare(strict_types=1);

use App\Console\Watch;

/** @return array<string, int> what php-fpm says of itself */
function workers(int $idle, int $waiting, int $taken): array
{
    return ['idle processes' => $idle, 'listen queue' => $waiting, 'accepted conn' => $taken];
}

it('starts anew what was silent four times in a row, and nothing else', function (): void {
    $watch = new Watch();
    foreach ([1, 2, 3] as $i) {
        expect($watch->dead(true, workers(2, 0, $i), false))->toBe([]);
    }
    expect($watch->dead(true, workers(2, 0, 4), true))->toBe([]);
    foreach ([1, 2, 3] as $i) {
        expect($watch->dead(true, null, false))->toBe([]);
    }
    expect($watch->dead(true, null, false))
        ->toBe(['php-fpm', 'pool'])
        ->and($watch->dead(true, null, false))
        ->toBe([]);
});

it('blames nothing on what is behind a web server that is silent', function (): void {
    $watch = new Watch();
    foreach ([1, 2, 3] as $i) {
        expect($watch->dead(false, null, true))->toBe([]);
    }
    expect($watch->dead(false, null, true))->toBe(['nginx']);
});

it('leaves alone what is busy for however long', function (): void {
    $watch = new Watch();
    foreach (range(1, 60) as $taken) {
        expect($watch->dead(true, workers(0, 150, $taken), true))->toBe([]);
    }
});

it('starts anew what lets people wait and takes nobody in', function (): void {
    $watch = new Watch();
    // The first look knows nothing of before.
    foreach (range(0, Watch::STILL - 1) as $i) {
        expect($watch->dead(true, workers(0, 3, 70), true))->toBe([]);
    }
    expect($watch->dead(true, workers(0, 3, 70), true))->toBe(['php-fpm']);
    // Nobody waits: nothing is wrong.
    foreach (range(1, 20) as $i) {
        expect($watch->dead(true, workers(0, 0, 70), true))->toBe([]);
    }
});
