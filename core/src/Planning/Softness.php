<?php

declare(strict_types=1);

namespace RushHold\Planning;

use RushHold\Hold\Hold;
use RushHold\Situation\Situation;

/** How soft the subject and what stands around it are drawn, wherever the focus is: discs on the sensor. */
final readonly class Softness
{
    public function __construct(private Situation $s, private Hold $hold)
    {
    }

    /**
     * Diameters of the discs that points are drawn as, µm on the sensor.
     *
     * @param  float  $focusM  where the lens is focused, m
     * @param  float  $subjectM  where the subject is, m
     * @return array{subject_um: float, background_um: float, front_um: float}
     */
    public function at(float $focusM, float $subjectM): array
    {
        $scene = $this->s->rush->scene;
        $nearest = (1.2 * $this->s->lens->focalMm) / 1000;
        $disc = fn (float $distanceM): float => round(
            $this->s->lens->defocusUm($this->hold->aperture, max($nearest, $focusM), max($nearest, $distanceM)),
            1,
        );

        return [
            'subject_um' => $disc($subjectM),
            'background_um' => $disc(max($subjectM, $scene->backgroundM)),
            'front_um' => $disc($scene->frontRatio * $subjectM),
        ];
    }
}
