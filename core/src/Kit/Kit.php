<?php

declare(strict_types=1);

namespace RushHold\Kit;

use RushHold\Changeable;
use RushHold\Optics\StopScale;
use RushHold\Optics\ThinLens;
use RushHold\Range;
use RushHold\Refused;

/** Body, lens and extender as one instrument. */
final readonly class Kit
{
    use Changeable;

    /** @param  float  $extender  1 for none, up to 3 */
    public function __construct(
        public Body $body = new Body(),
        public Lens $lens = new Lens(),
        public float $extender = 1.0,
    ) {
        Range::of(1, 3, '×')->check('kit.extender', $extender);
    }

    public function focalMm(): float
    {
        return $this->lens->focalMm * $this->extender;
    }

    public function thinLens(): ThinLens
    {
        return new ThinLens($this->focalMm());
    }

    /** Widest f-number with the extender. */
    public function widest(): float
    {
        return $this->lens->maxAperture * $this->extender;
    }

    public function smallest(): float
    {
        return $this->lens->minAperture * $this->extender;
    }

    /** @return list<float> all f-numbers it offers, widest first, thirds of a stop apart */
    public function apertures(): array
    {
        return StopScale::fNumbers($this->widest(), $this->smallest());
    }

    /** How fast the focus drive moves the image plane at most, mm/s: the whole way in the lens's sweep time. */
    public function driveMmPerS(): float
    {
        $lens = $this->thinLens();

        return ($lens->imageDistanceMm($this->lens->nearestM) - $lens->focalMm) / $this->lens->sweepS;
    }

    /** @throws Refused if the lens cannot focus there */
    public function checkFocusDistance(string $field, float $metres): float
    {
        if (! is_finite($metres) || $metres < $this->lens->nearestM || $metres > 10000) {
            throw Refused::outside($field, $metres, Range::of($this->lens->nearestM, 10000, 'm'));
        }

        return $metres;
    }

    /** @throws Refused if the lens has no such opening */
    public function checkAperture(string $field, float $fNumber): float
    {
        // Customary values are rounded: f/5.6 is 5.657.
        if (! is_finite($fNumber) || $fNumber < $this->widest() * 0.98 || $fNumber > $this->smallest() * 1.02) {
            throw Refused::outside($field, $fNumber, Range::of($this->widest(), $this->smallest(), '(f-number)'));
        }

        return $fNumber;
    }
}
