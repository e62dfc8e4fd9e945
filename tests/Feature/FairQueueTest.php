<?php

declare(strict_types=1);

use App\Playing\FairQueue;

use function Amp\async;

it('gives everybody their turn, and nobody the last', function (): void {
    $queue = new FairQueue();
    foreach (['nobody', 'many', 'many', 'many', 'one', '7'] as $i => $person) {
        $queue->add($person, $i);
    }
    $taken = array_map(fn (): array => $queue->take(), range(1, 6));
    expect(array_column($taken, 0))
        ->toBe(['many', 'one', '7', 'many', 'many', 'nobody'])
        ->and(array_column($taken, 1))
        ->toBe([1, 4, 5, 2, 3, 0]);
});

it('lets one person have so many out at a time, and waits for the next', function (): void {
    $queue = new FairQueue(1);
    $queue->add('a', 1);
    $queue->add('a', 2);
    expect($queue->take())->toBe(['a', 1]);
    $next = async(fn (): array => $queue->take());
    Amp\delay(0);
    expect($next->isComplete())->toBeFalse();
    $queue->add('b', 3);
    expect($next->await())->toBe(['b', 3]);
    $last = async(fn (): array => $queue->take());
    Amp\delay(0);
    expect($last->isComplete())->toBeFalse();
    $queue->done('a');
    expect($last->await())->toBe(['a', 2]);
});
