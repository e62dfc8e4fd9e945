<?php

declare(strict_types=1);

/*
 * Fits the free parameters of the simulation to levels, laws and orderings together: from where they are, one or two at
 * a time are moved by chance within their ranges, and what misses less is kept. Seeded, so that it can be repeated.
 *
 *   php core/bench/fit.php [TRIES] [SEED]        prints what was found; nothing is changed
 *   php core/bench/fit.php --judge '{"DAY": 0.4}' prints what these would miss
 */

use RushHold\Document\HoldDocument;
use RushHold\Document\RushDocument;
use RushHold\Focus\Outcome;
use RushHold\Focus\Simulator;
use RushHold\Planning\Chooser;
use RushHold\Tests\Statement;

require __DIR__.'/../../vendor/autoload.php';
require __DIR__.'/../../ops/compiler.php';

const SOURCE = __DIR__.'/../src/Focus/Parameters.php';
/** What is free, with the range that is physically sensible; `NAME.1` is the second of a list. */
const FREE = [
    'DAY' => [0.2, 0.5],
    'STRAY' => [0.05, 0.3],
    'READY_S.0' => [0.4, 1.2],
    'READY_S.1' => [1.5, 5.0],
    'READY_POWER' => [1.5, 4.0],
    'READY_FORESEEN' => [0.15, 0.5],
    'READY_NOTICE_S' => [0.8, 3.0],
    'LAPSES' => [0.03, 0.25],
    'READY_AT_FRAMES_PER_S' => [4.0, 40.0],
    'READY_AT_SIZE' => [0.05, 0.3],
    'SWING_S' => [0.003, 0.02],
    'SWING_OF_SIZE' => [0.03, 0.3],
    'HEAVE_S' => [0.002, 0.01],
    'HEAVE_OF_SIZE' => [0.04, 0.15],
    'TURNED.1' => [0.0, 0.06],
    'TURNED.2' => [0.1, 0.5],
    'OWN_SCATTER.0' => [0.25, 0.4],
    'OWN_SCATTER.1' => [0.4, 0.6],
    'UNEXPLAINED' => [0.02, 0.05],
    'DISSOLVED' => [0.02, 0.2],
    'GAIN_SPEED.1' => [0.03, 0.12],
    'GAIN_POSITION.1' => [0.25, 0.5],
    'SCATTER' => [0.3, 1.2],
    'VISIBLE_BLUR' => [0.1, 0.4],
    'PART_OFFSET' => [0.2, 0.6],
    'RIVAL' => [0.2, 1.0],
    'RIVAL_HELD_S' => [0.3, 1.5],
    'CRISPER_BACKGROUND' => [0.8, 2.5],
    'COMMIT_S' => [0.05, 0.25],
    'DETECT_HALF_PIXELS' => [35.0, 90.0],
    'BODY_SWAY_M.0' => [0.0002, 0.002],
    'BODY_SWAY_M.1' => [0.0002, 0.005],
    'IN_STEPS' => [0.7, 1.0],
    'EYE_HALF_PIXELS' => [8.0, 30.0],
    'ROUND_M' => [0.05, 0.5],
    'ERRATIC_SPEED' => [0.1, 0.5],
    'HELPER_PART' => [0.2, 0.8],
    'PULL_FELT' => [0.4, 0.95],
    'PATCH' => [0.006, 0.02],
    'YOUNG_GATE' => [1.0, 6.0],
    'UNDER_AREA' => [0.2, 0.9],
    'RECOGNISED_PART' => [0.2, 0.7],
    'JUMP_S' => [0.1, 0.6],
    'BLACKOUT_S' => [0.03, 0.09],
    'HUNT_AFTER_S' => [0.2, 0.8],
    'GATE_SHARE' => [0.02, 0.06],
    'PULL_ERROR' => [0.1, 0.8],
    'PULL_LATE' => [0.5, 3.0],
    'FIRST_MISS' => [0.1, 0.6],
    'FINDING_S' => [0.15, 0.5],
];

/** @param  array<string, float>  $values */
function changed(array $values): string
{
    $source = (string) file_get_contents(SOURCE);
    foreach ($values as $name => $value) {
        [$name, $place] = [...explode('.', $name), null];
        $source = (string) preg_replace_callback(
            "/(const $name = )(\\[[^\\]]*\\]|[\\d.e+-]+)/",
            static function (array $m) use ($value, $place): string {
                $list =
                    $place === null
                        ? $value
                        : array_replace((array) json_decode($m[2], true), [(int) $place => $value]);

                return $m[1].json_encode($list);
            },
            $source,
        );
    }

    return $source;
}

/** @return array<string, float> */
function now(): array
{
    $values = [];
    $source = (string) file_get_contents(SOURCE);
    foreach (array_keys(FREE) as $name) {
        [$constant, $place] = [...explode('.', $name), null];
        if (preg_match("/const $constant = (\\[[^\\]]*\\]|[\\d.e+-]+)/", $source, $m) === 1) {
            $value = json_decode($m[1], true);
            $values[$name] = (float) ($place === null ? $value : $value[(int) $place]);
        }
    }

    return $values;
}

if (($argv[1] ?? '') === '--judge') {
    eval(substr(changed((array) json_decode($argv[2], true)), 5));
    $missing = $near = [];
    foreach (Statement::all() as $name => $statement) {
        if (! $statement->isOfChoice()) {
            // Well within counts for a little: what was not fitted to is to hold as well.
            [, , $missing[$name], $near[$name]] = $statement->judge(1, 1_200_000, 200);
        }
    }
    $figure = static fn (Outcome $o, string $metric): float => match ($metric) {
        'keeper_rate' => $o->keeperRate,
        'any_keeper' => $o->anyKeeper,
        default => -$o->firstKeeperS,
    };
    foreach (
        json_decode((string) file_get_contents(__DIR__.'/../tests/cases/orderings.json'), true)['cases'] as $case
    ) {
        foreach ($case['expect'] as $i => $expect) {
            if (! in_array($expect['type'], ['better', 'better_rush'], true)) {
                continue;
            }
            $byHold = $expect['type'] === 'better';
            $of = static function (array $rush, array $hold) use ($figure, $expect): float {
                $rush = RushDocument::read($rush)->rush;
                $plan = Chooser::standard()->choose($rush, HoldDocument::read($hold)->fitting($rush->kit));

                return $figure((new Simulator($plan->situation))->run($plan->hold, 200, 1), $expect['metric']);
            };
            $missing["{$case['id']} #$i"] = max(
                0.0,
                $expect['gap'] -
                    $of($byHold ? $case['rush'] : $expect['better'], $byHold ? $expect['better'] : $expect['hold']) +
                    $of($byHold ? $case['rush'] : $expect['worse'], $byHold ? $expect['worse'] : $expect['hold']),
            );
        }
    }
    // Each that misses counts, and by how much; an order that is wrong more than a level that is off.
    arsort($missing);
    $missed = array_filter($missing, static fn (float $by): bool => $by > 0);
    echo json_encode([
        'misses' => array_sum(
            array_map(
                static fn (string $name, float $by): float => (preg_match('/^lo?-/', $name) === 1 ? 1 : 2.5) *
                    (0.02 + $by),
                array_keys($missed),
                $missed,
            ),
        ) +
            0.5 * array_sum($near),
        'missed' => array_map(static fn (float $by): float => round($by, 3), $missed),
    ]),
    "\n";
    exit(0);
}

[$tries, $seed] = [(int) ($argv[1] ?? 40), (int) ($argv[2] ?? 1)];
mt_srand($seed);
$best = now();
$jit = compiler_flags();
/** @param  list<array<string, float>>  $all
 * @return list<array{misses: float, missed: array<string, float>}> */
$judge = static function (array $all) use ($jit): array {
    $running = array_map(static function (array $values) use ($jit) {
        $process = new Symfony\Component\Process\Process(
            [PHP_BINARY, ...$jit, __FILE__, '--judge', (string) json_encode($values)],
            timeout: 600,
        );
        $process->start();

        return $process;
    }, $all);

    return array_map(static function ($process): array {
        $process->wait();

        return json_decode($process->getOutput(), true) ??
            throw new RuntimeException($process->getErrorOutput().$process->getOutput());
    }, $running);
};
[$now] = $judge([$best]);
printf("now %.3f, missed %s\n", $now['misses'], json_encode($now['missed']));
$cores = max(1, (int) shell_exec('nproc'));
for ($try = 0; $try < $tries; $try += $cores) {
    $others = [];
    for ($i = 0; $i < $cores; $i++) {
        $other = $best;
        foreach ((array) array_rand($best, mt_rand(1, 3)) as $name) {
            [$low, $high] = FREE[$name];
            $other[$name] = round(
                max(
                    $low,
                    min(
                        $high,
                        $best[$name] +
                            ($high - $low) * 0.25 * (mt_rand() / mt_getrandmax() + mt_rand() / mt_getrandmax() - 1),
                    ),
                ),
                5,
            );
        }
        $others[] = $other;
    }
    foreach ($judge($others) as $i => $said) {
        if ($said['misses'] < $now['misses']) {
            [$now, $changed] = [$said, array_diff_assoc($others[$i], $best)];
            $best = $others[$i];
            printf(
                "%d: %.3f with %s, missed %s\n",
                $try + $i,
                $now['misses'],
                json_encode($changed),
                json_encode($now['missed']),
            );
        }
    }
}
printf("%s\n", json_encode($best));
