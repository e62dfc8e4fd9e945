<?php

declare(strict_types=1);

/*
 * Takes the outlines of every figure from its model: the one it is known by for lists (outlines.json), and all its
 * poses from the side, from between and head on (poses/). Wants potrace; bin/outlines sees to that.
 *   php ops/outlines/write.php [FIGURE...]
 */

use RushHold\Ops\Outlines\Figures;
use RushHold\Ops\Outlines\Model;
use RushHold\Rush\Figure;
use Symfony\Component\Process\Process;

require __DIR__.'/../../vendor/autoload.php';
foreach (['Model', 'Bird', 'Beast', 'People', 'Things', 'Figures'] as $part) {
    require __DIR__."/$part.php";
}

const SIDE = 150;
/** Seen from the side, from between, head on: degrees. */
const VIEWS = [0, 45, 90];

/** @return string an outline in a box one wide and one high: M, L, C and Z, absolute */
function traced(Imagick $shade): string
{
    [$wide, $high] = [$shade->getImageWidth(), $shade->getImageHeight()];
    // What is rough by how it was put together is smooth by how it was meant.
    $shade->blurImage(0, 0.7);
    $shade->setImageFormat('pgm');
    $process = new Process(['potrace', '-b', 'svg', '--flat', '-t', '8', '-a', '1.2', '-O', '2', '-u', '10', '-o', '-', '-'], input: $shade->getImageBlob());
    $process->mustRun();
    preg_match('/<path d="([^"]*)"/', $process->getOutput(), $found);
    preg_match_all('/([MmLlCcZz])([^MmLlCcZz]*)/', $found[1] ?? '', $steps, PREG_SET_ORDER);
    [$x, $y, $fromX, $fromY, $path] = [0.0, 0.0, 0.0, 0.0, ''];
    $short = static fn (float $v): string => preg_replace(['/0+$/', '/\.$/', '/^(-?)0\./'], ['', '', '$1.'], sprintf('%.3f', $v)) ?: '0';
    // It counts in tenths of a pixel.
    $put = static fn (float $x, float $y): string => $short($x / $wide / 10).' '.$short(1 - $y / $high / 10);
    foreach ($steps as [, $letter, $numbers]) {
        preg_match_all('/-?\d+(?:\.\d+)?/', $numbers, $n);
        $own = ctype_lower($letter);
        foreach (array_chunk(array_map(floatval(...), $n[0]), strtolower($letter) === 'c' ? 6 : 2) as $p) {
            $points = array_map(static fn (array $q): array => $own ? [$x + $q[0], $y + $q[1]] : $q, array_chunk($p, 2));
            [$x, $y] = $points[count($points) - 1];
            $path .= strtoupper($letter).implode(' ', array_map(static fn (array $q): string => $put(...$q), $points));
            if (strtolower($letter) === 'm') {
                [$fromX, $fromY] = [$x, $y];
            }
        }
        if (strtolower($letter) === 'z') {
            $path .= 'Z';
            [$x, $y] = [$fromX, $fromY];
        }
    }

    return $path;
}

/** @return array{path: string, box: array{float, float}, at: array<string, array{float, float}>} */
function seen(Model $model, int $view): array
{
    [$shade, [$left, $bottom, $wide, $high]] = $model->shade($view, SIDE);
    $at = [];
    foreach (array_keys($model->places) as $name) {
        [$x, $y] = $model->placed($name, $view);
        $at[$name] = [round(max(0.0, min(1.0, ($x - $left) / $wide)), 3), round(max(0.0, min(1.0, 1 - ($y - $bottom) / $high)), 3)];
    }

    return ['path' => traced($shade), 'box' => [$wide, $high], 'at' => $at];
}

const INTO = __DIR__.'/../../resources/js/ui/';

/** @param  array<string, mixed>  $one */
function written(array $one): string
{
    return json_encode($one, JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES);
}

$outlines = $argc > 1 ? (array) json_decode((string) file_get_contents(INTO.'outlines.json'), true) : [];
foreach (Figures::all() as $figure => $models) {
    if ($argc > 1 && ! in_array($figure, $argv, true)) {
        continue;
    }
    $poses = [];
    $known = isset(Figures::known()[$figure]) ? seen(Figures::known()[$figure](), 0) : null;
    $first = $known['box'] ?? null;
    foreach ($models as $i => $model) {
        foreach (VIEWS as $view) {
            $one = seen($model(), $view);
            $first ??= $one['box'];
            if ($i === 0 && $view === 0) {
                $known ??= $one;
                $outlines[$figure] = ['path' => $known['path'], 'wide' => round($known['box'][0] / $known['box'][1], 3), 'kind' => Figure::from($figure)->kind()->value, 'flies' => Figure::from($figure)->flies(), ...($figure === 'plain' ? [] : $known['at'])];
            }
            $poses[$i][] = ['path' => $one['path'], 'of' => [round($one['box'][0] / $first[0], 3), round($one['box'][1] / $first[1], 3)], ...$one['at']];
        }
    }
    // Each in a file of its own: whoever shows one fetches one.
    file_put_contents(INTO."poses/$figure.json", written($poses)."\n");
    echo '.';
}
ksort($outlines);
$lines = array_map(static fn (string $figure, array $one): string => json_encode($figure).': '.written($one), array_keys($outlines), $outlines);
file_put_contents(INTO.'outlines.json', "{\n  ".implode(",\n  ", $lines)."\n}\n");
printf("\n%d figures\n", count($outlines));
