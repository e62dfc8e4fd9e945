<?php

declare(strict_types=1);

namespace RushHold\Focus;

/** What happened while one frame of a run was exposed, as exact as it was judged. */
final readonly class Exposed
{
    public function __construct(
        /** s from the start of the rush. */
        public float $t,
        /** Of the aim part. */
        public float $distanceM,
        public float $focusM,
        /** Disc of what has to be sharp, µm. */
        public float $defocusUm,
        /** Smear of the subject's movement, µm. */
        public float $subjectUm,
        /** Smear of the camera's, µm. */
        public float $shakeUm,
        /** Width at half height of what the air made of a point, µm. */
        public float $airUm,
        /** Everything together, as it was judged, µm. */
        public float $totalUm,
        /** How far the aim was off the subject, in frame widths to the right and heights down. */
        public float $missX,
        public float $missY,
        public ?LossCause $cause,
        /** Frames that came out so. */
        public int $many,
    ) {
    }
}
