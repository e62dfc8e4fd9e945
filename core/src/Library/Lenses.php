<?php

declare(strict_types=1);

namespace RushHold\Library;

use RushHold\Document\LensDocument;
use RushHold\Words\Words;

/** Sample lenses to start from, each typical of its class and of no maker. */
final class Lenses
{
    /** @return array<string, array<string, mixed>> documents as {@see LensDocument} reads them, by id */
    public static function all(): array
    {
        return [
            '500-f4' => self::lens(Words::text('sample.500-f4'), [
                'focal_mm' => 500,
                'max_aperture' => 4,
                'nearest_m' => 3.5,
                'sweep_s' => 0.5,
                'stabiliser_stops' => 4,
                'ranges' => [['near_m' => 3.5, 'far_m' => 10], ['near_m' => 10, 'far_m' => null]],
                'extenders' => [1.4, 2],
            ]),
            '300-f28' => self::lens(Words::text('sample.300-f28'), [
                'focal_mm' => 300,
                'max_aperture' => 2.8,
                'nearest_m' => 2,
                'sweep_s' => 0.4,
                'stabiliser_stops' => 4,
                'ranges' => [['near_m' => 2, 'far_m' => 6], ['near_m' => 6, 'far_m' => null]],
                'extenders' => [1.4, 2],
            ]),
            '200-600' => self::lens(Words::text('sample.200-600'), [
                'zoom' => self::zoom([200 => 5.6, 300 => 6, 600 => 6.3]),
                'focal_mm' => 600,
                'nearest_m' => 4,
                'sweep_s' => 0.8,
                'stabiliser_stops' => 4,
                'ranges' => [['near_m' => 10, 'far_m' => null]],
                'extenders' => [1.4],
            ]),
            '100-400' => self::lens(Words::text('sample.100-400'), [
                'zoom' => self::zoom([100 => 4.5, 200 => 5, 400 => 5.6]),
                'focal_mm' => 400,
                'nearest_m' => 2.5,
                'sweep_s' => 0.6,
                'stabiliser_stops' => 4.5,
                'ranges' => [['near_m' => 3, 'far_m' => null]],
                'extenders' => [1.4],
            ]),
            '70-200-f28' => self::lens(Words::text('sample.70-200-f28'), [
                'zoom' => self::zoom([70 => 2.8, 200 => 2.8]),
                'focal_mm' => 200,
                'nearest_m' => 1.2,
                'sweep_s' => 0.35,
                'stabiliser_stops' => 5,
                'extenders' => [1.4, 2],
            ]),
            '150-600-slow' => self::lens(Words::text('sample.150-600-slow'), [
                'zoom' => self::zoom([150 => 5, 300 => 5.6, 600 => 6.3]),
                'focal_mm' => 600,
                'nearest_m' => 2.8,
                'sweep_s' => 1.4,
                'stabiliser_stops' => 3,
                'ranges' => [['near_m' => 10, 'far_m' => null]],
                'best_stops_down' => 1.3,
            ]),
            '55-250-slow' => self::lens(Words::text('sample.55-250-slow'), [
                'zoom' => self::zoom([55 => 4, 130 => 5, 250 => 5.6]),
                'focal_mm' => 250,
                'nearest_m' => 1.1,
                'sweep_s' => 1.2,
                'stabiliser_stops' => 3,
                'best_stops_down' => 1.3,
                'min_aperture' => 22,
            ]),
            '24-70' => self::lens(Words::text('sample.24-70'), [
                'zoom' => self::zoom([24 => 2.8, 70 => 2.8]),
                'focal_mm' => 70,
                'nearest_m' => 0.4,
                'sweep_s' => 0.4,
                'stabiliser_stops' => 0,
            ]),
        ];
    }

    /**
     * @param  array<string, mixed>  $fields
     * @return array<string, mixed>
     */
    private static function lens(string $name, array $fields): array
    {
        return ['format' => LensDocument::FORMAT, 'name' => $name, ...$fields];
    }

    /**
     * @param  array<int, float|int>  $steps  widest f-number by focal length in mm
     * @return list<array{focal_mm: int, max_aperture: float|int}>
     */
    private static function zoom(array $steps): array
    {
        return array_map(
            static fn (int $mm, float|int $n): array => ['focal_mm' => $mm, 'max_aperture' => $n],
            array_keys($steps),
            array_values($steps),
        );
    }
}
