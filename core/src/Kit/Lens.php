<?php

declare(strict_types=1);

namespace RushHold\Kit;

use RushHold\Changeable;
use RushHold\Range;
use RushHold\Refused;

/** A lens and the focal length it is used at. The defaults are the sample lens, a 500 mm f/4. */
final readonly class Lens
{
    use Changeable;

    /**
     * @param  float  $bestStopsDown  stops below wide open at which it is sharpest
     * @param  float  $sweepS  from the nearest distance to infinity, by its own drive, in seconds
     * @param  Zoom|null  $zoom  null for a lens of one focal length
     * @param  list<FocusRange>  $ranges  positions of its range switch apart from the full one; empty: any range can be
     *   set
     * @param  list<float>  $extenders  magnifications of the extenders it takes, above 1 to 3
     * @param  bool  $manualSwitch  whether a switch on it turns autofocus off
     * @param  FocusRing|null  $ring  how its ring turns; null: not known
     *
     * @throws Refused if a value is out of range, or the f-numbers stand the wrong way round
     */
    public function __construct(
        public string $name = '500 mm f/4 prime',
        public float $focalMm = 500.0,
        public float $maxAperture = 4.0,
        public float $minAperture = 32.0,
        public float $bestStopsDown = 1.0,
        public float $nearestM = 3.5,
        public float $sweepS = 0.5,
        public float $stabiliserStops = 4.0,
        public ?Zoom $zoom = null,
        public array $ranges = [],
        public array $extenders = [],
        public bool $manualSwitch = true,
        public ?FocusRing $ring = null,
    ) {
        $zoom?->range()->check('kit.lens.focal_mm', $focalMm);
        Range::of(8, 2000, 'mm')->check('kit.lens.focal_mm', $focalMm);
        Range::of(0.7, 22, '(f-number)')->check('kit.lens.max_aperture', $maxAperture);
        Range::of(4, 128, '(f-number)')->check('kit.lens.min_aperture', $minAperture);
        Range::of(0, 4, 'stops')->check('kit.lens.best_stops_down', $bestStopsDown);
        Range::of(0.05, 50, 'm')->check('kit.lens.nearest_m', $nearestM);
        Range::of(0.05, 30, 's')->check('kit.lens.sweep_s', $sweepS);
        Range::of(0, 10, 'stops')->check('kit.lens.stabiliser_stops', $stabiliserStops);
        foreach ($extenders as $i => $times) {
            Range::above(1, 3, '×')->check("kit.lens.extenders[$i]", $times);
        }
        if ($minAperture < $maxAperture) {
            throw Refused::beyond('kit.lens.min_aperture', Range::of($maxAperture, 128, '(f-number)'), 'lens-openings');
        }
        if ($nearestM * 1000 <= 1.5 * $focalMm) {
            throw Refused::beyond('kit.lens.nearest_m', Range::above((1.5 * $focalMm) / 1000, 50, 'm'), 'lens-nearest');
        }
    }

    /** The same zoomed to another focal length. */
    public function at(float $focalMm): self
    {
        return $this->zoom === null
            ? $this
            : $this->with(
                focalMm: $focalMm,
                maxAperture: $this->zoom->widestAt($focalMm),
                minAperture: max($this->minAperture, $this->zoom->widestAt($focalMm)),
            );
    }

    /**
     * Focal lengths worth trying: the ends and the middle of a zoom, or the only one.
     *
     * @return list<float> mm
     */
    public function focalLengths(): array
    {
        return $this->zoom === null
            ? [$this->focalMm]
            : [$this->zoom->fromMm(), round(sqrt($this->zoom->fromMm() * $this->zoom->toMm())), $this->zoom->toMm()];
    }
}
