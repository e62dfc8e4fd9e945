<?php

declare(strict_types=1);

namespace RushHold\Planning;

use RushHold\Blur\BlurParts;
use RushHold\Blur\LensBlur;
use RushHold\Blur\Shake;
use RushHold\Hold\Hold;
use RushHold\Light\Shimmer;
use RushHold\Motion\ImageMotion;
use RushHold\Motion\PathPoint;
use RushHold\Optics\Diffraction;
use RushHold\Optics\ThinLens;
use RushHold\Situation\Situation;

/** What blurs the frames of one rush with one hold, moment by moment. */
final readonly class FrameBlur
{
    private ThinLens $lens;

    private float $pitchMm;

    private float $removed;

    private float $shakeUm;

    private float $lensUm;

    private float $airUm;

    private float $diffractionUm;

    public function __construct(Situation $s, private Hold $hold, Shimmer $air)
    {
        $this->lens = $s->lens;
        $this->pitchMm = $s->kit->body->pitchMm();
        $this->removed = $s->panningRemoved();
        $stops = $hold->stabiliser->stops($s->kit->lens->stabiliserStops);
        $this->shakeUm = Shake::blurUm(
            Shake::rateRadPerS($hold->support->shake(), $s->photographer->aim, $stops),
            $s->kit->focalMm(),
            $hold->shutterS,
        );
        $this->lensUm = LensBlur::um(
            $hold->aperture,
            $s->kit->widest(),
            $s->kit->lens->bestStopsDown,
            $s->kit->extender,
        );
        $this->airUm = $air->blurUm($s->kit->focalMm());
        $this->diffractionUm = Diffraction::widthUm($hold->aperture);
    }

    /** @param  float  $focusM  where the lens is focused */
    public function at(PathPoint $point, float $focusM): BlurParts
    {
        $motion = ImageMotion::of($point, $this->lens, $this->pitchMm);
        $distance = max($point->distanceM, (1.2 * $this->lens->focalMm) / 1000);

        return new BlurParts(
            defocusUm: $this->lens->defocusUm($this->hold->aperture, $focusM, $distance),
            subjectUm: $motion->bodyBlurUm($this->hold->shutterS, $this->removed),
            shakeUm: $this->shakeUm,
            depthChangeUm: $this->lens->defocusUm(
                $this->hold->aperture,
                $distance,
                max(0.5 * $distance, $distance - (abs($point->closingMps) * $this->hold->shutterS) / 2),
            ),
            lensUm: $this->lensUm,
            airUm: $this->airUm,
            diffractionUm: $this->diffractionUm,
            pixelUm: 1000 * $this->pitchMm,
        );
    }
}
