<?php

declare(strict_types=1);

arch('the core knows nobody')
    ->expect('RushHold')
    ->not->toUse(['Illuminate', 'App', 'Database', 'Laravel', 'Symfony', 'Carbon']);

arch('the core has no input, output, clock or chance of its own')
    ->expect('RushHold')
    ->not->toUse([
        'time',
        'microtime',
        'hrtime',
        'date',
        'rand',
        'random_int',
        'file_get_contents',
        'file_put_contents',
        'fopen',
        'curl_init',
        'getenv',
        'echo',
        'print',
        'PDO',
    ])
    // Messages and subjects are tables that come with it.
    ->ignoring(['RushHold\Tests', 'RushHold\Words\Catalogue']);

arch('the core is strict')->expect('RushHold')->toUseStrictTypes();

arch('nothing is left behind')
    ->expect(['dd', 'dump', 'var_dump', 'ray', 'print_r'])
    ->not->toBeUsed();

/*
 * The rooms of the core from the ground up: each may use those before it, none after it, so there are no circles. What
 * lies beside the rooms (numbers, ranges, refusals) may use no room at all.
 */
const ROOMS = [
    'Optics',
    'Light',
    'Motion',
    'Blur',
    'Kit',
    'Hold',
    'Rush',
    'Situation',
    'Focus',
    'Camera',
    'Planning',
    'Controls',
    'Outing',
    'Roll',
    'Review',
    'Record',
    'Causes',
    'Bench',
    'Drill',
    'Words',
    'Document',
    'Library',
    'Reading',
];

foreach (ROOMS as $i => $room) {
    $above = array_slice(ROOMS, $i + 1);
    if ($above !== []) {
        arch("$room knows nobody above it")
            ->expect("RushHold\\$room")
            ->not->toUse(array_map(static fn (string $r): string => "RushHold\\$r", $above));
    }
}

arch('the ground knows no room')
    ->expect([
        'RushHold\Number',
        'RushHold\Range',
        'RushHold\Refused',
        'RushHold\Changeable',
        'RushHold\Labelled',
        'RushHold\Units',
        'RushHold\Model',
    ])
    ->not->toUse(array_map(static fn (string $r): string => "RushHold\\$r", ROOMS));

it('has no room without a place in the order', function (): void {
    $rooms = array_map(basename(...), glob(dirname(__DIR__).'/src/*', GLOB_ONLYDIR) ?: []);
    expect(array_diff($rooms, ROOMS))->toBe([]);
});
