<?php

declare(strict_types=1);

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

/** What reaches out of the core or comes out differently each time. */
const NOT_ITS_OWN = [
    'time',
    'microtime',
    'hrtime',
    'date',
    'rand',
    'mt_rand',
    'random_int',
    'file_get_contents',
    'file_put_contents',
    'fopen',
    'curl_init',
    'getenv',
    'echo',
    'print',
    'PDO',
];

const LEFT_BEHIND = ['dd', 'dump', 'var_dump', 'ray', 'print_r'];

/**
 * The core as it is written, by its files: whose names are used, and which functions called.
 *
 * @return array<string, array{room: string, text: string, names: list<string>, calls: list<string>}>
 */
function core(): array
{
    static $files = null;
    if ($files !== null) {
        return $files;
    }
    $files = [];
    $root = dirname(__DIR__).'/src/';
    foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($root)) as $path) {
        if (! str_ends_with((string) $path, '.php')) {
            continue;
        }
        $text = (string) file_get_contents((string) $path);
        $names = $calls = [];
        $tokens = array_values(
            array_filter(PhpToken::tokenize($text), static fn (PhpToken $t): bool => ! $t->isIgnorable()),
        );
        foreach ($tokens as $i => $token) {
            $before = $tokens[$i - 1] ?? null;
            if ($token->is([T_NAME_QUALIFIED, T_NAME_FULLY_QUALIFIED]) && strrpos($token->text, '\\') > 0) {
                $names[] = ltrim($token->text, '\\');
            } elseif ($token->is([T_ECHO, T_PRINT, T_STRING])) {
                $isCalled =
                    ($tokens[$i + 1] ?? null)?->text === '(' &&
                    ! $before?->is([T_OBJECT_OPERATOR, T_NULLSAFE_OBJECT_OPERATOR, T_DOUBLE_COLON, T_FUNCTION]);
                ($isCalled || ! $token->is(T_STRING) || $token->text === 'PDO') && ($calls[] = $token->text);
            }
        }
        $name = substr((string) $path, strlen($root));
        $files[$name] = [
            'room' => str_contains($name, '/') ? (string) strtok($name, '/') : '',
            'text' => $text,
            'names' => array_values(array_unique($names)),
            'calls' => array_values(array_unique($calls)),
        ];
    }

    return $files;
}

it('knows nobody outside the core', function (): void {
    $others = [];
    foreach (core() as $file => ['text' => $text, 'names' => $names]) {
        preg_match_all('/^use (\w+)\\\\/m', $text, $used);
        foreach (
            [...$used[1], ...array_map(static fn (string $name): string => (string) strtok($name, '\\'), $names)] as $whose
        ) {
            // PHP's own engine of chance takes a seed; a name that begins with a folder beside is of that folder.
            if (
                ! in_array($whose, ['RushHold', 'Random'], true) &&
                ! is_dir(dirname(__DIR__).'/src/'.dirname($file)."/$whose")
            ) {
                $others[] = "$file uses $whose";
            }
        }
    }
    expect($others)->toBe([])->and(count(core()))->toBeGreaterThan(300);
});

it('has no input, output, clock or chance of its own, and leaves nothing behind', function (): void {
    $wrong = [];
    foreach (core() as $file => ['calls' => $calls]) {
        // Messages and subjects are tables that come with it.
        $not = $file === 'Words/Catalogue.php' ? LEFT_BEHIND : [...NOT_ITS_OWN, ...LEFT_BEHIND];
        foreach (array_intersect($calls, $not) as $call) {
            $wrong[] = "$file calls $call";
        }
    }
    expect($wrong)->toBe([]);
});

it('is strict', function (): void {
    $lax = array_filter(
        core(),
        static fn (array $file): bool => ! str_contains($file['text'], 'declare(strict_types=1);'),
    );
    expect(array_keys($lax))->toBe([]);
});

it('lets each room know only those below it, and the ground none', function (): void {
    $place = array_flip(ROOMS);
    $wrong = [];
    foreach (core() as $file => ['room' => $room, 'names' => $names]) {
        foreach ($names as $name) {
            $other = explode('\\', $name);
            if ($other[0] !== 'RushHold' || ! isset($place[$other[1] ?? '']) || ! isset($other[2])) {
                continue;
            }
            $isOpen = $other[1] === $room || ($room !== '' && $place[$other[1]] < $place[$room]);
            $isOpen || ($wrong[] = "$file uses {$other[1]}");
        }
    }
    expect(array_values(array_unique($wrong)))->toBe([]);
});

it('has no room without a place in the order', function (): void {
    $rooms = array_map(basename(...), glob(dirname(__DIR__).'/src/*', GLOB_ONLYDIR) ?: []);
    expect(array_diff($rooms, ROOMS))->toBe([]);
});
