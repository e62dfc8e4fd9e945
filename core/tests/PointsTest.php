<?php

declare(strict_types=1);

use RushHold\Kit\Area;
use RushHold\Kit\AreaShape;
use RushHold\Kit\Body;
use RushHold\Kit\FocusMode;
use RushHold\Kit\FocusRange;
use RushHold\Kit\Kit;
use RushHold\Kit\Lens;
use RushHold\Kit\PointLayout;
use RushHold\Kit\Response;
use RushHold\Kit\Support;
use RushHold\Kit\Zoom;

/*
 * Where the points of a mirror body lie and what they measure, by rectangles worked out on paper; steps of response and
 * openings of zooms between those that are known.
 */

function rectangle(float $width, float $height): AreaShape
{
    return new AreaShape(Area::Point, $width, $height, [FocusMode::Continuous], false, false);
}

it('counts the share of an area that only one direction is measured in', function (array $at, float $share): void {
    // Two ways within ±0.14 and ±0.2; the area is 0.1 by 0.2.
    expect((new PointLayout(0.6, 0.5, 0.28, 0.4))->oneWayShare(rectangle(0.1, 0.2), $at))->toEqualWithDelta(
        $share,
        1e-9,
    );
})->with([
    'inside' => [[0.0, 0.0], 0.0],
    'just inside' => [[0.09, 0.1], 0.0],
    'half out to the side' => [[0.14, 0.0], 0.5],
    'half out to the other side' => [[-0.14, 0.0], 0.5],
    'a quarter out above' => [[0.0, 0.15], 0.25],
    'out both ways' => [[0.14, 0.2], 0.75],
    'outside' => [[0.25, 0.0], 1.0],
]);

it('calls a star what lies on the inner points for more than a half', function (): void {
    $points = new PointLayout(0.6, 0.5, 0.28, 0.4, 0.06, 0.1);
    expect($points->isStar(rectangle(0.06, 0.1), [0.0, 0.0]))
        ->toBeTrue()
        ->and($points->isStar(rectangle(0.06, 0.1), [0.029, 0.0]))
        ->toBeTrue()
        ->and($points->isStar(rectangle(0.06, 0.1), [0.031, 0.0]))
        ->toBeFalse()
        ->and($points->isStar(rectangle(0.12, 0.1), [0.0, 0.0]))
        ->toBeFalse();
});

it('leaves an area the room that the points leave, and none where it is as large', function (): void {
    expect((new PointLayout(0.6, 0.5))->room(rectangle(0.1, 0.2)))
        ->toEqualWithDelta([0.25, 0.15], 1e-9)
        ->and((new PointLayout(0.6, 0.5))->room(rectangle(0.7, 0.5)))
        ->toBe([0.0, 0.0]);
});

it('opens a zoom by stops between what is known, and no farther than its ends', function (): void {
    $zoom = new Zoom([[100.0, 4.0], [400.0, 5.656854]]);
    // Halfway in stops is at the geometric middle.
    expect($zoom->widestAt(200.0))
        ->toEqualWithDelta(4.0 * 2 ** 0.25, 1e-4)
        ->and($zoom->widestAt(100.0))
        ->toBe(4.0)
        ->and($zoom->widestAt(50.0))
        ->toBe(4.0)
        ->and($zoom->widestAt(400.0))
        ->toEqualWithDelta(5.656854, 1e-9)
        ->and($zoom->widestAt(900.0))
        ->toEqualWithDelta(5.656854, 1e-9)
        ->and([$zoom->fromMm(), $zoom->toMm()])
        ->toBe([100.0, 400.0]);
});

it(
    'refuses a zoom of one focal length or in the wrong order, and a lens that closes before it opens or focuses inside itself',
    function (Closure $make, string $field): void {
        expect(refusal($make)->field)->toBe($field);
    },
)->with([
    [static fn () => new Zoom([[100.0, 4.0]]), 'kit.lens.zoom'],
    [static fn () => new Zoom([[100.0, 4.0], [100.0, 4.0]]), 'kit.lens.zoom[1].focal_mm'],
    [static fn () => new Lens(maxAperture: 5.6, minAperture: 4.0), 'kit.lens.min_aperture'],
    [static fn () => new Lens(focalMm: 400, nearestM: 0.6), 'kit.lens.nearest_m'],
    [static fn () => new Lens(focalMm: 300, zoom: new Zoom([[100.0, 4.0], [200.0, 4.0]])), 'kit.lens.focal_mm'],
    [static fn () => new Lens(extenders: [1.4, 1.0]), 'kit.lens.extenders[1]'],
]);

it('takes the nearest step, by ratio for patience and the first of two as near', function (): void {
    // By ratio 0.25 is nearer to 0.3 than to 0.12; by seconds 0.6 would be as near to 0.3 as to 0.9.
    expect(Response::nearestPatience(0.25, [0.12, 0.3]))
        ->toBe(0.3)
        ->and(Response::nearestPatience(0.01, [0.12, 0.02]))
        ->toBe(0.02)
        ->and(Response::nearestPatience(2.4, [1.2, 3.0]))
        ->toBe(3.0)
        ->and(Response::nearestNimble(0.5, [0.25, 0.75]))
        ->toBe(0.25)
        ->and(Response::nearestNimble(0.51, [0.25, 0.75]))
        ->toBe(0.75);
});

it('counts patience in steps that are felt alike', function (): void {
    expect(array_map(Response::patienceSteps(...), Response::PATIENCE_S))
        ->toEqualWithDelta([0.0, 1.0, 2.0, 3.0, 4.0], 1e-9)
        ->and(Response::patienceSteps(0.0))
        ->toBe(0.0)
        ->and(Response::patienceSteps(2.4))
        ->toEqualWithDelta(5.0, 1e-9)
        ->and(Response::distance(0.3, 0.5, 0.3, 1.0))
        ->toEqualWithDelta(2.0, 1e-9)
        ->and(Response::distance(0.3, 0.5, 0.6, 0.5))
        ->toEqualWithDelta(1.0, 1e-9);
});

it('leaves the less shake, the more a support carries', function (): void {
    $left = array_map(static fn (Support $s): float => $s->shake(), [
        Support::Handheld,
        Support::Prone,
        Support::Monopod,
        Support::Beanbag,
        Support::Tripod,
    ]);
    $sorted = $left;
    rsort($sorted);
    expect($left)
        ->toBe($sorted)
        ->and($left[0])
        ->toBe(1.0)
        ->and($left[1])
        ->toEqualWithDelta(0.5, 0.05)
        ->and(min($left))
        ->toBeGreaterThan(0.05);
});

it('compares a sensor with the small film format by its diagonal', function (): void {
    expect((new Body())->crop())
        ->toEqualWithDelta(1.0, 1e-12)
        ->and((new Body(sensorWidthMm: 24, sensorHeightMm: 16))->crop())
        ->toEqualWithDelta(1.5, 1e-12)
        ->and((new Body(sensorWidthMm: 17.3, sensorHeightMm: 13))->crop())
        ->toEqualWithDelta(43.267 / 21.64, 1e-3);
});

it('carries an extender through focal length, openings and drive', function (): void {
    $kit = new Kit(
        lens: new Lens(focalMm: 400, maxAperture: 4, minAperture: 32, nearestM: 4, sweepS: 0.5),
        extender: 1.4,
    );
    expect($kit->focalMm())
        ->toEqualWithDelta(560.0, 1e-9)
        ->and($kit->widest())
        ->toEqualWithDelta(5.6, 1e-9)
        ->and($kit->smallest())
        ->toEqualWithDelta(44.8, 1e-9)
        // The whole way from 4 m to infinity: image distance 1/(1/560 − 1/4000) less 560, in half a second.
        ->and($kit->driveMmPerS())
        ->toEqualWithDelta((1 / (1 / 560 - 1 / 4000) - 560) / 0.5, 1e-6);
});

it(
    'knows which areas choose for themselves, which stay where they are put, and that a pattern does neither',
    function (): void {
        $choose = array_values(array_filter(Area::cases(), static fn (Area $a): bool => $a->picksForItself()));
        $placed = array_values(array_filter(Area::cases(), static fn (Area $a): bool => $a->isPlaced()));
        expect($choose)
            ->toBe([Area::Column, Area::Band, Area::Block, Area::Side, Area::Whole])
            ->and(
                array_values(
                    array_filter(
                        Area::cases(),
                        static fn (Area $a): bool => ! in_array($a, [...$choose, ...$placed], true),
                    ),
                ),
            )
            ->toBe([Area::Follow]);
    },
);

it('gives each area of a usual body the modes it goes with', function (): void {
    $modes = static fn (Area $area): array => array_map(
        static fn (FocusMode $m): string => $m->value,
        AreaShape::usual($area)->modes,
    );
    expect(AreaShape::usual(Area::Speck)->allows(FocusMode::SingleThenRing))
        ->toBeTrue()
        ->and(AreaShape::usual(Area::Speck)->allows(FocusMode::Continuous))
        ->toBeFalse()
        ->and($modes(Area::Follow))
        ->toBe(['continuous'])
        ->and(AreaShape::usual(Area::Point)->allows(FocusMode::Single))
        ->toBeTrue()
        ->and(AreaShape::usual(Area::Point)->allows(FocusMode::AutoSwitch))
        ->toBeTrue();
});

it('brings an area back to where the points are, on either side', function (): void {
    $body = new Body(areas: [rectangle(0.1, 0.2)], points: new PointLayout(0.6, 0.5));
    expect($body->reachable(Area::Point, [0.4, -0.4]))
        ->toEqualWithDelta([0.25, -0.15], 1e-9)
        ->and($body->reachable(Area::Point, [-0.4, 0.4]))
        ->toEqualWithDelta([-0.25, 0.15], 1e-9)
        ->and($body->reachable(Area::Point, [0.1, -0.1]))
        ->toEqualWithDelta([0.1, -0.1], 1e-9)
        ->and((new Body())->reachable(Area::Point, [0.4, -0.4]))
        ->toBe([0.4, -0.4]);
});

it('has a range limit from near to far, either end in it, and none the wrong way round', function (): void {
    $range = new FocusRange(5.0, 20.0);
    expect([$range->contains(5.0), $range->contains(20.0), $range->contains(4.99), $range->contains(20.01)])
        ->toBe([true, true, false, false])
        ->and((new FocusRange(5.0, null))->contains(9999.0))
        ->toBeTrue()
        ->and(refusal(static fn () => new FocusRange(5.0, 5.0))->field)
        ->toBe('focus.range_m')
        ->and(refusal(static fn () => new FocusRange(0.04, null))->field)
        ->toBe('focus.range_m[0]')
        ->and(refusal(static fn () => new FocusRange(10000.1, null))->field)
        ->toBe('focus.range_m[0]');
    new FocusRange(0.05, 0.06);
    new FocusRange(10000.0, null);
});

it('is a bare lens with a switch unless somebody says otherwise', function (): void {
    expect((new Kit())->extender)->toBe(1.0)->and((new Lens())->manualSwitch)->toBeTrue();
});
