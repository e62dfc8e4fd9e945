<?php

declare(strict_types=1);

// Prints where the house stands: how wide its lines are and how long its functions, who uses whom, how many messages each
// language has, and how much of it is tests. Run it by bin/house.

const ROOT = __DIR__.'/..';
const WIDTH = 120;
const LONG = 120;

/** @return list<string> files under version control like that, tests or not */
function files(string $pattern, bool $tests): array
{
    static $all = null;
    $all ??= explode("\n", trim((string) shell_exec('cd '.escapeshellarg(ROOT).' && git ls-files')));
    $isTest = static fn (string $file): bool => preg_match('~^(tests|core/tests)/|\.test\.tsx?$|/testing/~', $file) ===
        1;
    $generated = static fn (string $file): bool => preg_match('~schema\.d\.ts$|/recorded/|/poses/~', $file) === 1;

    return array_values(
        array_filter(
            $all,
            static fn (string $file): bool => preg_match($pattern, $file) === 1 &&
                $isTest($file) === $tests &&
                ! $generated($file),
        ),
    );
}

/** @return list<string> */
function linesOf(string $file): array
{
    return file(ROOT."/$file", FILE_IGNORE_NEW_LINES) ?: [];
}

/**
 * @param  list<string>  $files
 * @return array{int, int, int} lines, those that are too wide, the widest
 */
function widths(array $files): array
{
    [$lines, $wide, $widest] = [0, 0, 0];
    foreach ($files as $file) {
        foreach (linesOf($file) as $line) {
            $width = mb_strlen($line);
            [$lines, $wide, $widest] = [$lines + 1, $wide + ($width > WIDTH ? 1 : 0), max($widest, $width)];
        }
    }

    return [$lines, $wide, $widest];
}

/**
 * Functions that begin and end at the margin, as the formatter leaves them.
 *
 * @return array<string, int> lines by place
 */
function functions(): array
{
    $lengths = [];
    foreach (files('~^resources/js/.*\.tsx?$~', false) as $file) {
        $from = null;
        foreach (linesOf($file) as $i => $line) {
            if (
                $from === null &&
                preg_match('~^(?:export )?(?:default )?(?:async )?function (\w+)~', $line, $found) === 1
            ) {
                $from = [$found[1], $i];
            } elseif (
                $from !== null &&
                str_starts_with($line, '}') &&
                ! str_starts_with($line, '})') &&
                ! str_starts_with($line, '}:')
            ) {
                $lengths["$file $from[0]"] = $i - $from[1] + 1;
                $from = null;
            }
        }
    }
    arsort($lengths);

    return $lengths;
}

/** @return list<list<string>> rooms that use each other, whichever way round */
function circles(string $folder, string $prefix): array
{
    $uses = [];
    foreach (files("~^$folder/\\w+/.*\\.php$~", false) as $file) {
        $room = explode('/', substr($file, strlen($folder) + 1))[0];
        preg_match_all("~\\b$prefix\\\\(\\w+)\\\\~", implode("\n", linesOf($file)), $found);
        foreach ($found[1] as $other) {
            $other === $room || ($uses[$room][$other] = true);
        }
    }
    $reaches = static function (string $from) use ($uses): array {
        $seen = [];
        $open = array_keys($uses[$from] ?? []);
        while (($room = array_pop($open)) !== null) {
            isset($seen[$room]) || array_push($open, ...array_keys($uses[$room] ?? []));
            $seen[$room] = true;
        }

        return $seen;
    };
    $circles = [];
    foreach (array_keys($uses) as $room) {
        if (isset($reaches($room)[$room])) {
            $circle = array_values(
                array_filter(
                    array_keys($uses),
                    static fn (string $other): bool => isset($reaches($room)[$other], $reaches($other)[$room]),
                ),
            );
            sort($circle);
            $circles[implode(' ', $circle)] = $circle;
        }
    }

    return array_values($circles);
}

/** @return array<string, array<string, int>> messages by language and room of the catalogue */
function messages(): array
{
    $count = [];
    foreach (files('~^lang/[^/]+/[^/]+/.*\.json$~', false) as $file) {
        [, $language, $room] = explode('/', $file);
        $read = json_decode((string) file_get_contents(ROOT."/$file"), true, flags: JSON_THROW_ON_ERROR);
        $count[$language][$room] = ($count[$language][$room] ?? 0) + count($read);
    }

    return $count;
}

printf("%-24s %8s %8s %8s\n", 'lines', 'all', '> '.WIDTH, 'widest');
$sum = ['code' => 0, 'tests' => 0];
foreach (
    [
        'core' => '~^core/.*\.php$~',
        'app' => '~^app/.*\.php$~',
        'ops' => '~^ops/.*\.php$~',
        'front end' => '~^resources/js/.*\.(tsx?|css)$~',
    ] as $name => $pattern
) {
    [$lines, $wide, $widest] = widths(files($pattern, false));
    printf("%-24s %8d %8d %8d\n", $name, $lines, $wide, $widest);
    $sum['code'] += $lines;
}
foreach (['tests in PHP' => '~\.php$~', 'tests of the front end' => '~\.tsx?$~'] as $name => $pattern) {
    [$lines, $wide, $widest] = widths(files($pattern, true));
    printf("%-24s %8d %8d %8d\n", $name, $lines, $wide, $widest);
    $sum['tests'] += $lines;
}
printf("\ntests are %.0f %% of the code\n", (100 * $sum['tests']) / $sum['code']);
foreach (['core/src' => 'RushHold', 'app' => 'App'] as $folder => $prefix) {
    $circles = circles($folder, $prefix);
    printf(
        "circles among the rooms of %s: %s\n",
        $folder,
        $circles === [] ? 'none' : implode('; ', array_map(static fn (array $c): string => implode(', ', $c), $circles)),
    );
}
$functions = functions();
printf(
    "functions of the front end over %d lines: %d of %d\n",
    LONG,
    count(array_filter($functions, static fn (int $lines): bool => $lines > LONG)),
    count($functions),
);
foreach (array_slice($functions, 0, 8) as $name => $lines) {
    printf("%6d  %s\n", $lines, $name);
}
foreach (messages() as $language => $rooms) {
    printf("messages in %s: %s\n", $language, urldecode(http_build_query($rooms, '', ', ')));
}
