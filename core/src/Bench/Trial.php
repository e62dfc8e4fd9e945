<?php

declare(strict_types=1);

namespace RushHold\Bench;

use RushHold\Range;
use RushHold\Refused;

/** One frame of a sweep: the fine-tune value it was taken at, and how sharp it came out. */
final readonly class Trial
{
    /** Fine-tune values that any body takes. */
    public const VALUES = [-100, 100];

    /**
     * @param  int  $value  fine-tune value, −100 to 100
     * @param  float  $score  how sharp, 0 to 1000, more is sharper; only compared within a series
     * @param  float  $distanceM  0.1 to 1000 m
     * @param  float  $focalMm  8 to 2000 mm
     *
     * @throws Refused if one of them is out of range
     */
    public function __construct(
        public int $value,
        public float $score,
        public float $distanceM,
        public float $focalMm,
        string $field = 'frames',
    ) {
        Range::of(self::VALUES[0], self::VALUES[1])->check("$field.value", $value);
        Range::of(0, 1000)->check("$field.score", $score);
        Range::of(0.1, 1000, 'm')->check("$field.distance_m", $distanceM);
        Range::of(8, 2000, 'mm')->check("$field.focal_mm", $focalMm);
    }
}
