<?php

declare(strict_types=1);

namespace RushHold\Camera;

use RushHold\Blur\Ellipse;

/** What becomes of a point on the sensor while a frame is exposed: lengths in µm, x to the right and y down. */
final readonly class PointSpread
{
    /**
     * @param  float  $discUm  diameter of the disc of defocus
     * @param  float  $roundUm  width of what lens, diffraction and air make of it, as wide as a disc of that diameter
     *   is spread
     * @param  list<array{float, float}>  $smears  ways it moves meanwhile, independent of each other
     */
    public function __construct(public float $discUm, public float $roundUm, public array $smears)
    {
    }

    public function ellipse(): Ellipse
    {
        return Ellipse::of(...$this->variances());
    }

    /** @return array{float, float, float} variance along x and along y, and covariance, µm² */
    public function variances(): array
    {
        $xx = $yy = ($this->discUm ** 2 + $this->roundUm ** 2) / 16;
        $xy = 0.0;
        foreach ($this->smears as [$x, $y]) {
            $xx += ($x * $x) / 12;
            $yy += ($y * $y) / 12;
            $xy += ($x * $y) / 12;
        }

        return [$xx, $yy, $xy];
    }

    /** The same in another unit, so many of it to a µm. */
    public function scaled(float $by): self
    {
        return new self(
            $this->discUm * $by,
            $this->roundUm * $by,
            array_map(static fn (array $smear): array => [$smear[0] * $by, $smear[1] * $by], $this->smears),
        );
    }
}
