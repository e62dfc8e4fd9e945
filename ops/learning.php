<?php

declare(strict_types=1);

/*
 * How soon a log teaches the model about a person: photographers with skills and a lens that the model is not told of
 * log what the stand-in camera gives them, and what is predicted for them is held against what they really keep.
 *
 * php ops/learning.php [photographers] [spread of how far lenses focus beside, m] [frames of a burst]
 */

use RushHold\Camera\Hidden;
use RushHold\Camera\Shot;
use RushHold\Camera\StandIn;
use RushHold\Document\RushDocument;
use RushHold\Focus\Noise;
use RushHold\Focus\OneProcess;
use RushHold\Planning\Chooser;
use RushHold\Record\Learning;
use RushHold\Record\Logged;
use RushHold\Record\SkillRates;

require __DIR__.'/../vendor/autoload.php';

/** Each photographer shoots four of these, as a season brings them. */
const RUSHES = [
    'barriers',
    'muddy-hairpin',
    'gannet-along-the-edge',
    'puffin-coming-in',
    'sprint-finish',
    'hare-through-the-campion',
];
const OF_A_SEASON = 4;
/** Passes after which what is kept counts as known. */
const PASSES = 120;
/** Frames that are logged. */
const LOGGED = [100, 200, 400, 800];
$people = (int) ($argv[1] ?? 60);
// Spread of how far lenses focus beside, m.
$lensM = (float) ($argv[2] ?? 0.3);
// Frames that a finger holds the shutter down for, somewhere in a pass.
define('PRESS', (int) ($argv[3] ?? 4));
$cases = [];
foreach (RUSHES as $name) {
    $rush = RushDocument::read(
        json_decode((string) file_get_contents(__DIR__."/../formats/examples/$name.json"), true),
    )->rush;
    $cases[] = [$rush, Chooser::standard()->hold($rush)];
}
$rates = SkillRates::played($cases, new OneProcess());
$even = Noise::even(21);
$normal = Noise::white(22);
$kept = static fn (array $shots): int => count(array_filter($shots, static fn (Shot $s): bool => $s->kept));
$errors = [];
for ($who = 0; $who < $people; $who++) {
    $skill = static fn (int $i): float => 0.05 + 0.9 * $even[(64 * $who + 7 * $i) & Noise::MASK];
    $hidden = new Hidden($skill(1), $skill(2), $skill(3), $lensM * $normal[(64 * $who + 4) & Noise::MASK]);
    $mine = array_map(static fn (int $i): int => ($who + $i) % count(RUSHES), range(0, OF_A_SEASON - 1));
    $truth = $bursts = [];
    foreach ($mine as $m) {
        [$rush, $hold] = $cases[$m];
        $frames = $rates[$m]->frames;
        $camera = new StandIn($rush, $hold, $hidden);
        $truth[$m] = $kept(iterator_to_array($camera->shoot(PASSES * $frames, 7, 1000), false)) / (PASSES * $frames);
        for ($run = 0; $run < max(LOGGED) / OF_A_SEASON / PRESS; $run++) {
            $from = (int) ($even[(131 * $who + 17 * $run + 5 * $m) & Noise::MASK] * ($frames - PRESS + 1));
            $bursts[$m]["$m $run"] = [
                $kept(array_slice(iterator_to_array($camera->shoot($frames, 1000 + $who, $run), false), $from, PRESS)),
                PRESS,
            ];
        }
    }
    $true = array_sum($truth) / count($truth);
    $said = $cases[$mine[0]][0]->photographer->with(aim: 0.5, panning: 0.5, handFocus: 0.3);
    foreach (LOGGED as $count) {
        $logged = array_map(
            static fn (int $m): Logged => new Logged(
                $cases[$m][0],
                $cases[$m][1],
                array_slice($bursts[$m], 0, intdiv($count, OF_A_SEASON * PRESS)),
            ),
            $mine,
        );
        $theirs = array_map(static fn (int $m): SkillRates => $rates[$m], $mine);
        $learning = Learning::of($said, $logged, $theirs);
        $learned = $model = $counted = 0.0;
        foreach ($mine as $i => $m) {
            $learned += $learning->rate($theirs[$i], $logged[$i]->kit(), $logged[$i]->key())->mean / OF_A_SEASON;
            $model += $theirs[$i]->at(0.5, 0.5, 0.3) / OF_A_SEASON;
            $counted +=
                array_sum(array_column($logged[$i]->counts, 0)) /
                array_sum(array_column($logged[$i]->counts, 1)) /
                OF_A_SEASON;
        }
        $errors[$count][] = [$learned - $true, $model - $true, $counted - $true];
    }
}
$share = static fn (array $all, callable $is): float => (100 * count(array_filter($all, $is))) / count($all);
$typical = static fn (array $all, int $which): float => 100 *
    sqrt(array_sum(array_map(static fn (array $e): float => $e[$which] ** 2, $all)) / count($all));
printf(
    "%d photographers with lenses %.1f m beside, %d rushes each, %s; keeper rates over the season\n\n| frames logged | learned, within 5 points | better than the model alone | typical error: learned | model alone | counting alone |\n|---|---|---|---|---|---|\n",
    $people,
    $lensM,
    OF_A_SEASON,
    PRESS === 1 ? 'single frames' : 'bursts of '.PRESS.' frames',
);
foreach ($errors as $count => $all) {
    printf(
        "| %d | %.0f %% | %.0f %% | %.1f points | %.1f | %.1f |\n",
        $count,
        $share($all, static fn (array $e): bool => abs($e[0]) <= 0.05),
        $share($all, static fn (array $e): bool => abs($e[0]) < abs($e[1])),
        $typical($all, 0),
        $typical($all, 1),
        $typical($all, 2),
    );
}
