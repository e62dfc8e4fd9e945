<?php

declare(strict_types=1);

namespace RushHold\Rush;

use RushHold\Changeable;
use RushHold\Kit\Support;
use RushHold\Range;

/** Who photographs: skills from 0 (first time) to 1 (master), support, and how much noise is accepted. */
final readonly class Photographer
{
    use Changeable;

    /**
     * @param  float|null  $slowestShutterS  a floor of one's own: never slower than this, s
     * @param  float|null  $firstSharpS  own timing from one subject to another until it is sharp, by autofocus, s;
     *   null: as the model has it
     * @param  float|null  $firstSharpByHandS  the same by hand, s
     */
    public function __construct(
        public float $aim = 0.5,
        public float $panning = 0.5,
        public float $handFocus = 0.3,
        public Support $support = Support::Handheld,
        public float $isoCeiling = 6400.0,
        public Freeze $freeze = Freeze::Body,
        public Openness $openness = Openness::OneStopDown,
        public ?float $slowestShutterS = null,
        public ?float $firstSharpS = null,
        public ?float $firstSharpByHandS = null,
    ) {
        $slowestShutterS === null ||
            Range::of(1 / 32000, 1, 's')->check('photographer.slowest_shutter_s', $slowestShutterS);
        $firstSharpS === null || Range::of(0.05, 30, 's')->check('photographer.first_sharp_s', $firstSharpS);
        $firstSharpByHandS === null ||
            Range::of(0.05, 30, 's')->check('photographer.first_sharp_by_hand_s', $firstSharpByHandS);
        Range::share()->check('photographer.aim', $aim);
        Range::share()->check('photographer.panning', $panning);
        Range::share()->check('photographer.hand_focus', $handFocus);
        Range::of(100, 4000000, '(ISO)')->check('photographer.iso_ceiling', $isoCeiling);
    }
}
