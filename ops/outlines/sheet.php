<?php

declare(strict_types=1);

/*
 * Writes docs/outlines.png: every figure by its name, from the side in all its poses, aslant and head on.
 *   php ops/outlines/sheet.php [FILE [SEED]]   with a seed: shuffled, numbered instead of named, from the side only;
 *   the names go to FILE.txt
 */

use Symfony\Component\Process\Process;

require __DIR__.'/../../vendor/autoload.php';

const CELL = [64, 60];

$root = dirname(__DIR__, 2);
$file = $argv[1] ?? "$root/docs/outlines.png";
$blind = isset($argv[2]);
$known = json_decode((string) file_get_contents("$root/resources/js/ui/outlines.json"), true);
$names = array_values(array_diff(array_keys($known), ['plain']));
if ($blind) {
    mt_srand((int) $argv[2]);
    shuffle($names);
}

/** @param  array{path: string, of: array{float|int, float|int}}  $pose */
$drawn = static function (array $pose, float $wide, float $x, float $y): string {
    // All of one figure at one scale would make those with wings small: each is as large as it can be.
    [$w, $h] = [$wide * $pose['of'][0], $pose['of'][1]];
    $scale = min((CELL[0] - 8) / $w, (CELL[1] - 18) / $h);

    return sprintf('<path d="%s" transform="translate(%.1f %.1f) scale(%.2f %.2f)" fill="#20262c"/>', $pose['path'], $x + (CELL[0] - $w * $scale) / 2, $y + 12 + (CELL[1] - 16 - $h * $scale) / 2, $w * $scale, $h * $scale);
};

$svg = '';
[$column, $row, $columns] = [0, 0, $blind ? 12 : 20];
foreach ($names as $i => $name) {
    $poses = json_decode((string) file_get_contents("$root/resources/js/ui/poses/$name.json"), true);
    $first = ['path' => $known[$name]['path'], 'of' => [1, 1]];
    $shown = $blind ? [$first] : [$first, ...array_column($poses, 0), $poses[0][1], $poses[0][2]];
    if ($column + count($shown) > $columns) {
        [$column, $row] = [0, $row + 1];
    }
    $svg .= sprintf('<text x="%d" y="%d" font-size="9" fill="#6a6258">%s</text>', $column * CELL[0] + 4, $row * CELL[1] + 10, $blind ? $i + 1 : $name);
    foreach ($shown as $pose) {
        $svg .= $drawn($pose, (float) $known[$name]['wide'], $column++ * CELL[0], $row * CELL[1]);
    }
}
$picture = new Process(['rsvg-convert', '-o', $file], input: sprintf('<svg xmlns="http://www.w3.org/2000/svg" width="%d" height="%d" font-family="sans-serif"><rect width="100%%" height="100%%" fill="#fbf9f4"/>%s</svg>', $columns * CELL[0], ($row + 1) * CELL[1], $svg));
$picture->mustRun();
$blind && file_put_contents("$file.txt", implode("\n", array_map(static fn (string $n, int $i): string => ($i + 1).' '.$n, $names, array_keys($names)))."\n");
