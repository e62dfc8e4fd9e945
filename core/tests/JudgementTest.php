<?php

declare(strict_types=1);

use RushHold\Document\HoldDocument;
use RushHold\Focus\LossCause;
use RushHold\Focus\Simulator;
use RushHold\Hold\AimPoint;
use RushHold\Hold\Setting;
use RushHold\Hold\Stabiliser;
use RushHold\Planning\Chooser;
use RushHold\Planning\Counterfactual;
use RushHold\Planning\Planner;
use RushHold\Situation\Situation;
use RushHold\Tests\Rushes;

/* What a plan prefers, and what moves what is kept: each of these was once the other way round, or moved nothing. */

/** @param  array<string, mixed>  $hold */
function kept(array $changes, array $hold = [], int $runs = 300): float
{
    return play(Rushes::with($changes), $hold, $runs)->keeperRate;
}

it('settles the stabiliser by what keeps more', function (): void {
    $slow = Planner::standard()->rank(
        Rushes::with([
            'subject.speed_mps' => 0.0,
            'subject.limb_speed_mps' => 0.2,
            'subject.erratic' => 0.0,
            'light.ev100' => 9.0,
        ]),
    )->best->hold;
    $pinned = Planner::standard()->rank(
        Rushes::with(['light.ev100' => 9.0]),
        HoldDocument::read(['stabiliser' => 'off'])->fitting(Rushes::with()->kit),
    )->best->hold;
    expect($slow->stabiliser)->not->toBe(Stabiliser::Off)->and($pinned->stabiliser)->toBe(Stabiliser::Off);
});

it('never buys a frame with light that is not there', function (): void {
    $ranking = Planner::standard()->rank(Rushes::with(['light.ev100' => 7.0]));
    $hold = $ranking->best->hold;
    expect($hold->iso)
        ->toBeLessThanOrEqual($ranking->plan->situation->photographer->isoCeiling)
        ->and($hold->aperture)
        ->toEqualWithDelta($ranking->plan->situation->kit->widest(), 0.01);
});

it('goes slower before it goes dark, and no farther than it says', function (): void {
    $bright = plan(['light.ev100' => 13.0]);
    $dim = plan(['light.ev100' => 7.5]);
    $dark = plan(['light.ev100' => 0.0]);
    $line = said(lineOf($dim, Setting::Shutter)->reason);
    expect($dim->hold->shutterS)
        ->toBeGreaterThan(1.2 * $bright->exposure->need->bodyS)
        ->and($dim->exposure->evShort)
        ->toBeLessThan(0.2)
        ->and($line)
        ->toContain('not enough light')
        ->and($dark->hold->shutterS)
        ->toBeLessThan(3.4 * max($bright->exposure->need->bodyS, $bright->exposure->floor->shutterS))
        ->and($dark->exposure->evShort)
        ->toBeGreaterThan(1.0)
        ->and(plan(['light.ev100' => 7.5], ['exposure' => ['shutter_s' => 1 / 2000]])->hold->shutterS)
        ->toBe(1 / 2000);
});

it('asks for no shutter far beyond the rule of thumb', function (float $aim): void {
    $plan = plan([
        'subject.speed_mps' => 25.0,
        'path.heading_deg' => 90.0,
        'path.start_m' => 12.0,
        'photographer.aim' => $aim,
        'photographer.panning' => $aim,
    ]);
    expect($plan->hold->shutterS)
        ->toBeGreaterThan($plan->exposure->floor->shutterS / 2.7)
        ->toBeLessThanOrEqual($plan->exposure->floor->shutterS * 1.03);
})->with([0.0, 0.5, 1.0]);

it('does not call a swing on the spot still, and holds a swimmer by the head', function (): void {
    $swing = ['subject.speed_mps' => 0.0, 'subject.kind' => 'person', 'subject.erratic' => 0.0];
    expect(plan([...$swing, 'subject.limb_speed_mps' => 30.0])->hold->shutterS)
        ->toBeLessThan(1 / 1500)
        ->and(plan([...$swing, 'subject.limb_speed_mps' => 0.2])->exposure->floor->shutterS)
        ->toBe(1 / 500)
        ->and(plan(['subject.kind' => 'person', 'subject.figure' => 'swimmer'])->hold->aim)
        ->toBe(AimPoint::Head)
        ->and(plan(['subject.kind' => 'person'])->hold->aim)
        ->toBe(AimPoint::Chest);
});

it('limits the range by a switch only where the lens has one', function (): void {
    $switch = [
        'kit' => [
            'lens' => [
                'focal_mm' => 500,
                'max_aperture' => 4,
                'nearest_m' => 3.5,
                'ranges' => [['near_m' => 10, 'far_m' => null]],
            ],
        ],
    ];
    expect(plan()->hold->range)
        ->toBeNull()
        ->and(said(lineOf(plan(), Setting::RangeLimit)->reason))
        ->toContain('no focus limiter')
        ->and(plan($switch)->hold->range?->nearM)
        ->toBe(10.0);
});

it('says what a change would lose, and to what', function (): void {
    $lost = new Counterfactual(Setting::Area, 'block', 'point', -0.2, 0.01, LossCause::Background);
    expect(said($lost->against(50)))
        ->toBe('Any other setting loses 10 frames or more per pass, mostly to focus on the background.')
        ->and((new Counterfactual(Setting::Area, 'block', 'point', -0.2, 0.15, LossCause::Background))->against(50))
        ->toBeNull()
        ->and((new Counterfactual(Setting::Area, 'block', 'point', 0.2, 0.01, null))->against(50))
        ->toBeNull();
});

it('shows how much hangs on a skill that is only roughly known', function (): void {
    $ranking = Planner::standard()->rank(
        Rushes::with(['subject.length_m' => 0.28, 'subject.speed_mps' => 17.0, 'path.start_m' => 55.0]),
    );
    $range = $ranking->keepers();
    $noise = $ranking->best->outcome->keepers();
    expect($range['low'])
        ->toBeLessThan($noise['low'])
        ->and($range['high'])
        ->toBeGreaterThanOrEqual($noise['high'])
        ->and($range['mean'])
        ->toBe($noise['mean'])
        ->and($ranking->bySkill[0])
        ->toBeLessThan($ranking->bySkill[1]);
});

it('keeps more with what helps, and less with what hinders', function (
    array $more,
    array $less,
    float $gap,
    array $hold = [],
): void {
    expect(kept($more, $hold) - kept($less, $hold))->toBeGreaterThan($gap);
})->with([
    'aim' => [
        ['photographer.aim' => 0.95, 'photographer.panning' => 0.95],
        ['photographer.aim' => 0.1, 'photographer.panning' => 0.1],
        0.2,
    ],
    'a deep subject under a placed area' => [
        ['subject.depth_m' => 0.05, 'path.start_m' => 20.0],
        ['subject.depth_m' => 2.0, 'path.start_m' => 20.0],
        0.05,
        ['focus' => ['area' => 'ring-small', 'detect' => 'off']],
    ],
    'the light behind it' => [
        ['subject.contrast' => 0.3, 'light.ev100' => 9.0],
        ['subject.contrast' => 0.3, 'light.ev100' => 9.0, 'scene.backlit' => true],
        0.003,
        ['focus' => ['area' => 'ring-small', 'detect' => 'off']],
    ],
    'wind on a stalk' => [
        [
            'subject.speed_mps' => 0.0,
            'path.start_m' => 1.0,
            'kit' => ['lens' => ['focal_mm' => 100, 'max_aperture' => 2.8, 'nearest_m' => 0.3]],
        ],
        [
            'subject.speed_mps' => 0.0,
            'path.start_m' => 1.0,
            'kit' => ['lens' => ['focal_mm' => 100, 'max_aperture' => 2.8, 'nearest_m' => 0.3]],
            'scene.wind' => 1.0,
        ],
        0.1,
    ],
    'others of its kind' => [
        ['scene.background_alike' => 0.0, 'subject.distinct' => 0.2],
        ['scene.background_alike' => 1.0, 'subject.distinct' => 0.2],
        0.02,
        ['focus' => ['area' => 'whole', 'detect' => 'bird']],
    ],
    'somebody else who has to be sharp' => [[], ['group' => [['distance_m' => 20.0]]], 0.3],
    'no mirror' => [
        ['subject.speed_mps' => 15.0],
        ['subject.speed_mps' => 15.0, 'kit.body.mirror' => true],
        0.02,
        ['focus' => ['area' => 'ring-small', 'detect' => 'off']],
    ],
]);

it('keeps nothing of what is wholly covered, whatever the technique', function (array $focus): void {
    expect(kept(['scene.front_clutter' => 1.0, 'scene.front_ratio' => 0.95], ['focus' => $focus]))->toBeLessThan(0.01);
})->with([
    [['technique' => 'park', 'mode' => 'manual']],
    [['technique' => 'follow', 'mode' => 'manual']],
    [['area' => 'point', 'detect' => 'off']],
    [['area' => 'whole', 'detect' => 'bird']],
]);

it('lets air spoil most frames of a warm noon, and not all alike', function (): void {
    $place = ['latitude_deg' => 50.0, 'longitude_deg' => 0.0, 'shooting_bearing_deg' => 0.0];
    $at = static fn (string $hour): float => kept([
        'path.start_m' => 350.0,
        'subject.speed_mps' => 1.0,
        'subject.length_m' => 1.6,
        'subject.height_m' => 1.2,
        'subject.aim_size_m' => 0.12,
        'photographer.support' => 'tripod',
        'scene.surface' => 'sand',
        'light' => ['sky' => 'clear', 'place' => [...$place, 'at' => "2026-07-10T$hour:00+00:00"]],
    ]);
    expect($at('12:30'))->toBeLessThan(0.3)->toBeGreaterThan(0.0)->and($at('04:30'))->toBeGreaterThan(0.5);
});

it('begins to follow later the smaller the subject and the less practised the person', function (): void {
    $lost = static function (array $changes): float {
        $plan = Chooser::standard()->choose(Rushes::with($changes));

        return (new Simulator(new Situation($plan->situation->rush)))->run($plan->hold, 300, 1)->losses[
            LossCause::NotCaught->value
        ] ?? 0.0;
    };
    expect($lost(['photographer.panning' => 0.1]))
        ->toBeGreaterThan($lost(['photographer.panning' => 0.9]) + 0.05)
        ->and($lost(['subject.length_m' => 0.2, 'subject.height_m' => 0.15, 'photographer.panning' => 0.2]))
        ->toBeGreaterThan($lost(['photographer.panning' => 0.2]) + 0.02)
        ->and($lost(['photographer.panning' => 0.1, 'path.notice_s' => 8.0]))
        ->toBeGreaterThan($lost(['photographer.panning' => 0.9, 'path.notice_s' => 8.0]) + 0.05);
});
