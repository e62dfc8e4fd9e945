<?php

declare(strict_types=1);

namespace RushHold\Tests;

use RushHold\Document\RushDocument;
use RushHold\Rush\Rush;

/** Rushes for tests: a plain one, and changes to it by the names that documents use. */
final class Rushes
{
    private const PLAIN = [
        'format' => 'rush-hold/rush@1',
        'name' => 'Gull over open water',
        'subject' => [
            'length_m' => 0.5,
            'height_m' => 0.3,
            'depth_m' => 0.2,
            'aim_size_m' => 0.05,
            'speed_mps' => 10.0,
            'limb_speed_mps' => 5.0,
            'kind' => 'bird',
            'erratic' => 0.1,
        ],
        'path' => ['start_m' => 40.0, 'heading_deg' => 20.0, 'seconds' => 2.0, 'notice_s' => 2.0],
        'light' => ['ev100' => 14.0],
    ];

    /**
     * @param  array<string, mixed>  $changes  such as `['subject.speed_mps' => 3.0]`
     * @return array<string, mixed>
     */
    public static function document(array $changes = []): array
    {
        $document = self::PLAIN;
        foreach ($changes as $path => $value) {
            $spot = &$document;
            foreach (explode('.', $path) as $name) {
                $spot = &$spot[$name];
            }
            $spot = $value;
            unset($spot);
        }

        return $document;
    }

    /** @param  array<string, mixed>  $changes */
    public static function with(array $changes = []): Rush
    {
        return RushDocument::read(self::document($changes))->rush;
    }

    /** A rush of believable size and speed, the same for the same seed. */
    public static function random(int $seed): Rush
    {
        mt_srand($seed);
        $between = static fn (float $low, float $high): float => $low + (($high - $low) * mt_rand()) / mt_getrandmax();
        $height = $between(0.1, 1.8);
        $kinds = ['bird', 'animal', 'person', 'vehicle'];
        $focal = $between(100, 800);

        return self::with([
            'subject' => [
                'length_m' => $between(0.1, 2),
                'height_m' => $height,
                'depth_m' => $between(0.05, 0.8),
                'aim_size_m' => $height / 5,
                'speed_mps' => $between(0.5, 25),
                'limb_speed_mps' => $between(0, 12),
                'kind' => $kinds[mt_rand(0, 3)],
                'erratic' => $between(0, 0.6),
                'contrast' => $between(0.2, 1),
                'distinct' => $between(0.1, 1),
            ],
            'path' => [
                'start_m' => $between(15, 80),
                'heading_deg' => $between(-170, 170),
                'climb_deg' => $between(-40, 60),
                'seconds' => $between(0.5, 4),
                'notice_s' => $between(0, 5),
                'repeats' => mt_rand(0, 1) === 1,
            ],
            'scene' => [
                'front_clutter' => $between(0, 0.9),
                'background_texture' => $between(0, 1),
                'background_alike' => $between(0, 1),
                'obstacles_per_s' => $between(0, 1),
            ],
            'light' => ['ev100' => $between(4, 15.5)],
            'photographer' => ['aim' => $between(0, 1), 'panning' => $between(0, 1), 'hand_focus' => $between(0, 1)],
            'kit' => [
                'lens' => [
                    'focal_mm' => $focal,
                    'max_aperture' => $between(1.8, 6.3),
                    'nearest_m' => max(1.2, 0.006 * $focal),
                ],
            ],
        ]);
    }
}
