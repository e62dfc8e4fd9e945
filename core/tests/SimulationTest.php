<?php

declare(strict_types=1);

use RushHold\Document\HoldDocument;
use RushHold\Document\RushDocument;
use RushHold\Focus\Chances;
use RushHold\Focus\LossCause;
use RushHold\Focus\Noise;
use RushHold\Focus\Outcome;
use RushHold\Focus\Parameters;
use RushHold\Focus\Passage;
use RushHold\Focus\Simulator;
use RushHold\Focus\Trace;
use RushHold\Hold\AimPoint;
use RushHold\Hold\Stabiliser;
use RushHold\Kit\Detection;
use RushHold\Kit\Wins;
use RushHold\Planning\Chooser;
use RushHold\Rush\Rush;
use RushHold\Situation\Situation;
use RushHold\Tests\Rushes;

/** @return array<string, array{array<string, mixed>, array<string, mixed>, int}> */
function orderings(): array
{
    $sets = [];
    $argued = array_column(
        json_decode((string) file_get_contents(__DIR__.'/cases/argued.json'), true)['orderings'],
        'statement',
    );
    foreach (json_decode((string) file_get_contents(__DIR__.'/cases/orderings.json'), true)['cases'] as $case) {
        foreach ($case['expect'] as $i => $expect) {
            if ($expect['type'] === 'best' || in_array("{$case['id']} #$i", $argued, true)) {
                continue;
            }
            foreach ([1, 2, 3] as $seed) {
                $sets["{$case['id']} #$i seed $seed"] = [$case, $expect, $seed];
            }
        }
    }

    return $sets;
}

it('orders set-ups as practice does', function (array $case, array $expect, int $seed): void {
    $figure = static fn (Outcome $o): float => match ($expect['metric']) {
        'keeper_rate' => $o->keeperRate,
        'any_keeper' => $o->anyKeeper,
        'first_keeper_s' => -$o->firstKeeperS,
    };
    $rush = static fn (array $document): Rush => RushDocument::read($document)->rush;
    if ($expect['type'] === 'at_least') {
        expect($figure(play($rush($case['rush']), $expect['hold'], 400, $seed)))->toBeGreaterThanOrEqual(
            $expect['value'],
        );

        return;
    }
    [$better, $worse] =
        $expect['type'] === 'better'
            ? [
                play($rush($case['rush']), $expect['better'], 400, $seed),
                play($rush($case['rush']), $expect['worse'], 400, $seed),
            ]
            : [
                play($rush($expect['better']), $expect['hold'], 400, $seed),
                play($rush($expect['worse']), $expect['hold'], 400, $seed),
            ];
    expect($figure($better) - $figure($worse))->toBeGreaterThanOrEqual($expect['gap'], $case['why']);
})->with(orderings());

it('gives the same to the last bit for the same seed, in one go or in parts', function (): void {
    $plan = Chooser::standard()->choose(Rushes::random(11));
    $simulator = new Simulator($plan->situation);
    $whole = $simulator->run($plan->hold, 60, 7);
    $parts = $simulator->run($plan->hold, 20, 7)->and($simulator->run($plan->hold, 40, 7, 20));
    expect((new Simulator($plan->situation))->run($plan->hold, 60, 7))
        ->toEqual($whole)
        ->and($parts->rates)
        ->toBe($whole->rates)
        ->and($parts->anyKeeper)
        ->toEqualWithDelta($whole->anyKeeper, 1e-12)
        ->and($simulator->run($plan->hold, 60, 8)->rates)
        ->not->toBe($whole->rates);
});

it('answers the same whatever was played before', function (array $change): void {
    $plan = Chooser::standard()->choose(
        Rushes::with(['scene.background_texture' => 0.8, 'subject.contrast' => 0.3, 'subject.depth_m' => 0.8]),
        HoldDocument::read(['focus' => ['area' => 'block', 'detect' => 'off']])->fitting(Rushes::with()->kit),
    );
    $used = new Simulator($plan->situation);
    $used->run($plan->hold, 40, 1);
    $changed = $plan->hold->with(...$change);
    expect($used->run($changed, 40, 1))->toEqual((new Simulator($plan->situation))->run($changed, 40, 1));
})->with([
    [['wins' => Wins::Nearest]],
    [['wins' => Wins::Middle]],
    [['aim' => AimPoint::Body]],
    [['eye' => true, 'detect' => Detection::Bird]],
    [['areaAt' => [0.2, 0.1]]],
    [['aperture' => 11.0]],
    [['shutterS' => 0.01]],
    [['startAtM' => 90.0]],
    [['stabiliser' => Stabiliser::On]],
]);

it('gives every lost frame exactly one cause', function (int $seed): void {
    $outcome = play(Rushes::random($seed), [], 60, $seed);
    $known = array_map(static fn (LossCause $c): string => $c->value, LossCause::cases());
    expect(array_sum($outcome->losses) + $outcome->keeperRate)
        ->toEqualWithDelta(1.0, 1e-9)
        ->and(array_diff(array_keys($outcome->losses), $known))
        ->toBe([])
        ->and($outcome->keepers()['low'])
        ->toBeLessThanOrEqual($outcome->keepers()['mean']);
})->with(range(1, 15));

it('keeps nearly every frame of something that sits in the open', function (array $hold): void {
    $rush = Rushes::with([
        'subject' => [
            'length_m' => 0.5,
            'height_m' => 0.4,
            'depth_m' => 0.1,
            'aim_size_m' => 0.06,
            'speed_mps' => 0.0,
            'kind' => 'bird',
            'erratic' => 0.0,
        ],
        'path' => ['start_m' => 15.0, 'notice_s' => 10.0],
        'photographer.support' => 'tripod',
    ]);
    expect(play($rush, $hold)->keeperRate)->toBeGreaterThanOrEqual(0.95);
})->with([
    [['focus' => ['mode' => 'single', 'area' => 'point']]],
    [['focus' => ['mode' => 'continuous', 'area' => 'block']]],
    [['focus' => ['area' => 'ring-small']]],
    [['focus' => ['area' => 'whole']]],
]);

it('never keeps more when something gets worse', function (array $better, array $worse): void {
    // The same hold on both sides, so that nothing is solved away.
    $gained = [];
    foreach (range(1, 12) as $seed) {
        $base = RushDocument::read(
            Rushes::document(['path.heading_deg' => 10.0 + 12 * $seed, 'path.start_m' => 25.0 + 2 * $seed] + $better),
        )->rush;
        $hold = HoldDocument::write(Chooser::standard()->choose($base)->hold);
        $changed = RushDocument::read(
            Rushes::document(['path.heading_deg' => 10.0 + 12 * $seed, 'path.start_m' => 25.0 + 2 * $seed] + $worse),
        )->rush;
        [$gain, $error] = play($changed, $hold, 80, $seed)->minus(play($base, $hold, 80, $seed));
        $gained[] = $gain;
        expect($gain)->toBeLessThanOrEqual(0.02 + 3 * $error, "heading and distance of seed $seed");
    }
    expect(array_sum($gained) / count($gained))->toBeLessThanOrEqual(0.005);
})->with([
    'more clutter in front' => [['scene.front_clutter' => 0.1], ['scene.front_clutter' => 0.4]],
    'worse aim' => [['photographer.aim' => 0.8], ['photographer.aim' => 0.2]],
    'rougher panning' => [['photographer.panning' => 0.8], ['photographer.panning' => 0.2]],
    'less light than focus likes' => [['light.ev100' => 8.0], ['light.ev100' => 0.0]],
    'a slower drive' => [['kit.lens.sweep_s' => 0.5], ['kit.lens.sweep_s' => 4.0]],
    'more that passes in front' => [['scene.obstacles_per_s' => 0.2], ['scene.obstacles_per_s' => 1.5]],
]);

it('gives the same in a mirror, within the noise', function (int $seed): void {
    $rush = Rushes::random($seed);
    $mirrored = new Rush(
        $rush->name,
        $rush->subject,
        $rush->path->mirrored(),
        $rush->scene,
        $rush->light,
        $rush->photographer,
        $rush->kit,
        $rush->finalUse,
        $rush->group,
    );
    $hold = Chooser::standard()->choose($rush)->hold;
    $flipped = $hold->with(areaAt: [-$hold->areaAt[0], $hold->areaAt[1]]);
    $one = (new Simulator(new Situation($rush)))->run($hold, 300, 1);
    $other = (new Simulator(new Situation($mirrored)))->run($flipped, 300, 1);
    expect(abs($one->keeperRate - $other->keeperRate))->toBeLessThanOrEqual(
        0.01 + 4 * hypot($one->standardError, $other->standardError),
    );
})->with(range(1, 10));

it('finds a body that decides for itself between the other two on something that moves', function (): void {
    $rate = static fn (string $mode): float => play(Rushes::with(['path.heading_deg' => 10.0]), [
        'focus' => ['mode' => $mode, 'area' => 'block'],
    ])->keeperRate;
    expect($rate('auto-switch'))
        ->toBeLessThan($rate('continuous') - 0.05)
        ->toBeGreaterThan($rate('single'));
});

it('takes down one run so that it can be looked at', function (): void {
    $plan = Chooser::standard()->choose(Rushes::with());
    $trace = new Trace();
    $simulator = new Simulator($plan->situation);
    $outcome = $simulator->run($plan->hold, 1, 1, 4, $trace);
    $kept = array_filter($trace->frames, static fn (array $f): bool => $f['kept']);
    expect(count($trace->frames))
        ->toBe($outcome->frames)
        ->and(count($kept) / $outcome->frames)
        ->toEqualWithDelta($outcome->keeperRate, 1e-9)
        ->and($trace->steps[0]['t'])
        ->toEqualWithDelta(0.0, 1e-9)
        ->and($outcome->rates)
        ->toBe($simulator->run($plan->hold, 1, 1, 4)->rates);
});

it('tells distances in its runs as everywhere else, from the lens', function (float $focal, float $start): void {
    $rush = Rushes::with([
        'subject.erratic' => 0.0,
        'subject.limb_speed_mps' => 0.0,
        'photographer.support' => 'tripod',
        'photographer.hand_focus' => 1.0,
        'path.start_m' => $start,
        'path.heading_deg' => 60.0,
        'subject.speed_mps' => 3.0,
        'kit.lens' => ['focal_mm' => $focal, 'nearest_m' => 2.5],
    ]);
    $plan = Chooser::standard()->choose(
        $rush,
        HoldDocument::read([
            'focus' => ['technique' => 'park', 'mode' => 'manual', 'start_at_m' => 0.9 * $start],
        ])->fitting($rush->kit),
    );
    $trace = new Trace();
    (new Simulator($plan->situation))->run($plan->hold, 1, 1, 0, $trace);
    // Somebody set it, even a master with an error, which is one of the travel.
    $set = 1 + Parameters::SET_ERROR[0] * Noise::white(5)[Chances::places(1, 0)[5] & Noise::MASK];
    $stands = $focal ** 2 / 1000 / (Passage::travel($focal, 0.9 * $start) * $set) + $focal / 1000;
    foreach ([0, 40, count($trace->steps) - 1] as $i) {
        $step = $trace->steps[$i];
        expect($step['distance_m'])
            ->toEqualWithDelta($rush->path->at($step['t'])->distanceM, 0.005)
            ->and($step['focus_m'])
            ->toEqualWithDelta($stands, 0.002);
    }
})->with([[500.0, 12.0], [200.0, 30.0], [800.0, 60.0]]);
