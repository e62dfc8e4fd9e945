<?php

declare(strict_types=1);

use RushHold\Kit\Kit;
use RushHold\Kit\Lens;
use RushHold\Optics\DepthOfField;
use RushHold\Optics\Diffraction;
use RushHold\Optics\FinalUse;
use RushHold\Optics\GroupDepth;
use RushHold\Optics\StopScale;
use RushHold\Optics\ThinLens;

it('blurs a point at either end of the depth of field by just the circle of confusion', function (
    float $focal,
    float $n,
    float $focus,
): void {
    $lens = new ThinLens($focal);
    $depth = DepthOfField::at($lens, $n, 0.02, $focus);
    expect($lens->defocusUm($n, $focus, $depth->nearM))->toEqualWithDelta(20.0, 0.05);
    if (is_finite($depth->farM)) {
        expect($lens->defocusUm($n, $focus, $depth->farM))->toEqualWithDelta(20.0, 0.05);
    }
})->with([[500.0, 4.0, 20.0], [85.0, 1.8, 6.0], [200.0, 11.0, 3.0], [50.0, 16.0, 40.0]]);

it('focuses a group so that both ends are equally blurred and within the circle', function (): void {
    $lens = new ThinLens(300);
    $group = GroupDepth::of([14.0, 12.0, 12.7], $lens, 0.02);
    $near = $lens->defocusUm($group->fNumber, $group->focusM, 12.0);
    expect($near)
        ->toEqualWithDelta($lens->defocusUm($group->fNumber, $group->focusM, 14.0), 1e-6)
        ->toEqualWithDelta(20.0, 1e-6);
});

it('finds how far back and how short a lens brings a group into depth', function (): void {
    $lens = new ThinLens(500);
    $group = GroupDepth::of([18.0, 18.6], $lens, 0.012);
    $back = $group->backOffM($lens, 0.012, 8.0);
    expect(GroupDepth::of([18.0 + $back, 18.6 + $back], $lens, 0.012)->fNumber)->toEqualWithDelta(8.0, 0.01);
});

it('finds the focal length that brings a group into depth, very near the lens as well', function (
    float $near,
    float $far,
    float $focal,
    float $f,
): void {
    $group = GroupDepth::of([$near, $far], new ThinLens($focal), 0.012);
    $shorter = $group->focalFor(new ThinLens($focal), 0.012, $f);
    expect($shorter)
        ->toBeLessThan($focal)
        ->and(GroupDepth::of([$near, $far], new ThinLens($shorter), 0.012)->fNumber)
        ->toEqualWithDelta($f, 0.001);
})->with([[18.0, 18.6, 500.0, 8.0], [0.3, 0.31, 100.0, 8.0], [0.25, 0.26, 105.0, 16.0]]);

it('asks for no smaller opening than one whose disc fills the circle of confusion', function (float $coc): void {
    expect(Diffraction::discUm(Diffraction::limitFor($coc)))->toEqualWithDelta($coc, 1e-9);
})->with([8.7, 12.0, 30.0]);

it('never takes a circle of confusion smaller than a pixel', function (): void {
    expect(FinalUse::Screen->cocMm(36, 24, 0.03))
        ->toBe(0.03)
        ->and(FinalUse::Pixel->cocMm(36, 24, 0.006))
        ->toBe(0.012)
        ->and(FinalUse::Classical->cocMm(36, 24, 0.006))
        ->toEqualWithDelta(0.0288, 0.0001);
});

it('names stops as engraved', function (): void {
    expect(StopScale::fLabel(2 ** 2.5))
        ->toBe('f/5.6')
        ->and(StopScale::fLabel(4.2))
        ->toBe('f/4.2')
        ->and(StopScale::shutterLabel(2 ** (-35 / 3)))
        ->toBe('1/3200 s')
        ->and(StopScale::shutterLabel(0.00025))
        ->toBe('1/4000 s')
        ->and(StopScale::isoLabel(StopScale::iso(1530)))
        ->toBe(1600);
});

it('multiplies focal length and f-number by the extender', function (): void {
    $kit = new Kit(lens: new Lens(focalMm: 600, maxAperture: 4.0, nearestM: 4.0), extender: 1.4);
    expect($kit->focalMm())
        ->toBe(840.0)
        ->and($kit->widest())
        ->toEqualWithDelta(5.6, 1e-9)
        ->and($kit->apertures()[0])
        ->toEqualWithDelta(5.6, 1e-9)
        ->and(max($kit->apertures()))
        ->toEqualWithDelta(44.8, 1e-9);
});
