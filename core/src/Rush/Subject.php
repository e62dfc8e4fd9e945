<?php

declare(strict_types=1);

namespace RushHold\Rush;

use RushHold\Changeable;
use RushHold\Kit\Detection;
use RushHold\Range;

/** Who is coming. Its speed is the path's. */
final readonly class Subject
{
    use Changeable;

    /** Faster than that nobody sees them. */
    private const MOST_POSES_HZ = 12.0;

    /**
     * @param  float  $lengthM  along the movement, 0.01 to 30 m
     * @param  float  $heightM  0.01 to 30 m
     * @param  float  $depthM  from its near to its far side as seen, 0.005 to 30 m
     * @param  float  $aimSizeM  size of the part that has to be sharp, 0.002 to 5 m
     * @param  float  $limbSpeedMps  fastest wing tip or foot against the body, 0 to 150 m/s
     * @param  float  $contrast  detail on it that focus can measure, 0 to 1
     * @param  float  $distinct  how much it differs from everything else in sight, 0 to 1
     * @param  float  $erratic  0 keeps its way, 1 changes it all the time
     */
    public function __construct(
        public float $lengthM,
        public float $heightM,
        public float $depthM,
        public float $aimSizeM,
        public float $limbSpeedMps = 0.0,
        public float $contrast = 0.7,
        public float $distinct = 0.7,
        public Detection $kind = Detection::Animal,
        public float $erratic = 0.1,
        public string $name = '',
        public Figure $figure = Figure::Plain,
    ) {
        Range::of(0.01, 30, 'm')->check('subject.length_m', $lengthM);
        Range::of(0.01, 30, 'm')->check('subject.height_m', $heightM);
        Range::of(0.005, 30, 'm')->check('subject.depth_m', $depthM);
        Range::of(0.002, 5, 'm')->check('subject.aim_size_m', $aimSizeM);
        Range::of(0, 150, 'm/s')->check('subject.limb_speed_mps', $limbSpeedMps);
        Range::share()->check('subject.contrast', $contrast);
        Range::share()->check('subject.distinct', $distinct);
        Range::share()->check('subject.erratic', $erratic);
    }

    /**
     * How often a second it goes through its stroke or stride, as it is drawn: a wing tip or foot goes about three
     * lengths of it meanwhile.
     */
    public function posesHz(): float
    {
        return min(self::MOST_POSES_HZ, $this->limbSpeedMps / (3 * $this->lengthM));
    }
}
