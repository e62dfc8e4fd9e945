<?php

declare(strict_types=1);

use RushHold\Blur\BlurParts;
use RushHold\Blur\LensBlur;
use RushHold\Blur\Shake;
use RushHold\Blur\SlowestShutter;
use RushHold\Blur\Verdict;
use RushHold\Light\Daylight;
use RushHold\Light\LightDirection;
use RushHold\Light\Shimmer;
use RushHold\Light\Sky;
use RushHold\Light\SunPosition;
use RushHold\Light\Surface;
use RushHold\Motion\ImageMotion;
use RushHold\Motion\Panning;
use RushHold\Motion\Path;
use RushHold\Motion\SpeedChange;
use RushHold\Motion\SpeedProfile;
use RushHold\Optics\DepthOfField;
use RushHold\Optics\Diffraction;
use RushHold\Optics\FinalUse;
use RushHold\Optics\GroupDepth;
use RushHold\Optics\StopScale;
use RushHold\Optics\ThinLens;

/* Formulas against numbers that were worked out apart from the code. */

it('gives depth of field to four figures', function (): void {
    $depth = DepthOfField::at(new ThinLens(400), 5.6, 0.012, 22.0);
    expect($depth->hyperfocalM)
        ->toEqualWithDelta(2381.352, 0.001)
        ->and($depth->nearM)
        ->toEqualWithDelta(21.80221, 1e-5)
        ->and($depth->farM)
        ->toEqualWithDelta(22.20141, 1e-5)
        ->and($depth->depthM())
        ->toEqualWithDelta(0.3992, 1e-5)
        ->and($depth->framesInside(-4.0, 20.0))
        ->toEqualWithDelta(1.996, 1e-4)
        ->and($depth->framesInside(0.0, 20.0))
        ->toBe(INF)
        ->and($depth->framesInside(1e-8, 20.0))
        ->toBeGreaterThan(1e8)
        // From the hyperfocal distance on, all the way to infinity.
        ->and(DepthOfField::at(new ThinLens(24), 11, 0.03, 1.7694545)->farM)
        ->toBeGreaterThan(1e4)
        ->and(DepthOfField::at(new ThinLens(24), 11, 0.03, 1.78)->farM)
        ->toBe(INF);
});

it('gives diffraction as ring and as width', function (): void {
    expect(Diffraction::discUm(8))
        ->toEqualWithDelta(10.736, 1e-9)
        ->and(Diffraction::widthUm(8))
        ->toEqualWithDelta(4.532, 1e-9)
        ->and(Diffraction::limitFor(10.736))
        ->toEqualWithDelta(8.0, 1e-9);
});

it('takes the circle of confusion from what the picture is for', function (FinalUse $use, float $mm): void {
    expect($use->cocMm(36, 24, 0.004))
        ->toEqualWithDelta($mm, 1e-6)
        ->and($use->cocMm(24, 36, 0.004))
        ->toEqualWithDelta($mm, 1e-6)
        ->and($use->cocMm(36, 24, 0.1))
        ->toBe($use === FinalUse::Pixel ? 0.2 : 0.1);
})->with([
    [FinalUse::Pixel, 0.008],
    [FinalUse::Print, 0.014422],
    [FinalUse::Screen, 0.0140625],
    [FinalUse::Classical, 0.028844],
]);

it('sees through a thin lens', function (): void {
    $lens = new ThinLens(500);
    expect($lens->magnification(20.5))
        ->toEqualWithDelta(0.025, 1e-12)
        ->and($lens->fieldM(20.5, 36))
        ->toEqualWithDelta(1.44, 1e-9)
        ->and($lens->imageDistanceMm(20.5))
        ->toEqualWithDelta(512.5, 1e-9)
        ->and($lens->defocusUm(4, 20.5, 20.0))
        ->toEqualWithDelta(78.125, 1e-9)
        ->and($lens->focusTravelMmPerS(20.5, 10.0))
        ->toEqualWithDelta(6.25, 1e-9);
});

it('moves a group back until the opening does, and no farther', function (): void {
    $lens = new ThinLens(500);
    $group = GroupDepth::of([18.0, 18.6], $lens, 0.012);
    expect($group->focusM)
        ->toEqualWithDelta(18.295082, 1e-6)
        ->and($group->fNumber)
        ->toEqualWithDelta(19.1924, 1e-4)
        ->and($group->backOffM($lens, 0.012, 19.193))
        ->toBe(0.0)
        ->and($group->backOffM($lens, 0.012, 8.0))
        ->toEqualWithDelta(9.9036, 1e-3)
        // Four kilometres back is as good as nowhere.
        ->and(GroupDepth::of([18.0, 900.0], $lens, 0.004)->backOffM($lens, 0.004, 1.2))
        ->toBe(INF)
        ->and($group->focalFor($lens, 0.012, 19.193))
        ->toBe(500.0)
        ->and(GroupDepth::of([20.0], $lens, 0.012)->fNumber)
        ->toBe(0.0);
});

it('has every third of a stop between the ends of a lens, and the ends once', function (
    float $widest,
    float $smallest,
    array $labels,
): void {
    expect(array_map(StopScale::fLabel(...), StopScale::fNumbers($widest, $smallest)))->toBe($labels);
})->with([
    [2.8, 5.6, ['f/2.8', 'f/3.2', 'f/3.5', 'f/4', 'f/4.5', 'f/5', 'f/5.6']],
    [1.0, 1.4, ['f/1', 'f/1.1', 'f/1.2', 'f/1.4']],
    [6.3, 7.8, ['f/6.3', 'f/7.1', 'f/8']],
    [8.0, 8.0, ['f/8']],
    [45.0, 64.0, ['f/45', 'f/51', 'f/57', 'f/64']],
]);

it('has every third of a stop of time down to the fastest', function (): void {
    $times = StopScale::shutters(1 / 8000);
    expect($times[0])
        ->toBe(1.0)
        ->and($times[1])
        ->toEqualWithDelta(0.7937, 1e-4)
        ->and($times[3])
        ->toBe(0.5)
        ->and(count($times))
        ->toBe(40)
        ->and(StopScale::shutterLabel($times[39]))
        ->toBe('1/8000 s')
        ->and(count(StopScale::shutters(1 / 32000)))
        ->toBe(46)
        ->and(count(StopScale::shutters(1.0)))
        ->toBe(1);
});

it('names times, openings and sensitivities', function (): void {
    expect(array_map(StopScale::shutterLabel(...), [1.26, 0.5, 0.4, 0.39, 1 / 13, 1 / 1012, 1 / 50000]))
        ->toBe(['1.3 s', '0.5 s', '0.4 s', '1/2.5 s', '1/13 s', '1/1000 s', '1/32000 s'])
        ->and(array_map(StopScale::fLabel(...), [0.95, 2.0, 4.2, 4.4, 5.6, 100.0]))
        ->toBe(['f/1', 'f/2', 'f/4.2', 'f/4.5', 'f/5.6', 'f/100'])
        ->and(array_map(StopScale::isoLabel(...), [20.0, 111.0, 112.5, 6350.0, 1e6]))
        ->toBe([25, 100, 125, 6400, 204800])
        ->and(StopScale::iso(1530))
        ->toEqualWithDelta(1600.0, 1e-9)
        ->and(StopScale::iso(70))
        ->toEqualWithDelta(62.996, 1e-3)
        ->and(StopScale::iso(100))
        ->toEqualWithDelta(100.0, 1e-9)
        ->and(StopScale::iso(113))
        ->toEqualWithDelta(125.99, 0.01);
    // A camera's own half stops stay what they are.
    expect(array_map(StopScale::writtenShutter(...), [1 / 2581, 1 / 2560, 1 / 750, 1 / 90, 0.5]))
        ->toBe(['1/2500 s', '1/2500 s', '1/750 s', '1/90 s', '0.5 s'])
        ->and(array_map(StopScale::writtenIso(...), [317.0, 560.0, 100.0, 5000.0]))
        ->toBe([320, 560, 100, 5000]);
});

it('places the sun to a thousandth of a degree', function (
    float $lat,
    float $lon,
    string $at,
    float $height,
    float $bearing,
): void {
    $sun = SunPosition::at($lat, $lon, new DateTimeImmutable($at));
    expect($sun->heightDeg)->toEqualWithDelta($height, 1e-3)->and($sun->bearingDeg)->toEqualWithDelta($bearing, 1e-2);
})->with([
    [51.5, -0.1, '2026-03-20T08:15:00Z', 19.09784, 115.9293],
    [-33.9, 151.2, '2026-01-15T22:40:00Z', 43.28685, 87.70687],
    [64.1, -21.9, '2026-06-21T23:30:00Z', 0.99657, 332.79741],
    [0.3, 36.8, '2026-09-23T09:20:00Z', 88.61856, 108.95394],
    [45.0, 170.0, '2027-11-30T04:05:00Z', 7.29666, 229.42082],
    [55.5, -9.0, '2024-12-01T09:05:00Z', 2.02903, 134.64085],
    [-12.0, -77.0, '2031-10-20T17:00:00Z', 87.63706, 311.09616],
    [23.3, 10.0, '2026-06-20T11:22:00Z', 89.83644, 325.96005],
    [60.0, 25.0, '2026-04-02T03:50:00Z', 0.54425, 80.27063],
    [55.0, 0.0, '2026-05-01T04:38:00Z', 1.78926, 65.351],
]);

it('gives daylight and twilight as the formulas of daylight do', function (Sky $sky, array $lux): void {
    foreach ($lux as $height => $expected) {
        expect(Daylight::lux((float) $height, $sky))->toEqualWithDelta($expected, 1e-4 * $expected, "sun at $height");
    }
})->with([
    [
        Sky::Clear,
        [
            0 => 800.0,
            3 => 4466.64,
            12 => 17522.15,
            35 => 63249.17,
            62 => 104111.41,
            90 => 119649.49,
            -2 => 129.584472,
            '-5.9' => 3.723967,
            -9 => 0.16492423,
            -14 => 0.00106405,
            -30 => 0.0005,
        ],
    ],
    [
        Sky::Partly,
        [
            0 => 300.0,
            3 => 2655.12,
            12 => 10221.37,
            35 => 44239.61,
            62 => 85526.21,
            90 => 102589.44,
            -2 => 48.594177,
            '-5.9' => 1.396487,
            -9 => 0.06184658,
            -14 => 0.0005,
        ],
    ],
    [
        Sky::Overcast,
        [
            0 => 300.0,
            3 => 1399.06,
            12 => 4666.15,
            35 => 12345.11,
            62 => 18841.9,
            90 => 21300.0,
            -2 => 48.594177,
            -9 => 0.06184658,
        ],
    ],
]);

it('turns illuminance into exposure values', function (): void {
    expect(Daylight::ev100(62, Sky::Clear))
        ->toEqualWithDelta(15.3458, 1e-3)
        ->and(Daylight::ev100(-30, Sky::Clear))
        ->toEqualWithDelta(-12.2877, 1e-3);
});

it('blurs through warm air as Fried’s parameter says', function (
    float $sun,
    Sky $sky,
    Surface $surface,
    float $path,
    float $above,
    float $wind,
    float $rad,
): void {
    expect(Shimmer::of($sun, $sky, $surface, $path, $above, $wind)->angleRad)->toEqualWithDelta($rad, 1e-4 * $rad);
})->with([
    [60, Sky::Clear, Surface::Grass, 150, 1.0, 0.0, 3.553051e-5],
    [30, Sky::Partly, Surface::Sand, 350, 1.5, 0.5, 2.419913e-5],
    [45, Sky::Overcast, Surface::Asphalt, 80, 0.2, 0.0, 2.745043e-5],
    [20, Sky::Clear, Surface::Water, 600, 3.0, 1.0, 3.588755e-6],
]);

it('knows that nothing shimmers in the dark, and rock less than sand', function (): void {
    expect(Shimmer::of(-5, Sky::Clear, Surface::Grass, 400, 1.0, 0.0)->angleRad)
        ->toBe(0.0)
        ->and(Shimmer::none()->blurUm(500))
        ->toBe(0.0)
        ->and(Shimmer::of(60, Sky::Clear, Surface::Grass, 150, 1.0, 0.0)->blurUm(500))
        ->toEqualWithDelta(17.765, 0.01)
        ->and(
            array_map(static fn (Surface $s): float => $s->warmth(), [
                Surface::Water,
                Surface::Grass,
                Surface::Rock,
                Surface::Sand,
                Surface::Asphalt,
            ]),
        )
        ->toBe([0.15, 1.0, 1.5, 1.6, 2.0]);
});

it('tells the side the light comes from by a sixth of a circle', function (
    float $from,
    LightDirection $direction,
): void {
    $sun = SunPosition::at(55.5, -9, new DateTimeImmutable('2026-06-04T07:10:00+01:00'));
    expect(LightDirection::of($sun, fmod($sun->bearingDeg + $from + 360, 360)))->toBe($direction);
})->with([
    [59.9, LightDirection::Back],
    [-59.9, LightDirection::Back],
    [60.1, LightDirection::Side],
    [-119.9, LightDirection::Side],
    [120.1, LightDirection::Front],
    [180.0, LightDirection::Front],
]);

it('measures how far the sun is from the line of sight', function (): void {
    $sun = SunPosition::at(51.5, -0.1, new DateTimeImmutable('2026-03-20T08:15:00Z'));
    // cos 19.098° · cos 30° by hand.
    expect(LightDirection::separationDeg($sun, $sun->bearingDeg - 30))
        ->toEqualWithDelta(35.08, 0.01)
        ->and(LightDirection::of(SunPosition::at(51.5, -0.1, new DateTimeImmutable('2026-03-20T02:15:00Z')), 100))
        ->toBe(LightDirection::None);
});

it('adds blur in squares', function (): void {
    $parts = new BlurParts(
        defocusUm: 2,
        subjectUm: 3,
        shakeUm: 4,
        depthChangeUm: 12,
        lensUm: 3,
        airUm: 2,
        diffractionUm: 4,
        pixelUm: 10,
    );
    expect($parts->movingUm())
        ->toBe(13.0)
        ->and($parts->fixedUm())
        ->toEqualWithDelta(11.357817, 1e-6)
        ->and($parts->totalUm())
        ->toEqualWithDelta(17.378147, 1e-6)
        ->and((new BlurParts())->totalUm())
        ->toBe(0.0);
});

it('draws a little softer wide open and through an extender', function (): void {
    expect(LensBlur::um(4.0, 4.0, 1.0))
        ->toEqualWithDelta(4.242641, 1e-6)
        ->and(LensBlur::um(5.656854, 4.0, 1.0))
        ->toEqualWithDelta(3.0, 1e-6)
        ->and(LensBlur::um(16.0, 4.0, 1.0))
        ->toBe(3.0)
        ->and(LensBlur::um(4.0, 4.0, 2.0, 1.4))
        ->toEqualWithDelta(9.391486, 1e-6);
});

it('shakes by hands, support and what the stabiliser leaves', function (): void {
    expect(Shake::rateRadPerS(1.0, 0.0, 0.0))
        ->toEqualWithDelta(0.039, 1e-9)
        ->and(Shake::rateRadPerS(1.0, 1.0, 0.0))
        ->toEqualWithDelta(0.021, 1e-9)
        ->and(Shake::rateRadPerS(0.5, 0.5, 2.0))
        ->toEqualWithDelta(0.00375, 1e-9)
        ->and(Shake::rateRadPerS(1.0, 0.5, 8.0))
        ->toEqualWithDelta(0.003, 1e-9)
        ->and(Shake::blurUm(0.03, 500, 0.002))
        ->toEqualWithDelta(30.0, 1e-9);
});

it('leaves movement half of what may blur, in squares', function (): void {
    expect(SlowestShutter::movementShareUm(18, 10))
        ->toEqualWithDelta(10.583005, 1e-6)
        ->and(SlowestShutter::movementShareUm(8, 10))
        ->toBe(0.0)
        ->and(SlowestShutter::forShare(10, 3000, 4000))
        ->toBe(0.002)
        ->and(SlowestShutter::forShare(10, 0, 0))
        ->toBe(INF);
});

it('judges by circles of confusion, the limit itself included', function (float $blur, Verdict $verdict): void {
    expect(Verdict::of($blur, 10.0))->toBe($verdict);
})->with([[10.0, Verdict::Crisp], [10.01, Verdict::Keeper], [15.0, Verdict::Keeper], [15.01, Verdict::Soft]]);

it('gives movement on the sensor', function (): void {
    $motion = ImageMotion::of((new Path(20.5, 10, 90))->at(0.0), new ThinLens(500), 0.005);
    expect($motion->magnification)
        ->toEqualWithDelta(0.025, 1e-12)
        ->and($motion->acrossMmPerS)
        ->toEqualWithDelta(250.0, 1e-9)
        ->and($motion->acrossPxPerS)
        ->toEqualWithDelta(50000.0, 1e-6)
        ->and($motion->bodyBlurUm(0.001, 0.0))
        ->toEqualWithDelta(250.0, 1e-9)
        ->and($motion->bodyBlurUm(0.001, 0.6))
        ->toEqualWithDelta(100.0, 1e-9)
        ->and($motion->limbBlurUm(0.001, 8.0))
        ->toEqualWithDelta(200.0, 1e-9)
        ->and(ImageMotion::of((new Path(20.5, 10, 0))->at(0.0), new ThinLens(500), 0.005)->focusTravelMmPerS)
        ->toEqualWithDelta(6.25, 1e-9)
        // Nearer than a fifth beyond the focal length it counts as there.
        ->and(ImageMotion::of((new Path(0.3, 1, 90))->at(0.0), new ThinLens(500), 0.005)->magnification)
        ->toEqualWithDelta(5.0, 1e-9);
});

it('takes out more of the movement the more one has practised', function (): void {
    expect(Panning::removed(0.0))
        ->toBe(0.6)
        ->and(Panning::removed(0.5))
        ->toEqualWithDelta(0.785, 1e-9)
        ->and(Panning::removed(1.0))
        ->toEqualWithDelta(0.97, 1e-9);
});

it('goes straight, bends and climbs where it says', function (): void {
    $p = (new Path(40, 10, 30, 20))->at(1.5);
    // 15 m of way: 14.0954 m over the ground, 5.1303 m up.
    expect([$p->x, $p->y, $p->z])
        ->toEqualWithDelta([7.0477, 27.793, 5.1303], 1e-3)
        ->and($p->distanceM)
        ->toEqualWithDelta(29.1273, 1e-3)
        ->and($p->angularRadPerS)
        ->toEqualWithDelta($p->transverseMps / $p->distanceM, 1e-12);
    // A quarter of a circle of 10 m to its right, from straight ahead.
    $bend = (new Path(30, M_PI * 5, 0, bendRadiusM: 10.0))->at(1.0);
    expect([$bend->x, $bend->y])->toEqualWithDelta([-10.0, 20.0], 1e-6);
    $left = (new Path(30, M_PI * 5, 0, bendRadiusM: -10.0))->at(1.0);
    expect([$left->x, $left->y])->toEqualWithDelta([10.0, 20.0], 1e-6);
});

it('goes from corner to corner and on beyond the last', function (): void {
    $path = new Path(30, 5, points: [[3.0, 26.0], [3.0, 20.0]]);
    $at = static fn (float $t): array => [$path->at($t)->x, $path->at($t)->y];
    expect($at(0.5))
        ->toEqualWithDelta([1.5, 28.0], 1e-9)
        ->and($at(1.0))
        ->toEqualWithDelta([3.0, 26.0], 1e-9)
        ->and($at(1.6))
        ->toEqualWithDelta([3.0, 23.0], 1e-9)
        ->and($at(3.0))
        ->toEqualWithDelta([3.0, 16.0], 1e-9);
});

it('is never nearer than the camera, and looked at evenly', function (): void {
    expect((new Path(5, 5, 0))->at(1.0)->distanceM)
        ->toBe(0.1)
        ->and(array_map(static fn ($p): float => $p->t, (new Path(40, 5, seconds: 3))->sampled(4)))
        ->toBe([0.0, 1.0, 2.0, 3.0]);
});

it('finds the hardest change of speed within the rush', function (): void {
    $changes = [new SpeedChange(1, 4, 2), new SpeedChange(4, 12, 1), new SpeedChange(9, 0, 0.1)];
    expect((new Path(40, 10, seconds: 8, speedChanges: $changes))->hardestChangeMps2())
        ->toEqualWithDelta(8.0, 1e-6)
        ->and((new Path(40, 10, seconds: 4, speedChanges: $changes))->hardestChangeMps2())
        ->toEqualWithDelta(3.0, 1e-6)
        ->and((new Path(40, 10, seconds: 8))->hardestChangeMps2())
        ->toBe(0.0);
});

it('begins nearer or farther and is otherwise the same', function (): void {
    $path = new Path(40, 10, 15, 5, 3, [new SpeedChange(1, 4, 2)], 1.5, true, 20.0);
    expect($path->startingAt(25))
        ->toEqual(new Path(25, 10, 15, 5, 3, [new SpeedChange(1, 4, 2)], 1.5, true, 20.0))
        ->and($path->mirrored())
        ->toEqual(new Path(40, 10, -15, 5, 3, [new SpeedChange(1, 4, 2)], 1.5, true, -20.0))
        ->and((new Path(40, 10, points: [[2.0, 9.0]]))->mirrored()->points)
        ->toBe([[-2.0, 9.0]]);
});

it('covers the way of its speed in pieces', function (): void {
    $profile = new SpeedProfile(10, [new SpeedChange(3, 2, 0), new SpeedChange(1, 4, 2)]);
    expect($profile->speedMps(0.5))
        ->toBe(10.0)
        ->and($profile->speedMps(2))
        ->toBe(7.0)
        ->and($profile->accelerationMps2(2))
        ->toBe(-3.0)
        ->and($profile->wayM(1))
        ->toBe(10.0)
        ->and($profile->wayM(2))
        ->toBe(18.5)
        ->and($profile->speedMps(3.002))
        ->toBe(2.0)
        // At once is within a thousandth of a second: 24 m, then hardly any way for the last change.
        ->and($profile->wayM(4))
        ->toEqualWithDelta(24 + 0.003 + 0.999 * 2, 1e-3);
});
