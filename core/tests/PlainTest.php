<?php

declare(strict_types=1);

/* The long flat loop of the simulation against the same told plainly, over rushes, set-ups and chances of every kind. */

use RushHold\Focus\Simulator;
use RushHold\Focus\Trace;
use RushHold\Hold\Stabiliser;
use RushHold\Hold\Technique;
use RushHold\Kit\Area;
use RushHold\Kit\Detection;
use RushHold\Kit\FocusMode;
use RushHold\Planning\Chooser;
use RushHold\Rush\Rush;
use RushHold\Tests\Plain\AutoRun;
use RushHold\Tests\Rushes;

/** A rush in which anything may happen, the same for the same seed. */
function eventful(int $seed): Rush
{
    mt_srand($seed);
    $some = static fn (float $low, float $high): float => $low + (($high - $low) * mt_rand()) / mt_getrandmax();
    $maybe = static fn (float $chance, float $value): float => mt_rand() / mt_getrandmax() < $chance ? $value : 0.0;

    return Rushes::with([
        'subject.erratic' => $maybe(0.6, $some(0.05, 0.8)),
        'subject.contrast' => $some(0.1, 1),
        'subject.distinct' => $some(0.1, 1),
        'subject.depth_m' => $some(0.05, 1.5),
        'subject.speed_mps' => $maybe(0.85, $some(1, 25)),
        'subject.kind' => ['bird', 'person', 'off'][mt_rand(0, 2)],
        'path.start_m' => $some(15, 70),
        'path.heading_deg' => $some(-90, 90),
        'path.seconds' => $some(0.5, 3),
        'path.notice_s' => [0.0, 0.2, 1.0, 3.0][mt_rand(0, 3)],
        'scene.front_clutter' => $maybe(0.5, $some(0.05, 0.8)),
        'scene.obstacles_per_s' => $maybe(0.5, $some(0.2, 3)),
        'scene.obstacle_s' => $some(0.05, 0.6),
        'scene.background_texture' => $some(0, 1),
        'scene.background_alike' => $some(0, 1),
        'scene.wind' => $some(0, 1),
        'light.ev100' => $some(-3, 15),
        'photographer.aim' => $some(0, 1),
        'photographer.panning' => $some(0, 1),
        'photographer.hand_focus' => $some(0, 1),
        'kit.body.mirror' => mt_rand(0, 3) === 0,
        'kit.body.focus_cycle_hz' => [20, 60, 120][mt_rand(0, 2)],
        'kit.lens.sweep_s' => $some(0.3, 2),
        ...mt_rand(0, 2) === 0 ? ['group' => [['distance_m' => $some(12, 40)], ['distance_m' => $some(12, 40)]]] : [],
        ...mt_rand(0, 3) === 0 ? ['kit.body.points' => ['width' => 0.6, 'height' => 0.4]] : [],
    ]);
}

it('does in one loop what the steps say', function (int $seed): void {
    $rush = eventful($seed);
    $plan = Chooser::standard()->choose($rush);
    $shapes = $rush->kit->body->areas;
    foreach (
        array_rand(array_flip(array_map(static fn (Area $a): string => $a->value, Area::cases())), 4) as $i => $word
    ) {
        $shape = $shapes[$word];
        $modes = array_values(
            array_filter([FocusMode::Continuous, FocusMode::Single, FocusMode::AutoSwitch], $shape->allows(...)),
        );
        $hold = $plan->hold->with(
            technique: Technique::Auto,
            mode: $modes[mt_rand(0, count($modes) - 1)],
            area: $shape->area,
            detect: [Detection::Off, Detection::Bird][mt_rand(0, 1)],
            eye: mt_rand(0, 1) === 1,
            patienceS: [0.0, 0.12, 0.6, 1.2][mt_rand(0, 3)],
            nimble: mt_rand(0, 4) / 4,
            areaAt: [mt_rand(-3, 3) / 10, mt_rand(-3, 3) / 10],
            range: mt_rand(0, 1) === 1 ? $plan->hold->range : null,
            stabiliser: [Stabiliser::Off, Stabiliser::On][mt_rand(0, 1)],
        );
        $trace = new Trace();
        (new Simulator($plan->situation))->run($hold, 1, $seed, $i, $trace);
        $plain = (new AutoRun($plan->situation, $hold, $seed, $i))->play();

        expect(array_map(static fn (array $f): array => [round($f[0], 4), $f[1]], $plain->frames))->toBe(
            array_map(static fn (array $f): array => [$f['t'], $f['cause']], $trace->frames),
        );
        $f = $plan->situation->lens->focalMm;
        $told = array_map(
            static fn (array $s): array => [
                't' => round($s['t'], 4),
                'focus_m' => round(min(10000.0, $f ** 2 / 1000 / max($s['focus'], $f ** 2 / 1e7) + $f / 1000), 3),
                'aim_x' => round($s['x'], 4),
                'aim_y' => round($s['y'], 4),
                'seen' => Trace::SEEN[$s['seen']],
                'hidden' => $s['blocked'],
            ],
            $plain->steps,
        );
        expect($told)->toBe(
            array_map(static fn (array $s): array => array_diff_key($s, ['distance_m' => 0]), $trace->steps),
        );
    }
})->with(range(1, 60));
