<?php

declare(strict_types=1);

namespace RushHold\Motion;

use RushHold\Range;

/** The speed of something from what can be counted in the field, with how sure it is. */
final readonly class SpeedFinder
{
    /** Scatter of one stopwatch timing by eye and thumb, start and stop together, s. */
    public const HAND_S = 0.15;

    private function __construct(
        public float $speedMps,
        /** One standard error, m/s. */
        public float $errorMps,
    ) {
    }

    /**
     * @param  float  $metres  way between two marks, 0.1 to 10000 m
     * @param  float  $seconds  time between them, 0.05 to 3600 s
     * @param  float  $metresError  how far off the distance may be, m
     */
    public static function stopwatch(float $metres, float $seconds, float $metresError = 0.0): self
    {
        Range::of(0.1, 10000, 'm')->check('metres', $metres);
        Range::of(0.05, 3600, 's')->check('seconds', $seconds);
        Range::of(0, 5000, 'm')->check('metres_error', $metresError);

        return self::with($metres / $seconds, hypot($metresError / $metres, self::HAND_S / $seconds));
    }

    /**
     * From a burst: how many of its own lengths it moved over a number of frames. A frame's time is known well; the
     * length and the reading of the pictures are not.
     *
     * @param  float  $lengths  its own lengths moved, 0.1 to 1000
     * @param  float  $lengthM  its length, 0.01 to 30 m
     * @param  int  $frames  steps from frame to frame in between, 1 to 10000
     * @param  float  $framesPerS  0.5 to 240
     * @param  float  $lengthError  uncertainty of its length as a share, 0 to 1
     */
    public static function frames(
        float $lengths,
        float $lengthM,
        int $frames,
        float $framesPerS,
        float $lengthError = 0.1,
    ): self {
        Range::of(0.1, 1000, 'lengths')->check('lengths', $lengths);
        Range::of(0.01, 30, 'm')->check('length_m', $lengthM);
        Range::of(1, 10000, 'frames')->check('frames', $frames);
        Range::of(0.5, 240, 'frames/s')->check('frames_per_s', $framesPerS);
        Range::share()->check('length_error', $lengthError);

        // A position is read to about a tenth of its length.
        return self::with(
            ($lengths * $lengthM * $framesPerS) / $frames,
            hypot($lengthError, (0.1 * M_SQRT2) / $lengths),
        );
    }

    private static function with(float $speed, float $share): self
    {
        return new self($speed, $speed * $share);
    }
}
