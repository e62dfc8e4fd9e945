<?php

declare(strict_types=1);

use RushHold\Document\Page;
use RushHold\Document\PlanDocument;
use RushHold\Focus\LossCause;
use RushHold\Focus\Outcome;
use RushHold\Hold\Setting;
use RushHold\Planning\Counterfactual;
use RushHold\Planning\Importance;
use RushHold\Planning\Softness;
use RushHold\Units;

it('puts first what loses most when it is set otherwise, unless that may be chance', function (): void {
    $plan = plan();
    $sure = static fn (Setting $s, float $change): Counterfactual => new Counterfactual($s, 0.3, 1.2, $change, 0.01);
    $first = Importance::of($plan->lines, $plan->hold, [
        $sure(Setting::Nimbleness, -0.5),
        $sure(Setting::Patience, -0.4),
        $sure(Setting::Patience, 0.6),
        $sure(Setting::Aperture, -0.3),
    ]);
    expect($first)->toBe([Setting::Nimbleness, Setting::Patience, Setting::Aperture]);
    $chance = new Counterfactual(Setting::Patience, 0.3, 1.2, -0.5, 0.3);
    expect(Importance::of($plan->lines, $plan->hold, [$chance]))
        ->toBe(Importance::of($plan->lines, $plan->hold))
        ->not->toContain(Setting::Patience);
});

it('names for a parked hold where it is parked, and never what is idle then', function (): void {
    $plan = plan([], ['focus' => ['technique' => 'park', 'mode' => 'manual']]);
    $loud = array_map(static fn (Setting $s): Counterfactual => new Counterfactual($s, 0, 1, -0.9, 0.001), [
        Setting::Patience,
        Setting::Area,
        Setting::Detect,
    ]);
    expect(Importance::of($plan->lines, $plan->hold, $loud))
        ->toContain(Setting::Technique, Setting::StartAt)
        ->not->toContain(Setting::Patience, Setting::Area, Setting::Detect);
    $idle = array_column(
        array_filter(PlanDocument::write($plan)['lines'], static fn (array $line): bool => $line['idle']),
        'setting',
    );
    expect($idle)->toBe(['focus.area', 'focus.detect', 'focus.eye', 'focus.patience_s', 'focus.nimble', 'focus.wins']);
});

it(
    'draws the background as softly as its distance from the focus makes it, and the subject where it is missed',
    function (): void {
        $plan = plan([
            'kit.lens' => ['focal_mm' => 500.0, 'max_aperture' => 4.0, 'nearest_m' => 3.0],
            'path.start_m' => 20.0,
            'scene.background_m' => 200.0,
            'scene.front_ratio' => 0.5,
        ]);
        $discs = (new Softness($plan->situation, $plan->hold->with(aperture: 4.0)))->at(20.0, 20.0);
        // 500 mm at f/4 focused at 20 m: 125 mm · 500/19500 · (1 − 20/200), and twice as near.
        expect($discs['subject_um'])
            ->toBe(0.0)
            ->and($discs['background_um'])
            ->toEqualWithDelta(2884.6, 0.5)
            ->and($discs['front_um'])
            ->toEqualWithDelta(3205.1, 0.5)
            ->and((new Softness($plan->situation, $plan->hold->with(aperture: 4.0)))->at(19.0, 20.0)['subject_um'])
            ->toEqualWithDelta(168.9, 0.1);
    },
);

it('says what another outcome saves most frames from', function (): void {
    $outcome = static fn (array $losses): Outcome => Outcome::of(20, [0.5, 0.5], 1.0, 0.1, $losses);
    $lost = $outcome(['hunting' => 0.4, 'air' => 0.3]);
    expect($lost->saved($outcome(['hunting' => 0.35, 'air' => 0.1, 'shake' => 0.5])))
        ->toBe(LossCause::Air)
        ->and($outcome([])->saved($lost))
        ->toBeNull();
});

it('writes a page with every setting once', function (): void {
    $page = (new Page(Units::Imperial))->ofOutcome(
        Outcome::of(40, [0.4, 0.6], 0.9, 0.5, ['hunting' => 0.4, 'air' => 0.0001]),
        plan(),
    );
    foreach (['Focus method', 'Focus mode', 'Patience', 'Shutter', 'Stabiliser', 'Support'] as $name) {
        expect(preg_match_all("/^  $name  /m", $page))->toBe(1, $name);
    }
    expect($page)
        ->toMatch('/Focus hunting +▇+ +16\.0/u')
        ->not->toContain('Heat shimmer ')
        ->toContain('Keeps')
        ->toMatch('/Prefocus at +\d+ ft/');
});
