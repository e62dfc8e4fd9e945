<?php

declare(strict_types=1);

namespace RushHold\Motion;

/**
 * Where a subject is at one moment, and how it moves, seen from the camera.
 *
 * Axes: x to the right, y away from the camera, z up, in metres; the camera is at the origin.
 */
final readonly class PathPoint
{
    public function __construct(
        public float $t,
        public float $x,
        public float $y,
        public float $z,
        public float $distanceM,
        public float $speedMps,
        /** Along the line of sight; positive when it comes nearer. */
        public float $closingMps,
        /** Square to the line of sight, never negative. */
        public float $transverseMps,
        /** How fast the camera has to turn to follow, rad/s. */
        public float $angularRadPerS,
        /** Parts of the transverse speed: to the right and up. */
        public float $acrossMps,
        public float $upMps,
    ) {
    }
}
