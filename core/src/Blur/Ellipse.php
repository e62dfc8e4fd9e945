<?php

declare(strict_types=1);

namespace RushHold\Blur;

/**
 * How far a point is spread in a picture, as the ellipse of its standard deviations. In whatever unit it was made:
 * pixels or µm.
 *
 * What is round in it (focus, lens, air) has the short axis both ways; what is longer is a smear.
 */
final readonly class Ellipse
{
    private function __construct(
        /** Standard deviation along the long axis. */
        public float $long,
        /** Standard deviation across it. */
        public float $short,
        /** Of the long axis from the horizontal, anticlockwise as seen, 0 to 180 degrees. */
        public float $angleDeg,
    ) {
    }

    /**
     * From variances along x (to the right) and y (down), and their covariance; what noise made negative counts as
     * none.
     */
    public static function of(float $xx, float $yy, float $xy): self
    {
        $middle = ($xx + $yy) / 2;
        $reach = hypot(($xx - $yy) / 2, $xy);
        // Down is positive in pictures; angles are told as seen.
        $angle = fmod(rad2deg(0.5 * atan2(-2 * $xy, $xx - $yy)) + 180, 180);

        return new self(sqrt(max(0.0, $middle + $reach)), sqrt(max(0.0, $middle - $reach)), $angle);
    }

    /** From what was told of one; the longer axis is the long one. */
    public static function fromAxes(float $long, float $short, float $angleDeg): self
    {
        return $long >= $short
            ? new self($long, $short, fmod(fmod($angleDeg, 180) + 180, 180))
            : new self($short, $long, fmod(fmod($angleDeg + 90, 180) + 180, 180));
    }

    /** One figure for both axes: the root of the mean variance. */
    public function deviation(): float
    {
        return sqrt(($this->long ** 2 + $this->short ** 2) / 2);
    }

    /**
     * The width that the judging of frames goes by: a disc of diameter b has the standard deviation b/4 any way, a
     * smear of length L has L/√12 along, and independent parts add in squares.
     */
    public function width(): float
    {
        return sqrt(16 * $this->short ** 2 + 12 * max(0.0, $this->long ** 2 - $this->short ** 2));
    }

    /** Length of the smear alone. */
    public function smear(): float
    {
        return sqrt(12 * max(0.0, $this->long ** 2 - $this->short ** 2));
    }

    /** The same in another unit, so many of it to one of this. */
    public function scaled(float $by): self
    {
        return new self($this->long * $by, $this->short * $by, $this->angleDeg);
    }
}
