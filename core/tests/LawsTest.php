<?php

declare(strict_types=1);

/* What holds whatever the figures are: which way each fact of a rush moves what is kept. */

use RushHold\Focus\LossCause;
use RushHold\Focus\Outcome;
use RushHold\Focus\Simulator;
use RushHold\Hold\AimPoint;
use RushHold\Hold\Technique;
use RushHold\Kit\Area;
use RushHold\Kit\Detection;
use RushHold\Kit\FocusMode;
use RushHold\Planning\Chooser;
use RushHold\Tests\Rushes;

/**
 * What the same set-up keeps of a rush with these changes.
 *
 * @param  array<string, mixed>  $changes  by the names that documents use
 * @param  array<string, mixed>  $hold
 */
function keptOf(array $changes, array $hold = [], int $runs = 300): Outcome
{
    $plan = Chooser::standard()->choose(Rushes::with($changes));
    $usual = [
        'technique' => Technique::Auto,
        'mode' => FocusMode::Continuous,
        'area' => Area::RingLarge,
        'detect' => Detection::Bird,
        'eye' => true,
        'aim' => AimPoint::Eye,
        'shutterS' => 1 / 2000,
        'aperture' => 5.6,
    ];

    return (new Simulator($plan->situation))->run($plan->hold->with(...[...$usual, ...$hold]), $runs, 3);
}

const SKILLS = [
    'a first-timer' => ['photographer.aim' => 0.1, 'photographer.panning' => 0.1, 'photographer.hand_focus' => 0.05],
    'somebody practised' => ['photographer.aim' => 0.5, 'photographer.panning' => 0.5],
    'a master' => ['photographer.aim' => 0.95, 'photographer.panning' => 0.95, 'photographer.hand_focus' => 0.75],
];

const FLIERS = [
    'a gull' => [],
    'a small bird' => [
        'subject.length_m' => 0.18,
        'subject.height_m' => 0.12,
        'subject.erratic' => 0.5,
        'path.start_m' => 18.0,
    ],
    'a leap' => [
        'subject.length_m' => 2.0,
        'subject.height_m' => 0.8,
        'path.seconds' => 1.2,
        'subject.speed_mps' => 6.0,
    ],
];

it('keeps more the longer the warning, and never fewer', function (string $flier, string $skill): void {
    $rates = array_map(
        static fn (float $notice): float => keptOf([...FLIERS[$flier], ...SKILLS[$skill], 'path.notice_s' => $notice])
            ->keeperRate,
        [0.0, 0.5, 1.0, 2.0, 4.0, 8.0],
    );
    foreach ($rates as $i => $rate) {
        // Chances are the same, moments are not: a hundredth is noise.
        $i > 0 && expect($rate)->toBeGreaterThan($rates[$i - 1] - 0.012);
    }
    // Where somebody keeps next to nothing there is little to gain.
    expect($rates[5])->toBeGreaterThan(1.05 * $rates[0]);
})
    ->with(array_keys(FLIERS))
    ->with(array_keys(SKILLS));

it('takes longer to find a subject in a narrow view by surprise', function (): void {
    $first = static fn (float $focal): float => keptOf([
        'kit.lens.focal_mm' => $focal,
        'kit.lens.max_aperture' => 4.0,
        // As large in the picture with either.
        'path.start_m' => 0.08 * $focal,
        'path.notice_s' => 0.0,
    ])->losses[LossCause::NotCaught->value] ?? 0.0;
    expect($first(800.0))->toBeGreaterThan($first(200.0) + 0.02);
});

it('knows how far the background is', function (): void {
    $kept = static fn (float $metres): float => keptOf(
        [
            'scene.background_m' => $metres,
            'scene.background_texture' => 0.9,
            'path.start_m' => 15.0,
            'path.seconds' => 1.0,
        ],
        ['area' => Area::Block, 'detect' => Detection::Off, 'eye' => false],
    )->keeperRate;
    // Far behind a near subject it dissolves.
    expect($kept(2000.0))->toBeGreaterThan($kept(22.0) + 0.03);
});

it('loses to heave, turned heads and bent wings what it should', function (): void {
    $near = ['path.start_m' => 20.0, 'path.heading_deg' => 80.0];
    $beating = static fn (float $mps): float => keptOf(
        [...$near, 'subject.limb_speed_mps' => $mps],
        ['area' => Area::Point, 'detect' => Detection::Off, 'eye' => false],
    )->keeperRate;
    expect($beating(0.0))->toBeGreaterThan($beating(30.0) + 0.02);
    $bent = static fn (float $readout): float => keptOf([
        ...$near,
        'subject.limb_speed_mps' => 12.0,
        'kit.body.readout_s' => $readout,
    ])->losses[LossCause::Bent->value] ?? 0.0;
    expect($bent(0.004))->toBeLessThan(0.001)->and($bent(0.06))->toBeGreaterThan(0.1);
    $turned = static fn (float $erratic): float => keptOf([...$near, 'subject.erratic' => $erratic])->losses[
        LossCause::TurnedAway->value
    ] ?? 0.0;
    expect($turned(0.6))->toBeGreaterThan($turned(0.0) + 0.03);
});

it('measures a large part where it is aimed, and a small one beside it', function (): void {
    $kept = static fn (float $metres): float => keptOf(
        [
            'subject.aim_size_m' => $metres,
            'subject.depth_m' => 1.5,
            'subject.length_m' => 1.5,
            'subject.height_m' => 1.2,
        ],
        ['area' => Area::Point, 'detect' => Detection::Off, 'eye' => false, 'aperture' => 2.8],
    )->keeperRate;
    expect($kept(0.6))->toBeGreaterThan($kept(0.02) + 0.03);
});

it('follows what closes as fast as anything does', function (): void {
    $kept = static fn (float $mps): float => keptOf([
        ...SKILLS['a master'],
        'subject.speed_mps' => $mps,
        'subject.erratic' => 0.0,
        'path.start_m' => 150.0,
        'path.heading_deg' => 0.0,
        'path.seconds' => 1.0,
        'path.notice_s' => 8.0,
    ])->keeperRate;
    expect($kept(58.0))->toBeGreaterThan($kept(40.0) - 0.15);
});

it('holds the others to where they were at the start', function (): void {
    $kept = static fn (float $metres, float $heading): float => keptOf([
        'path.start_m' => 60.0,
        'path.heading_deg' => $heading,
        'group' => [['distance_m' => $metres]],
    ])->keeperRate;
    // Beside each other all the way.
    expect($kept(60.5, 0.0))->toBeGreaterThan(0.3)->and($kept(60.5, 180.0))->toBeGreaterThan(0.2);
    $outcome = keptOf(['path.start_m' => 60.0, 'path.heading_deg' => 0.0, 'group' => [['distance_m' => 66.0]]]);
    expect($outcome->losses[LossCause::OthersOut->value] ?? 0.0)->toBeGreaterThan(0.3);
});

it('is never quite sure of its own lens, the less so the wider it is open', function (): void {
    $still = [
        'subject.speed_mps' => 0.0,
        'subject.limb_speed_mps' => 0.0,
        'subject.erratic' => 0.0,
        'photographer.support' => 'tripod',
    ];
    $scattered = static fn (float $aperture, array $changes): float => keptOf($changes, ['aperture' => $aperture])
        ->losses[LossCause::OwnScatter->value] ?? 0.0;
    $moving = $scattered(4.0, []);
    expect($moving)
        ->toBeGreaterThan($scattered(11.0, []))
        ->toBeGreaterThan($scattered(4.0, $still))
        ->and(keptOf($still, ['aperture' => 5.6])->keeperRate)
        ->toBeGreaterThan(0.94);
});
