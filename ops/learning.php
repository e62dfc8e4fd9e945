<?php

declare(strict_types=1);

/*
 * How soon a log teaches the model about a person: photographers with skills and a lens that the model is not told of log
 * what the stand-in camera gives them, and what is predicted for them is held against what they really keep.
 *
 * php ops/learning.php [photographers] [frames each]
 */

use RushHold\Camera\Hidden;
use RushHold\Camera\StandIn;
use RushHold\Document\RushDocument;
use RushHold\Focus\Noise;
use RushHold\Focus\OneProcess;
use RushHold\Planning\Chooser;
use RushHold\Record\Learning;
use RushHold\Record\Logged;
use RushHold\Record\SkillRates;

require __DIR__.'/../vendor/autoload.php';

$people = (int) ($argv[1] ?? 60);
$each = (int) ($argv[2] ?? 200);
const RUSHES = ['barriers', 'muddy-hairpin', 'gannet-along-the-edge', 'puffin-coming-in', 'sprint-finish', 'hare-through-the-campion'];
/** Frames that a finger holds the shutter down for. */
define('PRESS', (int) ($argv[4] ?? 4));
/** Passes after which what is kept counts as known. */
const PASSES = 150;

$cases = [];
foreach (RUSHES as $name) {
    $rush = RushDocument::read(json_decode((string) file_get_contents(__DIR__."/../formats/examples/$name.json"), true))->rush;
    $cases[$name] = [$rush, Chooser::standard()->choose($rush)->hold];
}
$rates = SkillRates::played(array_values($cases), new OneProcess);
foreach (array_keys($cases) as $i => $name) {
    printf("%-28s %2d frames a pass, alike %.2f, kept %3.0f %% to %3.0f %%\n", $name, $rates[$i]->frames, $rates[$i]->alike, 100 * $rates[$i]->at(0.1, 0.1, 0.1), 100 * $rates[$i]->at(0.9, 0.9, 0.9));
}

$even = Noise::even(21);
$normal = Noise::white(22);
$within = $better = 0;
$errors = $before = [];
for ($who = 0; $who < $people; $who++) {
    $draw = static fn (int $i): float => $normal[(64 * $who + $i) & Noise::MASK];
    $skill = static fn (int $i): float => 0.05 + 0.9 * $even[(64 * $who + 7 * $i) & Noise::MASK];
    $hidden = new Hidden($skill(1), $skill(2), $skill(3), 0.3 * $draw(4));
    // Two rushes of a season, as a person shoots what is near.
    $mine = array_values(array_intersect_key(array_keys($cases), array_flip([(int) ($even[97 * $who] * 6), ((int) ($even[97 * $who] * 6) + 1 + (int) ($even[97 * $who + 1] * 5)) % 6])));
    $logged = $mineRates = [];
    $truth = [];
    foreach ($mine as $m) {
        [$rush, $hold] = $cases[$m];
        $counts = [];
        $taken = 0;
        $pass = $mineRates[] = $rates[array_search($m, array_keys($cases), true)];
        for ($run = 0; $taken < $each / count($mine); $run++) {
            // Somewhere in the pass the finger goes down.
            $from = (int) ($even[(131 * $who + 17 * $run) & Noise::MASK] * ($pass->frames - PRESS + 1));
            $shots = array_slice(iterator_to_array((new StandIn($rush, $hold, $hidden))->shoot($pass->frames, 1000 + $who, $run), false), $from, PRESS);
            $counts["$m $run"] = [count(array_filter($shots, static fn ($s): bool => $s->kept)), count($shots)];
            $taken += count($shots);
        }
        $kept = $all = 0;
        foreach ((new StandIn($rush, $hold, $hidden))->shoot(PASSES * $pass->frames, 7, 1000) as $shot) {
            $kept += $shot->kept ? 1 : 0;
            $all++;
        }
        $truth[$m] = $kept / $all;
        $logged[] = new Logged($rush, $hold, $counts);
    }
    $said = $cases[$mine[0]][0]->photographer->with(aim: 0.5, panning: 0.5, handFocus: 0.5);
    $learning = Learning::of($said, $logged, $mineRates);
    $now = $model = $raw = $true = 0.0;
    foreach ($mine as $i => $m) {
        $now += $learning->rate($mineRates[$i], $logged[$i]->kit())->mean / count($mine);
        $model += $mineRates[$i]->at(0.5, 0.5, 0.5) / count($mine);
        $raw += array_sum(array_column($logged[$i]->counts, 0)) / array_sum(array_column($logged[$i]->counts, 1)) / count($mine);
        $true += $truth[$m] / count($mine);
    }
    $errors[] = $now - $true;
    $before[] = $model - $true;
    $raws[] = $raw - $true;
    if (($argv[3] ?? '') !== '') {
        printf("aim %.2f pan %.2f lens %+.2f  true %.3f raw %.3f model %.3f learned %.3f\n", $hidden->aim, $hidden->panning, $hidden->lensErrorM, $true, $raw, $model, $now);
    }
}
$rms = static fn (array $e): float => sqrt(array_sum(array_map(static fn (float $x): float => $x * $x, $e)) / count($e));
$in = static fn (array $e): float => 100 * count(array_filter($e, static fn (float $x): bool => abs($x) <= 0.05)) / count($e);
printf("learned rms %.3f within %.0f %%; model rms %.3f within %.0f %%; raw %.3f within %.0f %%\n", $rms($errors), $in($errors), $rms($before), $in($before), $rms($raws), $in($raws));
printf("better %.0f %%\n", 100 * count(array_filter(array_keys($errors), static fn (int $i): bool => abs($errors[$i]) <= abs($before[$i]))) / count($errors));
