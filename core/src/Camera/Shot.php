<?php

declare(strict_types=1);

namespace RushHold\Camera;

use RushHold\Blur\Ellipse;
use RushHold\Focus\LossCause;
use RushHold\Hold\Hold;
use RushHold\Motion\PathPoint;
use RushHold\Situation\Situation;

/**
 * One frame of the stand-in camera: where everything stands in the picture, and how it is spread there.
 *
 * Places in the frame are in mm on the sensor from its centre, x to the right and y down.
 */
final readonly class Shot
{
    /** What the drawing may not spread a point over: beyond, there is nothing left to see. */
    private const WIDEST_UM = 12_000.0;

    /**
     * @param  float  $roundUm  lens, diffraction and air, as the width of a disc
     * @param  list<array{float, float}>  $shake  smears of the whole frame, µm
     * @param  float  $panXUm  how what stands still runs through the frame because the camera follows
     */
    public function __construct(
        public Situation $situation,
        public Hold $hold,
        /** Which pass it belongs to, and the how manieth of it. */
        public int $run,
        public int $number,
        /** s from the start of the pass. */
        public float $t,
        public PathPoint $point,
        public float $distanceM,
        public float $focusM,
        /** Where the aim part stands. */
        public float $aimXMm,
        public float $aimYMm,
        /** Size of a metre there, mm. */
        public float $mmPerM,
        /** What has to be sharp. */
        public PointSpread $subject,
        public float $roundUm,
        private array $shake,
        private float $panXUm,
        private float $panYUm,
        public bool $kept,
        public ?LossCause $cause,
        /** Lost because the lens focuses beside what it was told. */
        public bool $lensOff,
    ) {
    }

    /** What stands still at this distance. */
    public function still(float $distanceM): PointSpread
    {
        $disc = $this->situation->lens->defocusUm($this->hold->aperture, $this->focusM, $distanceM);

        return new PointSpread(min(self::WIDEST_UM, $disc), $this->roundUm, [
            ...$this->shake,
            [$this->panXUm, $this->panYUm],
        ]);
    }

    /** What moves along with the subject at this distance. */
    public function alongside(float $distanceM): PointSpread
    {
        $disc = $this->situation->lens->defocusUm($this->hold->aperture, $this->focusM, $distanceM);

        return new PointSpread(min(self::WIDEST_UM, $disc), $this->roundUm, $this->subject->smears);
    }

    /** Of what has to be sharp, in pixels of the body. */
    public function ellipsePx(): Ellipse
    {
        $pitch = 1000 * $this->situation->kit->body->pitchMm();
        [$xx, $yy, $xy] = $this->subject->variances();
        // A pixel gathers light over its square.
        $pixel = 1 / 12;

        return Ellipse::of($xx / $pitch ** 2 + $pixel, $yy / $pitch ** 2 + $pixel, $xy / $pitch ** 2);
    }

    /** Whether the aim part is inside the frame. */
    public function inFrame(): bool
    {
        return $this->cause !== LossCause::OutOfFrame;
    }
}
