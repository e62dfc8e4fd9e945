<?php

declare(strict_types=1);

use RushHold\Document\HoldDocument;
use RushHold\Document\RushDocument;
use RushHold\Focus\Simulator;
use RushHold\Kit\Response;
use RushHold\Planning\Chooser;

require __DIR__.'/../../vendor/autoload.php';

/** Draws the plots of docs/model.md from runs of the simulation. */
$base = [
    'format' => 'rush-hold/rush@1',
    'subject' => [
        'length_m' => 0.6,
        'height_m' => 0.4,
        'depth_m' => 0.2,
        'aim_size_m' => 0.06,
        'speed_mps' => 10,
        'kind' => 'animal',
        'erratic' => 0.15,
    ],
    'path' => ['start_m' => 30, 'heading_deg' => 45, 'seconds' => 2.5, 'notice_s' => 2],
    'light' => ['ev100' => 14],
];
$rate = static function (array $scene, array $focus, array $more = []) use ($base): array {
    $rush = RushDocument::read([...$base, 'scene' => $scene, ...$more])->rush;
    $plan = Chooser::standard()->choose($rush, HoldDocument::read(['focus' => $focus])->fitting($rush->kit));
    $outcome = (new Simulator($plan->situation))->run($plan->hold, 400, 1);

    return [$outcome->keeperRate, 2 * $outcome->standardError];
};

/** @param  array<string, list<array{float, float}>>  $series  share and reach of the noise at each label */
$draw = static function (string $file, string $title, array $labels, array $series): void {
    $x = static fn (int $i): float => 70 + (560 * $i) / max(1, count($labels) - 1);
    $y = static fn (float $v): float => 250 - 200 * $v;
    $svg =
        '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 700 310" font-family="sans-serif" font-size="13"><rect width="700" height="310" fill="#fffdf8"/>';
    $svg .= "<text x=\"70\" y=\"26\" font-weight=\"bold\">$title</text>";
    foreach ([0, 0.25, 0.5, 0.75, 1] as $v) {
        $svg .= sprintf(
            '<line x1="60" x2="640" y1="%1$.1f" y2="%1$.1f" stroke="#e3ddd2"/><text x="52" y="%2$.1f" text-anchor="end">%3$d %%</text>',
            $y($v),
            $y($v) + 4,
            100 * $v,
        );
    }
    foreach ($labels as $i => $label) {
        $svg .= sprintf('<text x="%.1f" y="272" text-anchor="middle">%s</text>', $x($i), $label);
    }
    $dashes = ['', '7 4', '2 4'];
    $n = 0;
    foreach ($series as $name => $points) {
        $path = '';
        foreach ($points as $i => [$v, $reach]) {
            $path .= sprintf('%s%.1f,%.1f', $i === 0 ? 'M' : 'L', $x($i), $y($v));
            $svg .= sprintf(
                '<line x1="%1$.1f" x2="%1$.1f" y1="%2$.1f" y2="%3$.1f" stroke="#1f5f8b"/><circle cx="%1$.1f" cy="%4$.1f" r="4" fill="#1b2229"/>',
                $x($i),
                $y(min(1, $v + $reach)),
                $y(max(0, $v - $reach)),
                $y($v),
            );
        }
        $svg .= "<path d=\"$path\" fill=\"none\" stroke=\"#1f5f8b\" stroke-width=\"2\" stroke-dasharray=\"{$dashes[$n]}\"/>";
        $svg .= sprintf(
            '<line x1="%d" x2="%d" y1="294" y2="294" stroke="#1f5f8b" stroke-width="2" stroke-dasharray="%s"/><text x="%d" y="298">%s</text>',
            70 + 200 * $n,
            100 + 200 * $n,
            $dashes[$n],
            106 + 200 * $n,
            $name,
        );
        $n++;
    }
    file_put_contents(__DIR__."/../../docs/plots/$file.svg", $svg.'</svg>'."\n");
};

$areas = ['point', 'plus', 'ring-small', 'ring-large', 'block', 'whole'];
$lines = [];
foreach (['open' => [], 'clutter in front' => ['front_clutter' => 0.3, 'front_ratio' => 0.7]] as $name => $scene) {
    foreach ($areas as $area) {
        $lines[$name][] = $rate($scene, ['area' => $area, 'detect' => 'off', 'patience_s' => 0.3]);
    }
}
$draw('areas', 'Frames kept by area, without detection', $areas, $lines);

$lines = [];
foreach (
    [
        'others crossing in front' => [['obstacles_per_s' => 0.8, 'obstacle_s' => 0.35], []],
        'appearing without warning' => [
            ['background_m' => 80, 'background_texture' => 0.7],
            ['path' => [...$base['path'], 'notice_s' => 0, 'start_m' => 18, 'seconds' => 1.4]],
        ],
    ] as $name => [$scene, $more]
) {
    foreach (Response::PATIENCE_S as $patience) {
        $start = $more === [] ? [] : ['start_at_m' => 80];
        $lines[$name][] = $rate(
            $scene,
            ['area' => 'ring-large', 'detect' => 'off', 'patience_s' => $patience] + $start,
            $more,
        );
    }
}
$draw(
    'patience',
    'Frames kept by patience',
    array_map(static fn (float $s): string => "$s s", Response::PATIENCE_S),
    $lines,
);

// How much each thing moves the share kept, one small plot each; the rest stays as it is.
$rushes = [
    'a player among players' => [
        'subject' => [
            'length_m' => 0.7,
            'height_m' => 1.8,
            'depth_m' => 0.5,
            'aim_size_m' => 0.3,
            'speed_mps' => 7,
            'limb_speed_mps' => 10,
            'distinct' => 0.5,
            'kind' => 'person',
            'erratic' => 0.3,
        ],
        'path' => ['start_m' => 35, 'heading_deg' => 35, 'seconds' => 3, 'notice_s' => 4],
        'scene' => [
            'front_ratio' => 0.8,
            'obstacles_per_s' => 0.6,
            'obstacle_s' => 0.35,
            'background_m' => 60,
            'background_texture' => 0.6,
            'background_alike' => 0.6,
        ],
        'kit' => ['lens' => ['focal_mm' => 300, 'max_aperture' => 2.8, 'nearest_m' => 2, 'sweep_s' => 0.4]],
    ],
    'a dog head on' => [
        'subject' => [
            'length_m' => 0.9,
            'height_m' => 0.6,
            'depth_m' => 0.8,
            'aim_size_m' => 0.05,
            'speed_mps' => 10,
            'limb_speed_mps' => 9,
            'contrast' => 0.5,
            'distinct' => 0.6,
            'kind' => 'animal',
            'erratic' => 0.1,
        ],
        'path' => ['start_m' => 28, 'heading_deg' => 4, 'seconds' => 2.2, 'notice_s' => 4],
        'scene' => ['background_m' => 60, 'background_texture' => 0.5],
        'kit' => ['lens' => ['focal_mm' => 200, 'max_aperture' => 2.8, 'nearest_m' => 1.2, 'sweep_s' => 0.35]],
    ],
];
$holds = [
    'a player among players' => [
        'area' => 'block',
        'detect' => 'person',
        'eye' => true,
        'patience_s' => 0.6,
        'nimble' => 0.5,
    ],
    'a dog head on' => [
        'area' => 'ring-medium',
        'detect' => 'animal',
        'eye' => true,
        'patience_s' => 0.3,
        'nimble' => 0.5,
    ],
];
/**
 * @var array<string, array{list<int|float|string>, Closure(mixed): array{string, mixed}}> $moved values, and where each
 *   goes
 */
$moved = [
    'aim and panning' => [
        [0, 0.25, 0.5, 0.75, 1],
        static fn (mixed $v): array => ['photographer', ['aim' => $v, 'panning' => $v]],
    ],
    'patience, s' => [[0, 0.12, 0.3, 0.6, 1.2], static fn (mixed $v): array => ['focus', ['patience_s' => $v]]],
    'nimbleness' => [[0, 0.25, 0.5, 0.75, 1], static fn (mixed $v): array => ['focus', ['nimble' => $v]]],
    'area' => [
        ['point', 'ring-small', 'ring-large', 'block', 'whole'],
        static fn (mixed $v): array => ['focus', ['area' => $v]],
    ],
    'clutter in front' => [[0, 0.15, 0.3, 0.6, 1], static fn (mixed $v): array => ['scene', ['front_clutter' => $v]]],
    'depth of the subject, m' => [
        [0.05, 0.3, 0.6, 1.2, 2],
        static fn (mixed $v): array => ['subject', ['depth_m' => $v]],
    ],
    'light, EV' => [[3, 6, 9, 12, 15], static fn (mixed $v): array => ['light', ['ev100' => $v]]],
    'frames a second' => [[5, 10, 20, 30, 60], static fn (mixed $v): array => ['body', ['frames_per_s' => $v]]],
];
$svg =
    '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 1000 500" font-family="sans-serif" font-size="12"><rect width="1000" height="500" fill="#fffdf8"/>';
foreach (array_keys($moved) as $n => $what) {
    [$left, $top] = [52 + 240 * ($n % 4), 40 + 225 * intdiv($n, 4)];
    [$values, $place] = $moved[$what];
    $x = static fn (int $i): float => $left + 14 + 45 * $i;
    $y = static fn (float $v): float => $top + 140 - 130 * $v;
    $svg .= sprintf('<text x="%d" y="%d" font-weight="bold">%s</text>', $left, $top - 8, $what);
    foreach ([0, 0.5, 1] as $v) {
        $svg .=
            sprintf('<line x1="%d" x2="%d" y1="%3$.1f" y2="%3$.1f" stroke="#e3ddd2"/>', $left, $left + 205, $y($v)).
            ($n % 4 === 0
                ? sprintf(
                    '<text x="%d" y="%.1f" text-anchor="end" fill="#55615c">%d %%</text>',
                    $left - 4,
                    $y($v) + 4,
                    100 * $v,
                )
                : '');
    }
    foreach ($values as $i => $value) {
        $svg .= sprintf(
            '<text x="%.1f" y="%d" text-anchor="middle" font-size="10" fill="#55615c">%s</text>',
            $x($i),
            $top + 156,
            ['ring-small' => 'small', 'ring-large' => 'large'][$value] ?? $value,
        );
    }
    foreach (array_keys($rushes) as $r => $name) {
        $path = '';
        foreach ($values as $i => $value) {
            [$where, $change] = $place($value);
            $rush = ['format' => 'rush-hold/rush@1', 'light' => ['ev100' => 13], ...$rushes[$name]];
            $hold = $holds[$name];
            if ($where === 'focus') {
                $hold = [...$hold, ...$change];
            } elseif ($where === 'subject') {
                // Without detection, which goes for the eye whatever lies nearer.
                [$hold, $rush['subject']] = [
                    [...$hold, 'area' => 'ring-small', 'detect' => 'off'],
                    [...$rush['subject'], ...$change],
                ];
            } elseif ($where === 'body') {
                $rush['kit']['body'] = $change;
            } else {
                $rush[$where] = [...$rush[$where] ?? [], ...$change];
            }
            $rush = RushDocument::read($rush)->rush;
            $plan = Chooser::standard()->choose($rush, HoldDocument::read(['focus' => $hold])->fitting($rush->kit));
            $kept = (new Simulator($plan->situation))->run($plan->hold, 300, 1)->keeperRate;
            $path .= sprintf('%s%.1f,%.1f', $i === 0 ? 'M' : 'L', $x($i), $y($kept));
            $svg .= sprintf(
                '<circle cx="%.1f" cy="%.1f" r="2.5" fill="%s"/>',
                $x($i),
                $y($kept),
                $r === 0 ? '#1f5f8b' : '#c2541b',
            );
        }
        $svg .= sprintf(
            '<path d="%s" fill="none" stroke="%s" stroke-width="2" stroke-dasharray="%s"/>',
            $path,
            $r === 0 ? '#1f5f8b' : '#c2541b',
            $r === 0 ? '' : '5 3',
        );
    }
}
$svg .=
    '<line x1="40" x2="70" y1="484" y2="484" stroke="#1f5f8b" stroke-width="2"/><text x="76" y="488">a player among players</text><line x1="260" x2="290" y1="484" y2="484" stroke="#c2541b" stroke-width="2" stroke-dasharray="5 3"/><text x="296" y="488">a dog head on</text>';
file_put_contents(__DIR__.'/../../docs/plots/sensitivities.svg', $svg.'</svg>'."\n");
