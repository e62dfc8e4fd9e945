<?php

declare(strict_types=1);

use RushHold\Light\Daylight;
use RushHold\Light\Exposure;
use RushHold\Light\Sky;
use RushHold\Motion\ImageMotion;
use RushHold\Motion\Path;
use RushHold\Optics\DepthOfField;
use RushHold\Optics\Diffraction;
use RushHold\Optics\GroupDepth;
use RushHold\Optics\ThinLens;

/** Numbers computed independently of this code, each with its tolerance. */
function golden(string $quantity, array $in): float
{
    $lens = isset($in['focal_mm']) ? new ThinLens((float) $in['focal_mm']) : null;
    $depth = static fn (): DepthOfField => DepthOfField::at(
        $lens,
        (float) $in['f_number'],
        (float) $in['coc_mm'],
        (float) $in['focus_m'],
    );

    return match ($quantity) {
        'depth_near_m' => $depth()->nearM,
        'depth_far_m' => $depth()->farM,
        'hyperfocal_m' => $depth()->hyperfocalM,
        'magnification' => $lens->magnification((float) $in['focus_m']),
        'defocus_um' => $lens->defocusUm((float) $in['f_number'], (float) $in['focus_m'], (float) $in['subject_m']),
        'diffraction_um' => Diffraction::discUm((float) $in['f_number']),
        'subject_blur_um' => ImageMotion::of(
            (new Path((float) $in['distance_m'], (float) $in['speed_mps'], (float) $in['heading_deg']))->at(0.0),
            $lens,
            0.006,
        )->bodyBlurUm((float) $in['shutter_s'], (float) $in['panning_removed']),
        'focus_travel_mm_per_s' => $lens->focusTravelMmPerS((float) $in['distance_m'], (float) $in['closing_mps']),
        'ev100' => (new Exposure((float) $in['shutter_s'], (float) $in['f_number'], (float) $in['iso']))->ev100(),
        'park_frames' => $depth()->framesInside((float) $in['closing_mps'], (float) $in['frames_per_s']),
        'group_focus_m' => GroupDepth::of([(float) $in['near_m'], (float) $in['far_m']], new ThinLens(500), 0.012)
            ->focusM,
        'group_f_number' => GroupDepth::of([(float) $in['near_m'], (float) $in['far_m']], $lens, (float) $in['coc_mm'])
            ->fNumber,
        'daylight_ev100' => Daylight::ev100((float) $in['sun_height_deg'], Sky::from($in['sky'])),
    };
}

$rows = array_map(str_getcsv(...), file(__DIR__.'/cases/optics.csv', FILE_IGNORE_NEW_LINES));
array_shift($rows);

it('computes', function (string $quantity, string $inputs, string $expected, string $tolerance): void {
    parse_str(str_replace(';', '&', $inputs), $in);
    $value = golden($quantity, $in);
    if ($expected === 'inf') {
        expect($value)->toBe(INF);

        return;
    }
    $allowed = str_ends_with($tolerance, 'abs')
        ? (float) $tolerance
        : ((float) $tolerance / 100) * abs((float) $expected);
    expect(abs($value - (float) $expected))->toBeLessThanOrEqual($allowed, "$quantity of $inputs gave $value");
})->with(fn () => array_combine(array_map(fn (array $r) => "$r[0] $r[1]", $rows), $rows));
