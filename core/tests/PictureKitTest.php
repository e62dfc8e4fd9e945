<?php

declare(strict_types=1);

use RushHold\Document\BodyDocument;
use RushHold\Document\LensDocument;
use RushHold\Library\PictureKit;

/** What the files of five makers, all made up, say in their own ways. */
const HABITS_OF_FILES = [
    'pixels in a centimetre' => ['body' => 'Cormora K7', 'wide' => 6000.0, 'high' => 4000.0, 'plane_per_unit' => 1666.667, 'plane_unit' => 3.0, 'focal_mm' => 500.0, 'lens_info' => '500 500 4 4', 'lens' => 'CR 500 4'],
    'pixels in an inch, upright' => ['body' => 'Tarn 90', 'wide' => 5464.0, 'high' => 8192.0, 'plane_per_unit' => 5779.9, 'plane_unit' => 2.0, 'lens_info' => '100 400 4.5 5.6'],
    'beside the length in 35 mm' => ['body' => 'Pellicule M', 'wide' => 5184.0, 'high' => 3888.0, 'focal_mm' => 300.0, 'focal_35_mm' => 600.0, 'lens' => 'PM 100-400mm F5.0-6.3'],
    'in the name of the lens' => ['body' => 'Auk SE', 'wide' => 6000.0, 'high' => 4000.0, 'focal_mm' => 200.0, 'focal_35_mm' => 300.0, 'lens' => 'Auk DZ 55-250 mm 1:4-5.6'],
    'nothing but pixels' => ['body' => 'Old Box', 'wide' => 4000.0, 'high' => 3000.0],
];

it('makes a body of what a file says, and marks what it guessed', function (string $habit, ?float $width, string $like): void {
    $kit = PictureKit::of([HABITS_OF_FILES[$habit]]);
    $told = $kit->told;
    expect($kit->body['name'])
        ->toBe(HABITS_OF_FILES[$habit]['body'])
        ->and($kit->like)
        ->toBe($like)
        ->and([max($kit->body['pixels_wide'], 0), $kit->body['pixels_high']])
        ->toEqual([max(HABITS_OF_FILES[$habit]['wide'], HABITS_OF_FILES[$habit]['high']), min(HABITS_OF_FILES[$habit]['wide'], HABITS_OF_FILES[$habit]['high'])])
        ->and(in_array('sensor_width_mm', $told, true))
        ->toBe($width !== null)
        ->and($told)
        ->not->toContain('frames_per_s');
    $width === null || expect($kit->body['sensor_width_mm'])->toEqualWithDelta($width, 0.3);
    expect(BodyDocument::read($kit->body)->fields)->toEqual($kit->body);
})->with([
    ['pixels in a centimetre', 36.0, 'fast-mirrorless'],
    ['pixels in an inch, upright', 36.0, 'high-resolution'],
    ['beside the length in 35 mm', 17.3, 'small-sensor'],
    ['in the name of the lens', 24.0, 'fast-mirrorless'],
    ['nothing but pixels', null, 'small-sensor'],
]);

it('reads a lens from what the file or its name says', function (string $habit, ?array $lens): void {
    $lenses = PictureKit::of([HABITS_OF_FILES[$habit]])->lenses;
    if ($lens === null) {
        expect($lenses)->toBe([]);

        return;
    }
    [$document] = array_column($lenses, 'document');
    $read = LensDocument::read($document);
    expect($read->fields)->toEqual($document);
    $zoom = array_map(static fn (array $step): array => [$step['focal_mm'], $step['max_aperture']], $document['zoom']);
    expect($zoom === [] ? [[$document['focal_mm'], $document['max_aperture']]] : $zoom)->toEqual($lens);
})->with([
    ['pixels in a centimetre', [[500, 4]]],
    ['pixels in an inch, upright', [[100, 4.5], [400, 5.6]]],
    ['beside the length in 35 mm', [[100, 5.0], [400, 6.3]]],
    ['in the name of the lens', [[55, 4], [250, 5.6]]],
    ['nothing but pixels', null],
]);

it('gathers what the camera calls its settings from a dozen pictures, and what plain words mean', function (): void {
    $picture = static fn (string $area, string $mode, array $more = []): array => ['body' => 'Cormora K7', 'wide' => 6000.0, 'high' => 4000.0, 'area' => $area, 'focus_mode' => $mode, ...$more];
    $kit = PictureKit::of([
        ...array_fill(0, 3, $picture('Zone, large', 'Continuous')),
        $picture('Spot', 'Continuous', ['wide' => 3000.0, 'high' => 2000.0]),
        $picture('Cluster D', 'Single', ['stabiliser' => 'On (2)', 'drive' => '7']),
        ['body' => 'Another', 'area' => 'Elsewhere', 'wide' => 9000.0, 'high' => 6000.0],
    ]);
    $words = array_column($kit->words, 'key', 'word');
    expect($words)
        ->toBe(['Continuous' => 'mode.continuous', 'Zone, large' => 'area.block', 'Single' => 'mode.single', 'Spot' => 'area.point', 'Cluster D' => null, 'On (2)' => null])
        // A picture made smaller says nothing of the sensor, one of another body nothing at all; figures are no words.
        ->and($kit->body['pixels_wide'])
        ->toBe(6000);
});

it('takes the widest for the sensor, since a part of it may be in use, and no nonsense', function (): void {
    $at = static fn (float $wide, float $perCm): array => ['body' => 'Cormora K7', 'wide' => $wide, 'high' => $wide * 2 / 3, 'plane_per_unit' => $perCm, 'plane_unit' => 3.0];
    expect(PictureKit::of([$at(6000, 1666.667), $at(3936, 1666.667)])->body['sensor_width_mm'])
        ->toEqual(36)
        ->and(PictureKit::of([$at(6000, 1.0)])->told)
        ->not->toContain('sensor_width_mm')
        ->and(PictureKit::of([['wide' => 6000.0, 'high' => 4000.0]]))
        ->toBeNull()
        ->and(PictureKit::of([]))
        ->toBeNull();
});
