<?php

declare(strict_types=1);

use RushHold\Document\HoldDocument;
use RushHold\Document\RushDocument;
use RushHold\Focus\FocusCycles;
use RushHold\Focus\Noise;
use RushHold\Focus\Parameters;
use RushHold\Focus\Passage;
use RushHold\Focus\Seeing;
use RushHold\Focus\Simulator;
use RushHold\Planning\Chooser;
use RushHold\Planning\Planner;

require __DIR__.'/../../vendor/autoload.php';

/** How fast the simulation and the planner are: medians and spread, and the same inner loop in C beside it. */
const RUNS = 200;

$spread = static function (array $times): string {
    sort($times);
    $at = static fn (float $q): float => $times[(int) floor($q * (count($times) - 1))];

    return sprintf(
        'median %.1f ms, 10 %% under %.1f ms, 90 %% under %.1f ms (%d times)',
        $at(0.5),
        $at(0.1),
        $at(0.9),
        count($times),
    );
};
$example = static fn (string $name): mixed => json_decode(
    (string) file_get_contents(__DIR__."/../../formats/examples/$name.json"),
    true,
);

// Whole plans.
$times = [];
$tried = [];
$names = [
    'puffin-coming-in',
    'gannet-along-the-edge',
    'tern-hovering',
    'hare-through-the-campion',
    'barriers',
    'muddy-hairpin',
    'sprint-finish',
];
for ($round = 0; $round < 4; $round++) {
    foreach ($names as $name) {
        $rush = RushDocument::read($example($name))->rush;
        $started = hrtime(true);
        $ranking = Planner::standard()->rank($rush);
        if ($round > 0) {
            $times[] = (hrtime(true) - $started) / 1e6;
            $tried[] = count($ranking->candidates);
        }
    }
}
printf(
    "A full plan of %d to %d set-ups: %s; memory at most %.0f MB\n",
    min($tried),
    max($tried),
    $spread($times),
    memory_get_peak_usage() / 1e6,
);

// One set-up: a zone with detection, 2.5 s in the open.
$rush = RushDocument::read($example('puffin-coming-in'))->rush;
$plan = Chooser::standard()->choose(
    $rush,
    HoldDocument::read(['focus' => ['area' => 'block', 'patience_s' => 0.3, 'nimble' => 0.5]])->fitting($rush->kit),
);
$hold = $plan->hold;
$simulator = new Simulator($plan->situation);
for ($i = 0; $i < 10; $i++) {
    $simulator->run($hold, RUNS, 1);
}
$times = [];
$rate = 0.0;
for ($i = 0; $i < 40; $i++) {
    $started = hrtime(true);
    $rate = $simulator->run($hold, RUNS, 1)->keeperRate;
    $times[] = (hrtime(true) - $started) / 1e6;
}
printf("One set-up, %d runs of %.1f s: %s\n", RUNS, $rush->path->seconds, $spread($times));

// The same in C.
$compiler = trim((string) shell_exec('command -v cc || command -v gcc'));
if ($compiler === '') {
    echo "No C compiler here, so no yardstick.\n";
} else {
    $s = $plan->situation;
    $course = new FocusCycles($s, $hold, new Passage($s, FocusCycles::lead($s, $hold)), $s->kit->body->areas[$hold->area->value]);
    $dt = $course->stepS;
    $seeing = new Seeing($s, $hold, $course);
    $patience = $hold->patienceS;
    $numbers = [
        [
            $course->steps,
            $course->lead,
            RUNS,
            $dt,
            $patience,
            1 - (1 - Parameters::gain(Parameters::GAIN_POSITION, $hold->nimble)) ** (60 * $dt),
            min(1.0, Parameters::gain(Parameters::GAIN_SPEED, $hold->nimble) * (60 * $dt) ** 2),
            $course->driveMmPerStep,
            $course->nearTravel,
            $course->farTravel,
            $course->startTravel,
            $s->lens->focalMm ** 2 / 1000,
            0.0,
            Noise::quantile($s->scene->backgroundTexture),
            Parameters::ERRATIC_SPEED * $s->subject->erratic * $rush->path->speedMps,
            $course->shakeUm,
            1000 / $hold->aperture,
            $course->shape->width / 2,
            $course->shape->height / 2,
            $hold->areaAt[0],
            $hold->areaAt[1],
            $course->visibleLarge,
            Parameters::HUNT_AFTER_S,
            Parameters::LOOK_S,
            max(Parameters::COAST_S, $patience),
            Parameters::COMMIT_S,
            Parameters::BLINK_S,
            Parameters::FASTEST_MPS,
            $seeing->failsAtAll ? $seeing->fails : 0.0,
            $course->swingM,
            $course->readyS,
            $course->setError,
            Parameters::DAY,
            $course->airUm ** 2,
            Parameters::JUMP_S,
            Parameters::RECOGNISED_BLUR,
            Parameters::RECOGNISED_PART,
            $seeing->zRival,
            (int) $seeing->rivals,
            Parameters::YOUNG_CYCLES,
            Parameters::YOUNG_GATE,
        ],
        $course->way->aim,
        $course->way->perMetre,
        $course->way->part,
        $course->way->background,
        $course->missX,
        $course->missY,
        $course->trailX,
        $course->trailY,
        $course->first,
        $course->way->halfX,
        $course->way->halfY,
        $course->visible,
        $course->detects,
        $course->smear,
        $course->room,
        $course->scatter,
        $course->gate,
        $course->frames,
        $course->within,
        $course->crisper,
        $course->eyes,
        $course->way->rivalNear,
        $course->way->rivalFar,
        Noise::straying(1, Parameters::AIM_MEMORY_S, $dt),
        Noise::speed(1, Parameters::AIM_MEMORY_S, $dt),
        Noise::smooth(2, Parameters::PATCH_MEMORY_S, $dt),
        Noise::smooth(3, 0.4, $dt),
        Noise::way(4, 0.5, $dt),
        Noise::white(5),
        Noise::smooth(7, Parameters::SWING_MEMORY_S, $dt),
        Noise::lucky(8, 2 * Parameters::AIR_SPREAD),
        Noise::even(6),
    ];
    $folder = sys_get_temp_dir().'/rush-hold-yardstick-'.getmypid();
    mkdir($folder);
    file_put_contents(
        "$folder/in.txt",
        implode(
            "\n",
            array_map(
                static fn (array $list): string => implode(
                    ' ',
                    array_map(static fn ($n): string => sprintf('%.17g', $n), $list),
                ),
                $numbers,
            ),
        ),
    );
    exec(
        sprintf(
            '%s -O2 -o %s %s -lm',
            $compiler,
            escapeshellarg("$folder/loop"),
            escapeshellarg(__DIR__.'/inner-loop.c'),
        ),
    );
    // By turns, as a machine that others use changes its speed from second to second.
    $phpTimes = $cTimes = [];
    $cRate = 0.0;
    for ($turn = 0; $turn < 12; $turn++) {
        $php = INF;
        for ($i = 0; $i < 4; $i++) {
            $started = hrtime(true);
            $simulator->run($hold, RUNS, 1);
            $php = min($php, (hrtime(true) - $started) / 1e6);
        }
        $out = [];
        exec(escapeshellarg("$folder/loop").' '.escapeshellarg("$folder/in.txt"), $out);
        [$c, $cRate] = array_map(floatval(...), explode(' ', $out[0] ?? '0 0'));
        $cTimes[] = $c;
        $phpTimes[] = $php;
    }
    printf("The same inner loop in C: %s; keeper rate %.4f there, %.4f here\n", $spread($cTimes), $cRate, $rate);
    // Whatever else runs only ever slows things down, so the best of each is what they can do.
    printf(
        "PHP : C, the best of twelve turns each: %.2f ms to %.2f ms, %.1f times as long\n",
        min($phpTimes),
        min($cTimes),
        min($phpTimes) / max(1e-9, min($cTimes)),
    );
    exec('rm -rf '.escapeshellarg($folder));
}
