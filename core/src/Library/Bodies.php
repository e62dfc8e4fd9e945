<?php

declare(strict_types=1);

namespace RushHold\Library;

use RushHold\Document\BodyDocument;
use RushHold\Words\Words;

/**
 * Sample bodies to start from, each typical of its class and of no maker. Frame rates, buffers and readout times are
 * round figures from the middle of what such cameras do.
 */
final class Bodies
{
    /** @return array<string, array<string, mixed>> documents as {@see BodyDocument} reads them, by id */
    public static function all(): array
    {
        $all = ['bird', 'animal', 'person', 'vehicle'];
        $single = ['single', 'single-then-ring'];
        $any = [...$single, 'continuous', 'auto-switch'];
        $plain = static fn (string $area): array => [$area => ['detects' => false, 'sees_eyes' => false]];
        $focusing = [
            'start-focus',
            'stored-set',
            'lock-exposure',
            'recall-area',
            'switch-detection',
            'toggle-manual',
            'magnify',
            'preview-depth',
        ];
        $simple = ['start-focus', 'lock-exposure', 'toggle-manual', 'magnify', 'preview-depth'];
        $presets = [
            ['id' => 'even', 'patience_s' => 0.3, 'nimble' => 0.5],
            ['id' => 'patient', 'patience_s' => 1.2, 'nimble' => 0.0],
            ['id' => 'eager', 'patience_s' => 0.02, 'nimble' => 0.5],
            ['id' => 'nimble', 'patience_s' => 0.12, 'nimble' => 1.0],
        ];

        return [
            'fast-mirrorless' => [
                'format' => BodyDocument::FORMAT,
                'name' => Words::text('sample.fast-mirrorless'),
                'presets' => $presets,
                'offers' => ['before_press_s' => [0, 0.5, 1], 'focus.unpressed' => [false, true]],
                'mechanical' => ['frames_per_s' => 12],
                'controls' => self::controls(
                    ['half-press', 'thumb-1', 'thumb-2', 'front-1', 'lens', 'stick', 'touch'],
                    $focusing,
                ),
            ],
            'high-resolution' => [
                'format' => BodyDocument::FORMAT,
                'name' => Words::text('sample.high-resolution'),
                'pixels_wide' => 8192,
                'pixels_high' => 5464,
                'frames_per_s' => 12,
                'buffer_frames' => 80,
                'readout_s' => 0.016,
                'light_limit_ev' => -3.5,
                'presets' => $presets,
                'offers' => ['focus.unpressed' => [false, true]],
                'mechanical' => ['frames_per_s' => 8],
                'controls' => self::controls(
                    ['half-press', 'thumb-1', 'thumb-2', 'front-1', 'lens', 'stick', 'touch'],
                    $focusing,
                ),
            ],
            'small-sensor' => [
                'format' => BodyDocument::FORMAT,
                'name' => Words::text('sample.small-sensor'),
                'sensor_width_mm' => 17.4,
                'sensor_height_mm' => 13.0,
                'pixels_wide' => 5184,
                'pixels_high' => 3888,
                'frames_per_s' => 25,
                'buffer_frames' => 100,
                'readout_s' => 0.008,
                'light_limit_ev' => -3,
                'iso_max' => 25600,
                'presets' => [
                    ['id' => 'even', 'patience_s' => 0.3, 'nimble' => 0.5],
                    ['id' => 'patient', 'patience_s' => 1.2, 'nimble' => 0.0],
                    ['id' => 'eager', 'patience_s' => 0.02, 'nimble' => 0.5],
                ],
                'mechanical' => ['frames_per_s' => 10],
                'offers' => ['before_press_s' => [0, 0.5]],
                'controls' => self::controls(
                    ['half-press', 'thumb-1', 'front-1', 'front-2', 'lens', 'stick', 'touch'],
                    $focusing,
                ),
            ],
            'old-mirror' => [
                'format' => BodyDocument::FORMAT,
                'name' => Words::text('sample.old-mirror'),
                'sensor_width_mm' => 36.0,
                'sensor_height_mm' => 24.0,
                'pixels_wide' => 5472,
                'pixels_high' => 3648,
                'frames_per_s' => 10,
                'buffer_frames' => 60,
                'focus_cycle_hz' => 40,
                'light_limit_ev' => -2,
                'mirror' => true,
                'readout_s' => 0,
                'fastest_shutter_s' => 1 / 8000,
                'detects' => [],
                'presets' => $presets,
                'points' => [
                    'width' => 0.55,
                    'height' => 0.42,
                    'two_way_width' => 0.26,
                    'two_way_height' => 0.42,
                    'star_width' => 0.05,
                    'star_height' => 0.3,
                    'outer' => 'upright',
                ],
                'areas' => [
                    ...$plain('speck'),
                    ...$plain('point'),
                    ...$plain('plus'),
                    ...$plain('ring-small'),
                    'block' => [
                        'width' => 0.24,
                        'height' => 0.26,
                        'modes' => $any,
                        'detects' => false,
                        'sees_eyes' => false,
                    ],
                    'side' => [
                        'width' => 0.17,
                        'height' => 0.42,
                        'modes' => $any,
                        'detects' => false,
                        'sees_eyes' => false,
                    ],
                    'whole' => [
                        'width' => 0.55,
                        'height' => 0.42,
                        'modes' => $any,
                        'detects' => false,
                        'sees_eyes' => false,
                    ],
                ],
                'controls' => self::controls(
                    ['half-press', 'thumb-1', 'thumb-2', 'front-1', 'lens', 'stick'],
                    $focusing,
                ),
            ],
            'entry-mirror' => [
                'format' => BodyDocument::FORMAT,
                'name' => Words::text('sample.entry-mirror'),
                'sensor_width_mm' => 22.5,
                'sensor_height_mm' => 15.0,
                'pixels_wide' => 6000,
                'pixels_high' => 4000,
                'frames_per_s' => 4.5,
                'buffer_frames' => 12,
                'focus_cycle_hz' => 30,
                'light_limit_ev' => -0.5,
                'mirror' => true,
                'readout_s' => 0,
                'fastest_shutter_s' => 1 / 4000,
                'iso_max' => 25600,
                'detects' => [],
                'free_response' => false,
                'presets' => [['id' => 'even', 'patience_s' => 0.3, 'nimble' => 0.5]],
                'points' => [
                    'width' => 0.5,
                    'height' => 0.4,
                    'two_way_width' => 0.06,
                    'two_way_height' => 0.09,
                    'star_width' => 0,
                    'star_height' => 0,
                    'outer' => 'level',
                ],
                'areas' => [
                    'point' => ['width' => 0.05, 'height' => 0.07, 'detects' => false, 'sees_eyes' => false],
                    'whole' => [
                        'width' => 0.5,
                        'height' => 0.4,
                        'modes' => $any,
                        'detects' => false,
                        'sees_eyes' => false,
                    ],
                ],
                'controls' => self::controls(['half-press', 'thumb-1'], $simple),
            ],
        ];
    }

    /**
     * @param  list<string>  $places
     * @param  list<string>  $may
     * @return list<array{place: string, may: list<string>}>
     */
    private static function controls(array $places, array $may): array
    {
        return array_map(
            static fn (string $place): array => [
                'place' => $place,
                'may' => $place === 'half-press' ? ['start-focus', 'lock-exposure'] : $may,
            ],
            $places,
        );
    }
}
