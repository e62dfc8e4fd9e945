<?php

declare(strict_types=1);

namespace RushHold\Kit\Areas;

use RushHold\Kit\Area;
use RushHold\Kit\FocusMode;

/**
 * What an area says of itself. Each case of `Area` has a file of its name here; the rest asks, and keeps no lists of
 * areas of its own.
 */
final readonly class About
{
    public const SINGLE = [FocusMode::Single, FocusMode::SingleThenRing];

    public const EVERY = [...self::SINGLE, FocusMode::Continuous, FocusMode::AutoSwitch];

    /**
     * @param  float  $wide  share of the frame's width it has on a usual body, 0.002 to 1
     * @param  float  $high  share of the frame's height, 0.002 to 1
     * @param  Area|null  $smaller  what lets less beside the subject in; null: none does
     * @param  list<FocusMode>  $modes  with which a usual body allows it
     * @param  bool  $detects  whether a usual body may search for a subject in it
     * @param  bool  $picksForItself  whether the body takes the nearest or crispest thing in it unless it detects a
     *   subject
     * @param  bool  $hasHelpers  whether what lies around its middle helps when that loses the subject
     * @param  bool  $isSmall  whether it is one of those that picking the spot oneself is done with
     * @param  bool  $isFine  whether it sees nothing but what is under it
     * @param  bool  $spans  whether it reaches from one side of the frame to the other, so that it cannot be put aside
     * @param  bool  $isCompared  whether it is told what the plan's hold would do with it instead
     * @param  array<string, float>  $marks  for and against it by rule, as `area.<rule>` names it
     * @param  list<string>  $ruledOut  rules that rule it out
     */
    public function __construct(
        public float $wide,
        public float $high,
        public ?Area $smaller = null,
        public array $modes = self::EVERY,
        public bool $detects = true,
        public bool $picksForItself = false,
        public bool $hasHelpers = false,
        public bool $isSmall = false,
        public bool $isFine = false,
        public bool $spans = false,
        public bool $isCompared = false,
        public array $marks = [],
        public array $ruledOut = [],
    ) {
    }
}
