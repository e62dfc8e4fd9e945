<?php

declare(strict_types=1);

namespace RushHold\Kit;

use RushHold\Optics\ThinLens;
use RushHold\Range;

/** What a lens shows on a body at one focal length with one extender. */
final readonly class LensReach
{
    private function __construct(
        /** With the extender, mm. */
        public float $focalMm,
        public float $extender,
        /** Widest f-number with the extender. */
        public float $widest,
        /** Angle of view across the frame's width, degrees. */
        public float $angleDeg,
        /** Width of the field at the distance asked for, m. */
        public float $fieldM,
        /** Pixels on each centimetre of a subject there. */
        public float $pixelsPerCm,
        /** EV100 below which the body no longer focuses with it. */
        public float $lastLightEv,
    ) {
    }

    /**
     * Both ends of a zoom or the one focal length, each without and with every extender it takes.
     *
     * @param  float  $distanceM  1 to 10000 m
     * @return list<self>
     */
    public static function of(Lens $lens, Body $body, float $distanceM = 20.0): array
    {
        Range::of(1, 10000, 'm')->check('distance_m', $distanceM);
        $all = [];
        $focals = $lens->zoom === null ? [$lens->focalMm] : [$lens->zoom->fromMm(), $lens->zoom->toMm()];
        foreach ([1.0, ...$lens->extenders] as $extender) {
            foreach ($focals as $focal) {
                $at = $lens->at($focal);
                $mm = $focal * $extender;
                $field = (new ThinLens($mm))->fieldM(max($distanceM, $lens->nearestM), $body->sensorWidthMm);
                $widest = $at->maxAperture * $extender;
                $all[] = new self(
                    $mm,
                    $extender,
                    $widest,
                    rad2deg(2 * atan($body->sensorWidthMm / 2 / $mm)),
                    $field,
                    $body->pixelsWide / $field / 100,
                    $body->lightLimitEv + 2 * log($widest / 1.2, 2),
                );
            }
        }

        return $all;
    }
}
