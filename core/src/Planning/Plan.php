<?php

declare(strict_types=1);

namespace RushHold\Planning;

use RushHold\Blur\BlurParts;
use RushHold\Hold\Hold;
use RushHold\Light\Shimmer;
use RushHold\Optics\DepthOfField;
use RushHold\Planning\Solve\ExposureSolver;

/** A hold for a rush, with all that explains it. */
final readonly class Plan
{
    /**
     * @param  list<Line>  $lines  one for each setting, in the order of deciding
     * @param  list<Misfit>  $misfits
     * @param  list<array{what: string, sentence: string}>  $cautions
     */
    public function __construct(
        public Situation $situation,
        public Hold $hold,
        public array $lines,
        public ExposureSolver $exposure,
        public Lane $lane,
        /** Blur halfway through the rush with focus where it is then. */
        public BlurParts $blur,
        /** Smear of limbs halfway, µm. */
        public float $limbBlurUm,
        /** What is sharp around the subject halfway, at the keeper limit. */
        public DepthOfField $depth,
        public Shimmer $air,
        public array $misfits,
        public array $cautions,
    ) {
    }
}
