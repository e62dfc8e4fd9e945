<?php

declare(strict_types=1);

use RushHold\Kit\Area;
use RushHold\Kit\AreaShape;
use RushHold\Kit\Body;
use RushHold\Kit\FocusMode;
use RushHold\Kit\FocusRing;
use RushHold\Kit\Kit;
use RushHold\Kit\Lens;
use RushHold\Kit\PointLayout;
use RushHold\Kit\Zoom;
use RushHold\Light\Daylight;
use RushHold\Light\Exposure;
use RushHold\Light\Sky;
use RushHold\Light\SunPosition;
use RushHold\Motion\Panning;
use RushHold\Motion\Path;
use RushHold\Motion\SpeedChange;
use RushHold\Optics\GroupDepth;
use RushHold\Optics\ThinLens;
use RushHold\Rush\Companion;
use RushHold\Rush\Scene;

/*
 * What is allowed and what is not: the last value on either side is taken, the first one beyond is refused under the
 * name of its field.
 */

/** @return array<string, array{string, float, float, Closure(float): mixed}> field, least, most, and what takes it */
function limits(): array
{
    $moment = new DateTimeImmutable('2026-06-04T07:10:00+01:00');
    $list = [
        ['focal_mm', 1, 3000, static fn (float $v): mixed => new ThinLens($v)],
        ['exposure.shutter_s', 1 / 64000, 60, static fn (float $v): mixed => new Exposure($v, 4, 100)],
        ['exposure.aperture', 0.7, 128, static fn (float $v): mixed => new Exposure(0.01, $v, 100)],
        ['exposure.iso', 6, 4000000, static fn (float $v): mixed => new Exposure(0.01, 4, $v)],
        ['light.sun_height_deg', -90, 90, static fn (float $v): mixed => Daylight::lux($v, Sky::Clear)],
        ['light.latitude_deg', -90, 90, static fn (float $v): mixed => SunPosition::at($v, 0, $moment)],
        ['light.longitude_deg', -180, 180, static fn (float $v): mixed => SunPosition::at(0, $v, $moment)],
        ['path.start_m', 0.2, 3000, static fn (float $v): mixed => new Path($v, 5)],
        ['subject.speed_mps', 0, 120, static fn (float $v): mixed => new Path(20, $v)],
        ['path.heading_deg', -180, 180, static fn (float $v): mixed => new Path(20, 5, $v)],
        ['path.climb_deg', -90, 90, static fn (float $v): mixed => new Path(20, 5, 0, $v)],
        ['path.seconds', 0.1, 60, static fn (float $v): mixed => new Path(20, 5, seconds: $v)],
        ['path.notice_s', 0, 600, static fn (float $v): mixed => new Path(20, 5, noticeS: $v)],
        [
            'path.bend_radius_m (without its sign)',
            1,
            10000,
            static fn (float $v): mixed => new Path(20, 5, bendRadiusM: -$v),
        ],
        ['path.points.across_m', -3000, 3000, static fn (float $v): mixed => new Path(20, 5, points: [[$v, 10.0]])],
        ['path.points.away_m', 0.2, 3000, static fn (float $v): mixed => new Path(20, 5, points: [[0.0, $v]])],
        ['path.speed_changes.at_s', 0, 60, static fn (float $v): mixed => new SpeedChange($v, 1, 1)],
        ['path.speed_changes.to_mps', 0, 120, static fn (float $v): mixed => new SpeedChange(1, $v, 1)],
        ['path.speed_changes.over_s', 0, 60, static fn (float $v): mixed => new SpeedChange(1, 1, $v)],
        ['photographer.panning', 0, 1, static fn (float $v): mixed => Panning::removed($v)],
        ['group.distance_m', 0.05, 10000, static fn (float $v): mixed => new Companion($v)],
        ['group.across_m', -9, 9, static fn (float $v): mixed => new Companion(10, $v)],
        ['scene.front_clutter', 0, 1, static fn (float $v): mixed => new Scene(frontClutter: $v)],
        ['scene.front_ratio', 0.05, 0.99, static fn (float $v): mixed => new Scene(frontRatio: $v)],
        ['scene.obstacles_per_s', 0, 10, static fn (float $v): mixed => new Scene(obstaclesPerS: $v)],
        ['scene.obstacle_s', 0, 5, static fn (float $v): mixed => new Scene(obstacleS: $v)],
        ['scene.background_m', 0.5, 10000, static fn (float $v): mixed => new Scene(backgroundM: $v)],
        ['scene.background_texture', 0, 1, static fn (float $v): mixed => new Scene(backgroundTexture: $v)],
        ['scene.background_alike', 0, 1, static fn (float $v): mixed => new Scene(backgroundAlike: $v)],
        ['scene.wind', 0, 1, static fn (float $v): mixed => new Scene(wind: $v)],
        ['scene.line_height_m', 0.05, 200, static fn (float $v): mixed => new Scene(lineHeightM: $v)],
        ['kit.extender', 1, 3, static fn (float $v): mixed => new Kit(extender: $v)],
        ['path.focus', 3.5, 10000, static fn (float $v): mixed => (new Kit())->checkFocusDistance('path.focus', $v)],
        ['kit.body.sensor_width_mm', 3, 70, static fn (float $v): mixed => new Body(sensorWidthMm: $v)],
        ['kit.body.sensor_height_mm', 2, 60, static fn (float $v): mixed => new Body(sensorHeightMm: $v)],
        ['kit.body.frames_per_s', 0.5, 240, static fn (float $v): mixed => new Body(framesPerS: $v)],
        ['kit.body.focus_cycle_hz', 10, 240, static fn (float $v): mixed => new Body(focusCycleHz: $v)],
        ['kit.body.light_limit_ev', -12, 10, static fn (float $v): mixed => new Body(lightLimitEv: $v)],
        ['kit.body.readout_s', 0, 0.2, static fn (float $v): mixed => new Body(readoutS: $v)],
        ['kit.body.fastest_shutter_s', 1 / 64000, 1 / 100, static fn (float $v): mixed => new Body(fastestShutterS: $v)],
        ['kit.body.iso_min', 25, 800, static fn (float $v): mixed => new Body(isoMin: $v)],
        ['kit.body.iso_max', 400, 4000000, static fn (float $v): mixed => new Body(isoMax: $v)],
        ['kit.body.patience_steps[0]', 0, 3, static fn (float $v): mixed => new Body(patienceSteps: [$v])],
        ['kit.body.nimble_steps[0]', 0, 1, static fn (float $v): mixed => new Body(nimbleSteps: [$v])],
        [
            'kit.body.areas.point.width',
            0.002,
            1,
            static fn (float $v): mixed => new AreaShape(Area::Point, $v, 0.1, [FocusMode::Continuous], false, false),
        ],
        [
            'kit.body.areas.point.height',
            0.002,
            1,
            static fn (float $v): mixed => new AreaShape(Area::Point, 0.1, $v, [FocusMode::Continuous], false, false),
        ],
        ['kit.body.points.width', 0.05, 1, static fn (float $v): mixed => new PointLayout($v, 0.5, 0.0, 0.3, 0.0, 0.1)],
        ['kit.body.points.height', 0.05, 1, static fn (float $v): mixed => new PointLayout(0.5, $v, 0.3, 0.0, 0.1, 0.0)],
        [
            'kit.body.points.two_way_width',
            0,
            0.5,
            static fn (float $v): mixed => new PointLayout(0.5, 0.4, $v, 0.3, 0.1, 0.1),
        ],
        [
            'kit.body.points.two_way_height',
            0,
            0.4,
            static fn (float $v): mixed => new PointLayout(0.5, 0.4, 0.3, $v, 0.1, 0.1),
        ],
        [
            'kit.body.points.star_width',
            0,
            0.5,
            static fn (float $v): mixed => new PointLayout(0.5, 0.4, 0.3, 0.3, $v, 0.1),
        ],
        [
            'kit.body.points.star_height',
            0,
            0.4,
            static fn (float $v): mixed => new PointLayout(0.5, 0.4, 0.3, 0.3, 0.1, $v),
        ],
        ['kit.lens.focal_mm', 8, 2000, static fn (float $v): mixed => new Lens(focalMm: $v, nearestM: 5)],
        ['kit.lens.max_aperture', 0.7, 22, static fn (float $v): mixed => new Lens(maxAperture: $v)],
        ['kit.lens.min_aperture', 4, 128, static fn (float $v): mixed => new Lens(maxAperture: 4, minAperture: $v)],
        ['kit.lens.best_stops_down', 0, 4, static fn (float $v): mixed => new Lens(bestStopsDown: $v)],
        ['kit.lens.nearest_m', 0.05, 50, static fn (float $v): mixed => new Lens(focalMm: 20, nearestM: $v)],
        ['kit.lens.sweep_s', 0.05, 30, static fn (float $v): mixed => new Lens(sweepS: $v)],
        ['kit.lens.ring.throw_deg', 30, 720, static fn (float $v): mixed => new FocusRing($v)],
        ['kit.lens.stabiliser_stops', 0, 10, static fn (float $v): mixed => new Lens(stabiliserStops: $v)],
        ['kit.lens.zoom[1].focal_mm', 100.1, 2000, static fn (float $v): mixed => new Zoom([[100.09, 4.0], [$v, 5.6]])],
        ['kit.lens.zoom[1].max_aperture', 0.7, 22, static fn (float $v): mixed => new Zoom([[100.0, 4.0], [200.0, $v]])],
    ];

    return array_combine(array_column($list, 0), $list);
}

it('takes the last value and refuses the first one beyond', function (
    string $field,
    float $least,
    float $most,
    Closure $take,
): void {
    // A hair: a ten-thousandth of the whole range, or of the limit where that is less.
    $hair = static fn (float $limit): float => 1e-4 * max(abs($limit), min(1.0, $most - $least));
    $take($least);
    $take($most);
    foreach ([$least - $hair($least), $most + $hair($most), NAN, INF] as $beyond) {
        expect(refusal(static fn () => $take($beyond))->field)->toBe($field);
    }
})->with(limits());

it('refuses who stands within the focal length, and in another country', function (): void {
    $lens = new ThinLens(500);
    expect(refusal(static fn () => GroupDepth::of([0.5, 5.0], $lens, 0.012))->field)
        ->toBe('group[0].distance_m')
        ->and(refusal(static fn () => GroupDepth::of([5.0, 5000.1], $lens, 0.012))->field)
        ->toBe('group[1].distance_m')
        ->and(GroupDepth::of([0.501, 5000.0], $lens, 0.012)->nearM)
        ->toBe(0.501);
});
