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
