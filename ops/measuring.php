<?php

declare(strict_types=1);

// Writes docs/measuring.md: how right the measuring is, on frames of the stand-in camera, whose truth is known, and on
// textures blurred another way, by ImageMagick's own operators. Run it with the compiler on: bin/measuring.

use App\Pictures\NoPicture;
use App\Pictures\Sandbox;
use Illuminate\Contracts\Console\Kernel;
use RushHold\Review\Grain;
use RushHold\Review\Patch;
use RushHold\Review\Spread;

require __DIR__.'/../vendor/autoload.php';
Imagick::setResourceLimit(Imagick::RESOURCETYPE_THREAD, 1);

/** Rushes that are shot, the hidden error of the lens, and how many frames. */
const RUSHES = [
    'gannet-along-the-edge' => 0.6,
    'puffin-coming-in' => 0.3,
    'tern-hovering' => 0.15,
    'sprint-finish' => 0.3,
    'barriers' => 0.2,
    'hare-through-the-campion' => 0.3,
];
const FRAMES = 40;

function folder(): string
{
    $folder = sys_get_temp_dir().'/rush-hold-measuring-'.getmypid();
    is_dir($folder) || mkdir($folder);

    return $folder;
}

/** @return list<array{float, float, string}> true and measured deviation in pixels, and how it was blurred */
function independent(): array
{
    mt_srand(5);
    $pairs = [];
    $side = 240;
    foreach (['polygons', 'discs', 'plasma with discs'] as $texture) {
        foreach ([0.8, 1.0, 1.4, 2.0, 2.8, 4.0, 5.0, 6.0] as $deviation) {
            foreach ([0.0, 0.012, 0.031] as $noise) {
                $picture = textured($texture, 2 * $side);
                // ImageMagick's own operator, not what the stand-in camera blurs with.
                $picture->blurImage(0, $deviation);
                $picture->cropImage($side, $side, (int) ($side / 2), (int) ($side / 2));
                $found = Spread::of(
                    grey($picture, $side, $noise),
                    $noise > 0 ? Grain::of(grey($picture, $side, $noise)) : 0.0,
                );
                $found === null ||
                    ($pairs[] = [
                        hypot($deviation, sqrt(1 / 12)),
                        $found->ellipse->deviation(),
                        $noise > 0.02 ? 'noise as at ISO 12 800' : ($noise > 0 ? 'noise as at ISO 1600' : 'no noise'),
                    ]);
            }
        }
    }

    return $pairs;
}

/** @return list<float> degrees by which the direction of a motion blur is off, where its axes differ by half or more */
function directions(): array
{
    $off = [];
    foreach (['polygons', 'discs'] as $texture) {
        foreach ([8.0, 12.0] as $length) {
            foreach ([0, 20, 45, 70, 90, 115, 150] as $angle) {
                $picture = textured($texture, 480);
                $picture->blurImage(0, 0.8);
                // A line of that length, worked out by ImageMagick's line of pixels.
                $picture->motionBlurImage((int) ceil($length / 2), 1000, $angle);
                $picture->cropImage(240, 240, 120, 120);
                $ellipse = Spread::of(grey($picture, 240, 0.0), 0.0)?->ellipse;
                if ($ellipse !== null && $ellipse->long > 1.5 * $ellipse->short) {
                    // Its angles run clockwise.
                    $off[] = fmod($ellipse->angleDeg + $angle + 270, 180) - 90;
                }
            }
        }
    }

    return $off;
}

function textured(string $kind, int $side): Imagick
{
    $picture = new Imagick();
    $kind === 'plasma with discs'
        ? $picture->newPseudoImage($side, $side, 'plasma:gray40-gray60')
        : $picture->newImage($side, $side, new ImagickPixel('gray45'));
    $draw = new ImagickDraw();
    for ($i = 0; $i < 150; $i++) {
        $shade = mt_rand(15, 240);
        $draw->setFillColor(new ImagickPixel("rgb($shade,$shade,$shade)"));
        [$x, $y, $size] = [mt_rand(0, $side), mt_rand(0, $side), mt_rand(10, 60)];
        if ($kind === 'polygons') {
            $turn = mt_rand(0, 628) / 100;
            $draw->polygon(
                array_map(
                    static fn (int $k): array => [
                        'x' => round($x + $size * cos($turn + 1.57 * $k), 2),
                        'y' => round($y + (($size * mt_rand(50, 100)) / 100) * sin($turn + 1.57 * $k), 2),
                    ],
                    [0, 1, 2, 3],
                ),
            );
        } else {
            $draw->circle($x, $y, $x + $size / 2, $y);
        }
    }
    $picture->drawImage($draw);
    $picture->setImageType(Imagick::IMGTYPE_GRAYSCALE);

    return $picture;
}

function grey(Imagick $picture, int $side, float $noise): Patch
{
    $light = array_map(floatval(...), $picture->exportImagePixels(0, 0, $side, $side, 'I', Imagick::PIXEL_FLOAT));
    foreach ($noise > 0 ? array_keys($light) : [] as $i) {
        $sum = 0.0;
        for ($k = 0; $k < 6; $k++) {
            $sum += mt_rand() / mt_getrandmax() - 0.5;
        }
        $light[$i] += $noise * M_SQRT2 * $sum;
    }

    return new Patch($side, $side, $light);
}

/**
 * @return array{rows: list<array<string, mixed>>, pairs: list<array{float, float, string}>, table: array<string, int>,
 *   seconds: array{float, float}}
 */
function shot(): array
{
    $app = require __DIR__.'/../bootstrap/app.php';
    $kernel = $app->make(Kernel::class);
    $rows = $pairs = [];
    $table = ['kept kept' => 0, 'kept lost' => 0, 'lost kept' => 0, 'lost lost' => 0];
    [$drawing, $looking, $drawn, $looked] = [0.0, 0.0, 0, 0];
    file_put_contents(folder().'/open.hold.json', '{"format":"rush-hold/hold@1"}');
    foreach (RUSHES as $rush => $error) {
        $into = folder()."/$rush";
        $start = microtime(true);
        $kernel->call('rush:shoot', [
            'rush' => __DIR__."/../formats/examples/$rush.json",
            'hold' => folder().'/open.hold.json',
            '--into' => $into,
            '--frames' => FRAMES,
            '--seed' => 3,
            '--lens-error-m' => $error,
        ]);
        $drawing += microtime(true) - $start;
        $drawn += FRAMES;
        $truth = json_decode((string) file_get_contents("$into/truth.json"), true)['frames'];
        $row = ['rush' => $rush, 'seen' => 0, 'found' => 0, 'judged' => 0, 'right' => 0, 'untold' => 0];
        $follow = null;
        foreach ($truth as $frame) {
            $aim = $frame['aim'];
            $visible =
                $aim !== null &&
                ! $frame['hidden'] &&
                abs($aim['x']) < 0.47 &&
                abs($aim['y']) < 0.47 &&
                $frame['sigma_px'] < 12;
            if ($follow === null && (! $visible || $frame['sigma_px'] > 4)) {
                continue;
            }
            $start = microtime(true);
            try {
                $one = Sandbox::measure([
                    'file' => "$into/$frame[file]",
                    'limit_px' => $frame['limit_px'],
                    'aim' => $follow === null ? [$aim['x'], $aim['y']] : null,
                    'follow' => $follow,
                ]);
            } catch (NoPicture) {
                continue;
            }
            $looking += microtime(true) - $start;
            $looked++;
            $first = $follow === null;
            $follow = is_string($one['follow']) ? $one['follow'] : $follow;
            if (! $visible || $first) {
                continue;
            }
            $row['seen']++;
            if (
                $one['aim'] === null ||
                hypot($one['aim']['x'] - $aim['x'], ($one['aim']['y'] - $aim['y']) / 1.5) * $one['wide'] >
                    max(30, 0.6 * $frame['subject_px'])
            ) {
                continue;
            }
            $row['found']++;
            $share = $frame['width_px'] / $frame['limit_px'];
            if ($one['verdict'] === 'untold') {
                $row['untold']++;
            } elseif (abs($share - 1) > 0.1) {
                $true = $share <= 1 ? 'kept' : 'lost';
                $row['judged']++;
                $row['right'] += $true === $one['verdict'] ? 1 : 0;
                $table["$true $one[verdict]"]++;
            }
            if ($one['sigma_px'] !== null && $frame['sigma_px'] >= 0.8 && $frame['sigma_px'] <= 6) {
                $pairs[] = [
                    $frame['sigma_px'],
                    $one['sigma_px'],
                    $rush === 'hare-through-the-campion' ? 'in clutter' : 'in the open',
                ];
            }
        }
        $rows[] = $row;
    }

    return [
        'rows' => $rows,
        'pairs' => $pairs,
        'table' => $table,
        'seconds' => [$drawing / max(1, $drawn), $looking / max(1, $looked)],
    ];
}

/** @param  list<array{float, float, string}>  $pairs */
function plotted(array $pairs, string $title): string
{
    $x = static fn (float $v): float => round(40 + (300 * log($v / 0.6)) / log(8 / 0.6), 1);
    $y = static fn (float $ratio): float => round(110 - (90 * log($ratio)) / log(1.6), 1);
    $kinds = array_values(array_unique(array_column($pairs, 2)));
    $shades = ['#5b87a6', '#c07a34', '#7a8f4f'];
    $svg =
        "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 460 230\" font-family=\"sans-serif\" font-size=\"11\"><rect width=\"460\" height=\"230\" fill=\"#fff\"/><text x=\"40\" y=\"14\">$title</text>".
        '<rect x="40" y="'.
        $y(1.12).
        '" width="300" height="'.
        round($y(0.88) - $y(1.12), 1).
        '" fill="#eee"/>';
    foreach ([0.7, 0.88, 1.0, 1.12, 1.4] as $ratio) {
        $svg .=
            "<line x1=\"40\" x2=\"340\" y1=\"{$y($ratio)}\" y2=\"{$y($ratio)}\" stroke=\"#bbb\"/><text x=\"4\" y=\"".
            ($y($ratio) + 4).
            "\">$ratio</text>";
    }
    foreach ([0.8, 1, 1.5, 2, 3, 4, 6] as $deviation) {
        $svg .= "<text x=\"{$x($deviation)}\" y=\"222\" text-anchor=\"middle\">$deviation</text>";
    }
    foreach ($pairs as [$true, $found, $kind]) {
        $shade = $shades[array_search($kind, $kinds, true) % 3];
        $svg .=
            "<circle cx=\"{$x($true)}\" cy=\"".
            max(20, min(205, $y(max(0.3, $found / $true)))).
            "\" r=\"3\" fill=\"$shade\" fill-opacity=\"0.6\"/>";
    }
    foreach ($kinds as $i => $kind) {
        $svg .=
            '<circle cx="354" cy="'.
            (30 + 16 * $i).
            '" r="4" fill="'.
            $shades[$i % 3].
            '"/><text x="362" y="'.
            (34 + 16 * $i).
            "\">$kind</text>";
    }

    return "$svg</svg>\n";
}

/**
 * @param  list<array{float, float, string}>  $pairs
 */
function ratiosTold(array $pairs): string
{
    $lines = '';
    foreach (array_unique(array_column($pairs, 2)) as $kind) {
        $ratios = array_map(
            static fn (array $p): float => $p[1] / $p[0],
            array_values(array_filter($pairs, static fn (array $p): bool => $p[2] === $kind)),
        );
        sort($ratios);
        $n = count($ratios);
        $at = static fn (float $share): string => number_format($ratios[(int) ($share * ($n - 1))], 2);
        $within = count(array_filter($ratios, static fn (float $r): bool => abs($r - 1) <= 0.12));
        $lines .= sprintf(
            "| %s | %d | %s | %s to %s | %d %% |\n",
            $kind,
            $n,
            $at(0.5),
            $at(0.05),
            $at(0.95),
            round((100 * $within) / $n),
        );
    }

    return "| | frames | middle | nine in ten | within 12 % |\n|---|---|---|---|---|\n$lines";
}

$independent = independent();
$directions = directions();
$shot = shot();
foreach (
    [
        'independent' => plotted($independent, 'Measured ÷ true, by true σ in pixels: ImageMagick’s blur'),
        'stand-in' => plotted($shot['pairs'], 'Measured ÷ true, by true σ in pixels: the stand-in camera'),
    ] as $name => $svg
) {
    file_put_contents(__DIR__."/../docs/measuring-$name.svg", $svg);
}
$rows = implode(
    '',
    array_map(
        static fn (array $r): string => sprintf(
            "| %s | %d of %d | %d | %d of %d |\n",
            $r['rush'],
            $r['found'],
            $r['seen'],
            $r['untold'],
            $r['right'],
            $r['judged'],
        ),
        $shot['rows'],
    ),
);
$sum = static fn (string $name): int => array_sum(array_column($shot['rows'], $name));
$t = $shot['table'];
$good = count(array_filter($directions, static fn (float $d): bool => abs($d) <= 10));
$text =
    file_get_contents(__DIR__.'/measuring.head.md').
    "\n## How right it is\n\nWritten by `bin/measuring`; σ is the root of the mean variance of both axes, in pixels, the pixel itself included.\n\n".
    "### On photographs\n\n".
    file_get_contents(__DIR__.'/pasted/pasted.head.md').
    file_get_contents($argv[1]).
    "\n".
    "### On textures blurred by ImageMagick\n\n![Measured against true](measuring-independent.svg)\n\n".
    ratiosTold($independent).
    sprintf(
        "\nThe direction of a motion blur, where its axes differ by half or more: within 10° in %d of %d.\n",
        $good,
        count($directions),
    ).
    "\n### On frames of the stand-in camera\n\nSix rushes, %d frames each, shot with a lens that focuses beside so that there are sharp and blurred ones. The subject is marked in one frame only.\n\n".
    "![Measured against true](measuring-stand-in.svg)\n\n".
    ratiosTold($shot['pairs']).
    "\n| rush | found again | cannot be told | verdict right, outside a tenth about the limit |\n|---|---|---|---|\n$rows".
    sprintf(
        "| **all** | %d of %d, %.1f %% | %d | %d of %d, %.1f %% |\n",
        $sum('found'),
        $sum('seen'),
        (100 * $sum('found')) / max(1, $sum('seen')),
        $sum('untold'),
        $sum('right'),
        $sum('judged'),
        (100 * $sum('right')) / max(1, $sum('judged')),
    ).
    "\n| | measured: kept | measured: lost |\n|---|---|---|\n".
    sprintf(
        "| true: kept | %d | %d |\n| true: lost | %d | %d |\n",
        $t['kept kept'],
        $t['kept lost'],
        $t['lost kept'],
        $t['lost lost'],
    ).
    sprintf(
        "\n### How long it takes\n\nOn this page’s machine, with two processes drawing and one measuring: a frame of 3 MP was drawn in %.2f s, and looked at, followed and measured in %.2f s, its process started anew included.\n",
        $shot['seconds'][0],
        $shot['seconds'][1],
    );
file_put_contents(__DIR__.'/../docs/measuring.md', str_replace('%d frames', FRAMES.' frames', $text));
echo $text;
array_map(unlink(...), [...glob(folder().'/*/*') ?: [], ...array_filter(glob(folder().'/*') ?: [], is_file(...))]);
array_map(rmdir(...), [...glob(folder().'/*') ?: [], folder()]);
