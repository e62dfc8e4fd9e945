<?php

declare(strict_types=1);

// How right the measuring is on photographs into which subjects were pasted, as a table: those that the measuring was
// fitted on, and others kept apart. `php ops/pasted.php FOLDER [scenes of each] [bursts of each]`, where FOLDER holds
// what the Debian packages named below unpack to.

use App\Pictures\Sight;
use RushHold\Pasted\Burst;
use RushHold\Pasted\Scene;
use RushHold\Review\Follow;

require __DIR__.'/../vendor/autoload.php';
require __DIR__.'/pasted/Scene.php';
require __DIR__.'/pasted/Burst.php';
Imagick::setResourceLimit(Imagick::RESOURCETYPE_THREAD, 1);

/**
 * Photographs by set and what they are good for, as patterns below the packages' folders; where each comes from and its
 * licence is in docs/measuring.md.
 */
const PHOTOGRAPHS = [
    'fitted on' => [
        'plain' => ['lomiri*/Bridge_by_*', 'mate*/nature/Storm*'],
        'busy' => ['lomiri*/Dragonfly_by_*', 'lomiri*/aitzgorri_by_*', 'lomiri*/life_by_*'],
        'ground' => ['mate*/nature/GreenMeadow*', 'python3-skimage/data/grass*'],
        'coat' => [
            'lomiri*/Kleiber_by_*',
            'python3-skimage/data/chelsea*',
            'mate*/nature/YellowFlower*',
            'lomiri*/seeding_by_*',
        ],
    ],
    'kept apart' => [
        'plain' => ['lomiri*/sunset_by_*', 'lomiri*/free_by_*', 'mate*/nature/Dune*'],
        'busy' => ['lomiri*/picosdeeuropa_by_*', 'mate*/nature/RainDrops*', 'lomiri*/Wine_by_*'],
        'ground' => ['mate*/nature/Wood*', 'python3-skimage/data/gravel*'],
        'coat' => [
            'lomiri*/Picture_1A_by_*',
            'python3-skimage/data/coins*',
            'mate*/nature/Dune*',
            'python3-skimage/data/coffee*',
            'lomiri*/friends_by_*',
        ],
    ],
];

/** Scenes of the first set are those that were looked at; the second set’s are drawn anew. */
const FIRST_SEED = ['fitted on' => 0, 'kept apart' => 7000];

$folder = $argv[1] ?? exit("Which folder?\n");
$scenes = (int) ($argv[2] ?? 96);
$bursts = (int) ($argv[3] ?? 16);

/** @return array<string, list<string>> the photographs of a set */
function photographs(string $set, string $folder): array
{
    return array_map(
        static fn (array $patterns): array => array_map(static function (string $pattern) use ($folder): string {
            [$package, $rest] = explode('/', $pattern, 2);
            foreach (glob("$folder/$package", GLOB_ONLYDIR) ?: [] as $of) {
                foreach (
                    new RecursiveIteratorIterator(new RecursiveDirectoryIterator($of, FilesystemIterator::SKIP_DOTS)) as $file
                ) {
                    if (fnmatch("*/$rest", (string) $file)) {
                        return (string) $file;
                    }
                }
            }
            exit("There is no $pattern in $folder.\n");
        }, $patterns),
        PHOTOGRAPHS[$set],
    );
}

/**
 * What becomes of a subject that is followed through bursts: how often it is found, taken to be elsewhere, or not
 * found, and how often it is told to be gone.
 *
 * @return array<string, array<string, int>> by the way it goes
 */
function followed(string $set, string $folder, int $bursts): array
{
    $photographs = photographs($set, $folder);
    $into = sys_get_temp_dir().'/rush-hold-bursts-'.getmypid();
    is_dir($into) || mkdir($into);
    $told = array_fill_keys(Burst::WAYS, [
        'found' => 0,
        'elsewhere' => 0,
        'not found' => 0,
        'gone' => 0,
        'not gone' => 0,
    ]);
    for ($seed = FIRST_SEED[$set], $to = $seed + $bursts; $seed < $to; $seed++) {
        $way = Burst::WAYS[$seed % count(Burst::WAYS)];
        $follow = $palette = null;
        foreach ((new Burst($photographs, $seed))->shoot($into) as $frame) {
            $sight = new Sight($frame['file']);
            if ($follow === null || $palette === null) {
                $palette = $sight->palette([(float) $frame['x'], $frame['y']]);
                $follow = Follow::marked($sight->small(), (float) $frame['x'], $frame['y'], $sight->coloured($palette));
            } else {
                $place = $follow->in($sight->small(), $sight->coloured($palette));
                $inside = $frame['x'] !== null && abs($frame['x']) < 0.48 && abs($frame['y']) < 0.48;
                $near =
                    $place !== null &&
                    $inside &&
                    hypot($place[0] - $frame['x'], ($place[1] - $frame['y']) / 1.5) <
                        max(0.02, (0.14 * $frame['size']) / Burst::WIDE);
                $told[$way][
                    $inside
                        ? ($place === null
                            ? 'not found'
                            : ($near
                                ? 'found'
                                : 'elsewhere'))
                        : ($place === null
                            ? 'gone'
                            : 'not gone')
                ]++;
            }
            unlink($frame['file']);
        }
    }
    rmdir($into);

    return $told;
}

/** @return list<array<string, mixed>> */
function seen(string $set, string $folder, int $scenes): array
{
    $found = photographs($set, $folder);
    $into = sys_get_temp_dir().'/rush-hold-pasted-'.getmypid();
    is_dir($into) || mkdir($into);
    $children = [];
    // Two at once; each writes what it saw.
    foreach ([0, 1] as $part) {
        $child = pcntl_fork();
        if ($child === 0) {
            $all = [];
            for (
                $seed = FIRST_SEED[$set] + $part, $to = $seed + $scenes - $part;
                $seed < $to;
                $seed += 2
            ) {
                $scene = new Scene($found, $seed);
                $scene->draw("$into/$seed.jpg");
                $truth = $scene->truth;
                $measured = (new Sight("$into/$seed.jpg"))->measured(
                    [$truth['aim']['x'], $truth['aim']['y']],
                    $truth['limit_px'],
                );
                $all[] = [
                    ...$truth,
                    'told' => $measured->untold() === null,
                    'why' => $measured->untold()?->value,
                    'says_kept' => $measured->kept(),
                    'sure' => $measured->sure(),
                    'ellipse' => $measured->spread === null
                            ? null
                            : [
                                $measured->spread->ellipse->deviation(),
                                $measured->spread->ellipse->long / max(0.01, $measured->spread->ellipse->short),
                                $measured->spread->ellipse->angleDeg,
                            ],
                    'where' => $measured->sharpWhere()->value,
                    'camera' => $measured->cameraSmeared(),
                ];
                unlink("$into/$seed.jpg");
            }
            file_put_contents("$into/$part", serialize($all));
            exit();
        }
        $children[] = $child;
    }
    $all = [];
    foreach ($children as $part => $child) {
        pcntl_waitpid($child, $status);
        array_push($all, ...unserialize((string) file_get_contents("$into/$part")));
        unlink("$into/$part");
    }
    rmdir($into);

    return $all;
}

/** @param  list<bool>  $each */
function share(array $each): string
{
    return $each === []
        ? '–'
        : sprintf(
            '%d of %d, %d %%',
            count(array_filter($each)),
            count($each),
            round((100 * count(array_filter($each))) / count($each)),
        );
}

/** @param  list<array<string, mixed>>  $all */
function row(string $name, array $all): string
{
    $told = array_values(array_filter($all, static fn (array $s): bool => $s['told']));
    $clear = array_values(
        array_filter($told, static fn (array $s): bool => abs($s['width_px'] / $s['limit_px'] - 1) > 0.1),
    );
    $right = static function (array $s): bool {
        $isKept = $s['width_px'] <= $s['limit_px'];

        return $s['says_kept'] === $isKept;
    };
    $sure = array_values(array_filter($clear, static fn (array $s): bool => $s['sure'] >= 0.9));
    $smeared = array_values(
        array_filter(
            $told,
            static fn (array $s): bool => $s['long_px'] > 1.5 * $s['short_px'] && $s['ellipse'][1] > 1.5,
        ),
    );
    $sides = array_values(
        array_filter($told, static fn (array $s): bool => in_array($s['where'], ['nearer', 'farther'], true)),
    );
    $moved = array_values(
        array_filter(
            $told,
            static fn (array $s): bool => in_array($s['kind'], ['camera', 'moved'], true) && $s['camera'] !== null,
        ),
    );

    return "| $name | ".
        implode(' | ', [
            share(array_map(static fn (array $s): bool => $s['told'], $all)),
            share(array_map($right, $clear)),
            share(array_map(static fn (array $s): bool => ! $right($s), $sure)),
            share(array_map(static fn (array $s): bool => abs($s['ellipse'][0] / $s['sigma_px'] - 1) <= 0.15, $told)),
            share(
                array_map(
                    static fn (array $s): bool => abs(fmod($s['ellipse'][2] - $s['angle_deg'] + 270, 180) - 90) <= 10,
                    $smeared,
                ),
            ),
            share(array_map(static fn (array $s): bool => $s['where'] === $s['side'], $sides)),
            share(array_map(static fn (array $s): bool => $s['camera'] === ($s['kind'] === 'camera'), $moved)),
        ]).
        " |\n";
}

echo "| background | told | verdict right, of those told | sure at 0.9 and wrong | σ within 15 % | direction within 10°, where a smear is told | where focus was, of those told | camera’s or subject’s smear, of those told |\n|---|---|---|---|---|---|---|---|\n";
$apart = [];
foreach (array_keys(PHOTOGRAPHS) as $set) {
    $all = seen($set, $folder, $scenes);
    echo row("**$set, all**", $all);
    foreach (Scene::BACKGROUNDS as $ground) {
        echo row(
            "$set, $ground",
            array_values(array_filter($all, static fn (array $s): bool => $s['background'] === $ground)),
        );
    }
    $apart = $all;
}
$why = array_count_values(array_filter(array_column($apart, 'why')));
printf(
    "\nNot told of those kept apart: %d since it looked like what is around it, %d since its edges said different things, %d for want of edges.\n",
    $why['hidden'] ?? 0,
    $why['unclear'] ?? 0,
    $why['plain'] ?? 0,
);
echo "\nA subject marked in the first of sixteen frames and followed through the others; where it leaves the frame it has to be told to be gone.\n\n| bursts | found | taken to be elsewhere | not found | gone and told so |\n|---|---|---|---|---|\n";
foreach (array_keys(PHOTOGRAPHS) as $set) {
    foreach (followed($set, $folder, $bursts) as $way => $n) {
        $all = $n['found'] + $n['elsewhere'] + $n['not found'];
        printf(
            "| %s, %s | %d of %d | %d | %d | %s |\n",
            $set,
            $way,
            $n['found'],
            $all,
            $n['elsewhere'],
            $n['not found'],
            $n['gone'] + $n['not gone'] === 0 ? '–' : $n['gone'].' of '.($n['gone'] + $n['not gone']),
        );
    }
}
