<?php

declare(strict_types=1);

use RushHold\Blur\BlurParts;
use RushHold\Blur\Shake;
use RushHold\Blur\SlowestShutter;
use RushHold\Kit\Support;
use RushHold\Motion\ImageMotion;
use RushHold\Motion\Path;
use RushHold\Motion\SpeedChange;
use RushHold\Motion\SpeedProfile;
use RushHold\Optics\ThinLens;

/** Paths of every shape. */
function paths(): array
{
    return [
        'straight' => [new Path(40, 12, 25, 0, 3)],
        'climbing' => [new Path(25, 7, 90, 85, 2)],
        'braking' => [new Path(42, 11, 5, 0, 4, [new SpeedChange(1, 3, 1), new SpeedChange(3, 9, 1.2)])],
        'bend to the right' => [new Path(30, 9, 20, 0, 3, bendRadiusM: 14.0)],
        'bend to the left' => [new Path(30, 9, -60, 10, 3, bendRadiusM: -25.0)],
        'through points' => [new Path(30, 9, 0, 0, 3, points: [[3.0, 22.0], [-6.0, 14.0]])],
    ];
}

it('moves at the speed it says, along and across', function (Path $path): void {
    foreach ([0.2, 0.9, 1.7] as $t) {
        $h = 1e-5;
        [$a, $b, $p] = [$path->at($t - $h), $path->at($t + $h), $path->at($t)];
        $speed = sqrt(($b->x - $a->x) ** 2 + ($b->y - $a->y) ** 2 + ($b->z - $a->z) ** 2) / (2 * $h);
        expect($speed)
            ->toEqualWithDelta($p->speedMps, 1e-3)
            ->and(($a->distanceM - $b->distanceM) / (2 * $h))
            ->toEqualWithDelta($p->closingMps, 1e-3)
            ->and(hypot($p->closingMps, $p->transverseMps))
            ->toEqualWithDelta($p->speedMps, 1e-6)
            ->and(hypot($p->acrossMps, $p->upMps))
            ->toEqualWithDelta($p->transverseMps, 1e-6);
    }
})->with(paths());

it('is the same seen in a mirror', function (Path $path): void {
    $mirror = $path->mirrored();
    foreach ([0.0, 0.8, 1.9] as $t) {
        [$a, $b] = [$path->at($t), $mirror->at($t)];
        expect($b->distanceM)
            ->toEqualWithDelta($a->distanceM, 1e-9)
            ->and($b->closingMps)
            ->toEqualWithDelta($a->closingMps, 1e-9)
            ->and($b->acrossMps)
            ->toEqualWithDelta(-$a->acrossMps, 1e-9);
    }
})->with(paths());

it('bends to its own right', function (): void {
    // Coming straight at the camera, its right is our left.
    expect((new Path(30, 9, 0, bendRadiusM: 10.0))->at(1.0)->x)
        ->toBeLessThan(-1.0)
        ->and((new Path(30, 9, 0, bendRadiusM: -10.0))->at(1.0)->x)
        ->toBeGreaterThan(1.0);
});

it('covers the way that its speed adds up to', function (): void {
    $profile = new SpeedProfile(11, [new SpeedChange(1, 3, 1), new SpeedChange(1.5, 8, 2)]);
    $way = 0.0;
    for ($i = 0; $i < 40000; $i++) {
        $way += $profile->speedMps(($i + 0.5) / 10000) / 10000;
    }
    // The second change takes over halfway through the first.
    expect($profile->speedMps(1.5))
        ->toEqualWithDelta(7.0, 1e-9)
        ->and($profile->wayM(4.0))
        ->toEqualWithDelta($way, 1e-3);
});

it('keeps angles when everything is scaled together', function (): void {
    $near = (new Path(20, 6, 40))->at(0.5);
    $far = (new Path(60, 18, 40))->at(0.5);
    expect($far->angularRadPerS)
        ->toEqualWithDelta($near->angularRadPerS, 1e-9)
        ->and($far->distanceM / $near->distanceM)
        ->toEqualWithDelta(3.0, 1e-9);
});

it('asks four times the shutter at half the distance with twice the lens', function (): void {
    $blur = static fn (float $focal, float $distance): float => ImageMotion::of(
        (new Path($distance, 10, 90))->at(0.0),
        new ThinLens($focal),
        0.006,
    )->bodyBlurUm(0.001, 0.0);
    expect($blur(600, 20) / $blur(300, 40))->toEqualWithDelta(4.0, 0.1);
});

it('never blurs less with a slower shutter', function (): void {
    foreach ([1 / 4000, 1 / 1000, 1 / 250] as $shutter) {
        $motion = ImageMotion::of((new Path(25, 8, 70))->at(0.3), new ThinLens(400), 0.006);
        $parts = static fn (float $s): float => (new BlurParts(
            subjectUm: $motion->bodyBlurUm($s, 0.7),
            shakeUm: Shake::blurUm(0.03, 400, $s),
            pixelUm: 6,
        ))->totalUm();
        expect($parts($shutter * 2))->toBeGreaterThan($parts($shutter));
    }
});

it('calibrates hands so that one over the focal length gives the textbook circle', function (): void {
    $rate = Shake::rateRadPerS(1.0, 0.5, 0.0);
    expect(Shake::blurUm($rate, 500, 1 / 500))
        ->toEqualWithDelta(30.0, 0.01)
        ->and(Shake::rateRadPerS(Support::Tripod->shake(), 0.5, 0.0))
        ->toBeLessThan($rate / 5)
        ->and(Shake::rateRadPerS(1.0, 0.5, 3.0))
        ->toEqualWithDelta($rate / 8, 1e-9);
});

it('inverts the blur budget', function (): void {
    $share = SlowestShutter::movementShareUm(18.0, 8.0);
    $t = SlowestShutter::forShare($share, 20000.0, 15000.0);
    expect(hypot(20000 * $t, 15000 * $t))
        ->toEqualWithDelta($share, 1e-9)
        ->and(SlowestShutter::forShare($share, 0.0))
        ->toBe(INF)
        ->and(SlowestShutter::movementShareUm(5.0, 8.0))
        ->toBe(0.0);
});
