<?php

declare(strict_types=1);

/*
 * The rooms of the application from the ground up: each may use those before it, none after it, so there are no
 * circles.
 * What is asked from outside (Http, Console) is used by nobody; the providers put all together.
 */
const APP_ROOMS = [
    'Models',
    'Policies',
    'Camera',
    'Documents',
    'Keeping',
    'Undo',
    'Practice',
    'Kit',
    'Outings',
    'Playing',
    'Pictures',
    'Review',
    'Bench',
    'Sharing',
    'Accounts',
    'Api',
    'Http',
    'Console',
    'Providers',
];

/** Used by nobody but who puts all together. */
const ASKED = ['Http', 'Console'];

it('has no circles among the rooms of the application', function (): void {
    $place = array_flip(APP_ROOMS);
    $wrong = [];
    $files = new RegexIterator(new RecursiveIteratorIterator(new RecursiveDirectoryIterator(app_path())), '/\.php$/');
    foreach ($files as $file) {
        $path = substr((string) $file, strlen(app_path()) + 1);
        $room = strtok($path, '/');
        preg_match_all('/\bApp\\\\(\w+)\\\\/', (string) file_get_contents((string) $file), $used);
        foreach (array_unique($used[1]) as $other) {
            $open = $other === $room || $place[$other] < $place[$room] && ($room === 'Providers' || ! in_array($other, ASKED, true));
            $open || ($wrong[] = "$path uses $other");
        }
    }
    expect($wrong)->toBe([])->and(array_map(basename(...), glob(app_path('*'), GLOB_ONLYDIR) ?: []))->toEqualCanonicalizing(APP_ROOMS);
});

/*
 * Files of tests come in any order, and in several processes: what one needs stands in itself or in what all have.
 */
it('lets no file of tests lean on another', function (string $suite): void {
    $files = [];
    foreach (glob(base_path("$suite/*.php")) ?: [] as $file) {
        $files[basename($file)] = (string) file_get_contents($file);
    }
    $leaning = [];
    foreach ($files as $of => $text) {
        if ($of === 'functions.php') {
            continue;
        }
        preg_match_all('/^function (\w+)\(/m', $text, $own);
        foreach ($own[1] as $name) {
            foreach ($files as $other => $used) {
                $calls = preg_match("/(?<!function )(?<![\\w'$>:\\\\])$name\\(/", $used) === 1;
                $calls && $other !== $of && ($leaning[] = "$other uses $name() of $of");
            }
        }
    }
    expect($leaning)->toBe([])->and($files)->not->toBe([]);
})->with(['core/tests', 'tests/Browser', 'tests/Feature', 'tests/Fuzz', 'tests/Running']);
