<?php

declare(strict_types=1);

/*
 * How often the bench finds the value a lens needs, and in how many frames: sweeps of the stand-in with a hidden error,
 * some with a second peak, and the retests it asks for until it is sure.
 *
 * php ops/bench-sweeps.php [sweeps]
 */

use RushHold\Bench\Series;
use RushHold\Bench\StandInSweep;
use RushHold\Bench\Sweep;
use RushHold\Bench\Trial;
use RushHold\Focus\Noise;

require __DIR__.'/../vendor/autoload.php';

$sweeps = (int) ($argv[1] ?? 240);
const ROUNDS = 4;
$even = Noise::even(71);
$found = $exact = $frames = $unsure = $rounds = $peaks = $seconds = 0;
for ($i = 0; $i < $sweeps; $i++) {
    $draw = static fn (int $n): float => $even[(53 * $i + $n) & Noise::MASK];
    $hidden = round(-12 + 24 * $draw(1));
    $second = $draw(2) < 0.4 ? $hidden + ($draw(3) < 0.5 ? -1 : 1) * (8 + 6 * $draw(4)) : null;
    $camera = new StandInSweep($hidden, 0.4 + 1.6 * $draw(5), $second, 0.02 + 0.04 * $draw(6));
    $trials = [];
    $take = static function (int $value) use (&$trials, $camera, $i): void {
        $trials[] = new Trial($value, $camera->score($value, 1000 * $i + count($trials)), 10.0, 500.0);
    };
    foreach (range(-20, 20) as $value) {
        $take($value);
    }
    $sweep = new Sweep($trials);
    $first = $sweep->series[0];
    $seconds += $second === null ? 0 : 1;
    $peaks += $second !== null && count($first->peaks()) > 1 ? 1 : 0;
    for ($round = 0; $round < ROUNDS && $sweep->retest() !== []; $round++) {
        foreach ($sweep->retest() as $again) {
            for ($k = 0; $k < $again['frames']; $k++) {
                $take($again['value']);
            }
        }
        $sweep = new Sweep($trials);
        $rounds++;
    }
    $value = $sweep->across()->value;
    $top = max(array_map($camera->expected(...), range(-20, 20)));
    $exact += abs($value - $hidden) <= 1 ? 1 : 0;
    $found += abs($value - $hidden) <= 1 || $camera->expected($value) >= (1 - Series::EQUAL) * $top ? 1 : 0;
    $frames += count($trials);
    $unsure += $sweep->retest() === [] ? 0 : 1;
}
printf(
    "%d sweeps of 41 values, hidden errors from −12 to +12, four in ten with a second peak: the hidden value within one step in **%.1f %%**, that or an equal in **%.1f %%**; %.1f frames on average, %.2f retests, %.1f %% still unsure after %d. Second peaks seen in the first sweep: %d of %d.\n",
    $sweeps,
    (100 * $exact) / $sweeps,
    (100 * $found) / $sweeps,
    $frames / $sweeps,
    $rounds / $sweeps,
    (100 * $unsure) / $sweeps,
    ROUNDS,
    $peaks,
    $seconds,
);
