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
    'subject' => ['length_m' => 0.6, 'height_m' => 0.4, 'depth_m' => 0.2, 'aim_size_m' => 0.06, 'speed_mps' => 10, 'kind' => 'animal', 'erratic' => 0.15],
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
    $x = static fn (int $i): float => 70 + 560 * $i / max(1, count($labels) - 1);
    $y = static fn (float $v): float => 250 - 200 * $v;
    $svg = '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 700 310" font-family="sans-serif" font-size="13"><rect width="700" height="310" fill="#fffdf8"/>';
    $svg .= "<text x=\"70\" y=\"26\" font-weight=\"bold\">$title</text>";
    foreach ([0, 0.25, 0.5, 0.75, 1] as $v) {
        $svg .= sprintf('<line x1="60" x2="640" y1="%1$.1f" y2="%1$.1f" stroke="#e3ddd2"/><text x="52" y="%2$.1f" text-anchor="end">%3$d %%</text>', $y($v), $y($v) + 4, 100 * $v);
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
            $svg .= sprintf('<line x1="%1$.1f" x2="%1$.1f" y1="%2$.1f" y2="%3$.1f" stroke="#1f5f8b"/><circle cx="%1$.1f" cy="%4$.1f" r="4" fill="#1b2229"/>', $x($i), $y(min(1, $v + $reach)), $y(max(0, $v - $reach)), $y($v));
        }
        $svg .= "<path d=\"$path\" fill=\"none\" stroke=\"#1f5f8b\" stroke-width=\"2\" stroke-dasharray=\"{$dashes[$n]}\"/>";
        $svg .= sprintf('<line x1="%d" x2="%d" y1="294" y2="294" stroke="#1f5f8b" stroke-width="2" stroke-dasharray="%s"/><text x="%d" y="298">%s</text>', 70 + 200 * $n, 100 + 200 * $n, $dashes[$n], 106 + 200 * $n, $name);
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
foreach (['others crossing in front' => [['obstacles_per_s' => 0.8, 'obstacle_s' => 0.35], []], 'appearing without warning' => [['background_m' => 80, 'background_texture' => 0.7], ['path' => [...$base['path'], 'notice_s' => 0, 'start_m' => 18, 'seconds' => 1.4]]]] as $name => [$scene, $more]) {
    foreach (Response::PATIENCE_S as $patience) {
        $start = $more === [] ? [] : ['start_at_m' => 80];
        $lines[$name][] = $rate($scene, ['area' => 'ring-large', 'detect' => 'off', 'patience_s' => $patience] + $start, $more);
    }
}
$draw('patience', 'Frames kept by patience', array_map(static fn (float $s): string => "$s s", Response::PATIENCE_S), $lines);
