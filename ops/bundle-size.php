<?php

declare(strict_types=1);

/** Compressed size of the JavaScript that the desk needs to start; fails above the limit. */
const LIMIT_KB = 450;

$build = __DIR__.'/../public/build';
$manifest = json_decode((string) file_get_contents("$build/manifest.json"), true, flags: JSON_THROW_ON_ERROR);
$needed = [];
$collect = static function (string $key) use (&$collect, &$needed, $manifest): void {
    if (isset($needed[$key])) {
        return;
    }
    $needed[$key] = $manifest[$key]['file'];
    array_map($collect, $manifest[$key]['imports'] ?? []);
};
$collect('resources/js/main.tsx');
$collect('resources/js/features/desk/Desk.tsx');

$bytes = 0;
foreach ($needed as $file) {
    if (str_ends_with($file, '.js')) {
        $bytes += strlen((string) gzencode((string) file_get_contents("$build/$file"), 6));
    }
}
$kb = $bytes / 1000;
printf("Initial JavaScript of the desk: %.0f kB compressed (limit %d kB)\n", $kb, LIMIT_KB);
exit($kb > LIMIT_KB ? 1 : 0);
