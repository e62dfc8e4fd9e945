<?php

declare(strict_types=1);

/*
 * Writes docs/judgement.md: realistic rushes with the hold that is recommended, what it is said to keep, and the first
 * reason, to be read by somebody who photographs such things.
 *
 *   php core/bench/judgement.php
 */

use RushHold\Document\RushDocument;
use RushHold\Hold\Setting;
use RushHold\Hold\Technique;
use RushHold\Kit\Detection;
use RushHold\Library\Bodies;
use RushHold\Library\Lenses;
use RushHold\Library\Subjects;
use RushHold\Optics\StopScale;
use RushHold\Planning\Planner;
use RushHold\Units;
use RushHold\Words\Words;

require __DIR__.'/../../vendor/autoload.php';

$skills = ['first year' => [0.15, 0.15, 0.05], 'practised' => [0.5, 0.5, 0.3], 'master' => [0.95, 0.95, 0.75]];
$plain = ['front_clutter' => 0.0, 'background_m' => 200.0, 'background_texture' => 0.2];
$wood = ['background_m' => 45.0, 'background_texture' => 0.6, 'background_alike' => 0.4];
$pitch = [
    'background_m' => 60.0,
    'background_texture' => 0.6,
    'background_alike' => 0.6,
    'obstacles_per_s' => 0.6,
    'obstacle_s' => 0.35,
    'front_ratio' => 0.8,
];
/**
 * @var list<array{string, string, array<string, mixed>, array<string, mixed>, float}> $situations name, subject, way,
 *   scene, light
 */
$situations = [
    [
        'Puffin coming in to the slope',
        'puffin-flight',
        ['start_m' => 55, 'heading_deg' => 12, 'seconds' => 2.5, 'notice_s' => 2],
        $plain,
        13,
    ],
    [
        'Gull passing',
        'gull-flight',
        ['start_m' => 35, 'heading_deg' => 65, 'seconds' => 2.5, 'notice_s' => 4],
        $plain,
        14,
    ],
    [
        'Swallow low over a pond',
        'swallow',
        ['start_m' => 16, 'heading_deg' => 40, 'seconds' => 1.5, 'notice_s' => 0.6],
        ['background_m' => 40, 'background_texture' => 0.4],
        14,
    ],
    [
        'Heron striking',
        'heron-strike',
        ['start_m' => 18, 'heading_deg' => 90, 'seconds' => 2, 'notice_s' => 10],
        $wood,
        12,
    ],
    [
        'Pipit on a fence',
        'pipit-perched',
        ['start_m' => 10, 'heading_deg' => 90, 'seconds' => 3, 'notice_s' => 10],
        $plain,
        12,
    ],
    [
        'Hare bolting through grass',
        'hare-running',
        ['start_m' => 26, 'heading_deg' => 70, 'seconds' => 2, 'notice_s' => 0.5],
        ['front_clutter' => 0.35, 'front_ratio' => 0.75] + $wood,
        12,
    ],
    [
        'Dog straight at the camera',
        'dog-fetch',
        ['start_m' => 28, 'heading_deg' => 4, 'seconds' => 2.2, 'notice_s' => 4],
        ['background_m' => 60, 'background_texture' => 0.5],
        11.5,
    ],
    [
        'Footballer among others',
        'footballer-run',
        ['start_m' => 35, 'heading_deg' => 35, 'seconds' => 3, 'notice_s' => 4],
        $pitch,
        13,
    ],
    [
        'The same under floodlights',
        'footballer-run',
        ['start_m' => 35, 'heading_deg' => 35, 'seconds' => 3, 'notice_s' => 4],
        $pitch,
        8,
    ],
    [
        'Sprinting rider, head on',
        'rider-sprint',
        ['start_m' => 60, 'heading_deg' => 4, 'seconds' => 3, 'notice_s' => 8],
        ['background_m' => 120, 'background_texture' => 0.5],
        13,
    ],
    [
        'Swimmer',
        'swimmer-front',
        ['start_m' => 20, 'heading_deg' => 30, 'seconds' => 3, 'notice_s' => 8],
        ['background_m' => 40, 'background_texture' => 0.3],
        10,
    ],
    [
        'Racing car in a bend',
        'race-car-bend',
        ['start_m' => 60, 'heading_deg' => 60, 'seconds' => 2.5, 'notice_s' => 8, 'bend_radius_m' => 60],
        ['background_m' => 120, 'background_texture' => 0.5],
        14,
    ],
    ['Deer at dusk', 'red-deer-run', ['start_m' => 60, 'heading_deg' => 60, 'seconds' => 3, 'notice_s' => 6], $wood, 5],
    [
        'Songbird taking off among twigs',
        'songbird-take-off',
        ['start_m' => 9, 'heading_deg' => 60, 'seconds' => 1, 'notice_s' => 4],
        ['front_clutter' => 0.4, 'front_ratio' => 0.92, 'background_m' => 14, 'background_texture' => 0.7],
        12,
    ],
];
/** @var list<array{string, string, string}> $kits what it is called, body, lens */
$kits = [
    ['stacked, 500 f/4', 'fast-mirrorless', '500-f4'],
    ['old mirror, 200–600', 'old-mirror', '200-600'],
    ['stacked, 70–200 f/2.8', 'fast-mirrorless', '70-200-f28'],
];
// Each situation with three people and kits that somebody would bring: birds with the long lens, people and machines
// with either.
$rows = [];
foreach ($situations as $i => [$name, $subject, $way, $scene, $ev]) {
    $profile = Subjects::find($subject) ?? throw new LogicException("no subject $subject");
    foreach (['first year', 'practised', 'master'] as $j => $skill) {
        [$kit, $body, $lens] = $kits[
            in_array(
                $profile->document['subject']['kind'] ?? ($profile->document['kind'] ?? ''),
                ['bird', 'animal'],
                true,
            )
                ? ($j === 1 && $i % 2 === 1
                    ? 1
                    : 0)
                : ($j === 0
                    ? 2
                    : 0)
        ];
        $rows[] = [
            $name,
            $profile->document['subject'] ?? $profile->document,
            $way,
            $scene,
            $ev,
            $skill,
            $kit,
            $body,
            $lens,
        ];
    }
}
$rows = array_slice($rows, 0, 40);
$words = Words::in(Units::Metric);
$text =
    "# What it recommends\n\nWritten by `php core/bench/judgement.php`: rushes as people meet them, by kind, kit and skill, with the hold that comes out,\nthe frames it is said to keep, with the range that chance and an uncertain skill leave, and the first reason.\n\n".
    "| rush | who, with what | hold | keeps | first reason |\n|---|---|---|---|---|\n";
foreach ($rows as [$name, $subject, $way, $scene, $ev, $skill, $kit, $body, $lens]) {
    [$aim, $panning, $hand] = $skills[$skill];
    $rush = RushDocument::read([
        'format' => RushDocument::FORMAT,
        'name' => $name,
        'subject' => $subject,
        'path' => $way,
        'scene' => $scene,
        'light' => ['ev100' => $ev],
        'photographer' => ['aim' => $aim, 'panning' => $panning, 'hand_focus' => $hand],
        'kit' => ['body' => Bodies::all()[$body], 'lens' => Lenses::all()[$lens]],
    ])->rush;
    $ranking = Planner::standard()->rank($rush);
    $hold = $ranking->best->hold;
    $focus =
        $hold->technique === Technique::Auto
            ? sprintf(
                '%s, %s, %s%s, patience %s s, nimble %s',
                mb_strtolower(Words::label($hold->mode)),
                mb_strtolower(Words::label($hold->area)),
                $hold->detect === Detection::Off ? 'no detection' : mb_strtolower(Words::label($hold->detect)),
                $hold->eye ? ' with eye' : '',
                $hold->patienceS,
                $hold->nimble,
            )
            : mb_strtolower(Words::label($hold->technique)).' by hand';
    $keepers = $ranking->keepers();
    $reason = $ranking->plan->line($hold->technique === Technique::Auto ? Setting::Area : Setting::Technique)->reason;
    $text .= sprintf(
        "| %s | %s; %s | %s; %s, %s, ISO %d, stabiliser %s | %.0f %% (%.0f–%.0f) of %d | %s |\n",
        $name,
        $skill,
        $kit,
        $focus,
        StopScale::shutterLabel($hold->shutterS),
        StopScale::fLabel($hold->aperture),
        StopScale::isoLabel($hold->iso),
        mb_strtolower(Words::label($hold->stabiliser)),
        100 * $ranking->best->outcome->keeperRate,
        (100 * $keepers['low']) / $ranking->best->outcome->frames,
        (100 * $keepers['high']) / $ranking->best->outcome->frames,
        $ranking->best->outcome->frames,
        $words->say($reason),
    );
}
$file = __DIR__.'/../../docs/judgement.md';
$read =
    is_file($file) && preg_match('/\n## Read through.*/s', (string) file_get_contents($file), $found) === 1
        ? $found[0]
        : '';
file_put_contents($file, $text.$read);
printf("%d rushes written\n", count($rows));
