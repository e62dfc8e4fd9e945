<?php

declare(strict_types=1);

namespace RushHold\Optics;

use RushHold\Range;
use RushHold\Refused;

/**
 * Several subjects at once: where to focus so that the nearest and the farthest are equally blurred, and the
 * smallest f-number that keeps both within the circle of confusion.
 *
 * Source: equal blur at both ends puts the focus at the harmonic mean of near and far, 2·near·far/(near + far).
 */
final readonly class GroupDepth
{
    private function __construct(
        public float $nearM,
        public float $farM,
        public float $focusM,
        /** 0 when all stand at one distance. */
        public float $fNumber,
    ) {
    }

    /**
     * @param  non-empty-list<float>  $distancesM
     *
     * @throws Refused if a distance is within the focal length or absurd
     */
    public static function of(array $distancesM, ThinLens $lens, float $cocMm): self
    {
        foreach ($distancesM as $i => $distance) {
            Range::above($lens->focalMm / 1000, 5000, 'm')->check("group[$i].distance_m", $distance);
        }
        $near = min($distancesM);
        $far = max($distancesM);
        $focus = (2 * $near * $far) / ($near + $far);

        return new self($near, $far, $focus, $lens->defocusUm(1.0, $focus, $near) / 1000 / $cocMm);
    }

    /**
     * How much farther back everyone would have to be for $fNumber to do, in metres: 0 when it does already.
     *
     * Solved by halving; the spread of the group stays what it is.
     */
    public function backOffM(ThinLens $lens, float $cocMm, float $fNumber): float
    {
        if ($this->fNumber <= $fNumber) {
            return 0.0;
        }
        $enough = fn (float $back): bool => self::of([$this->nearM + $back, $this->farM + $back], $lens, $cocMm)
            ->fNumber <= $fNumber;
        $low = 0.0;
        $high = 4000.0;
        if (! $enough($high)) {
            return INF;
        }
        for ($i = 0; $i < 40; $i++) {
            $middle = ($low + $high) / 2;
            $enough($middle) ? ($high = $middle) : ($low = $middle);
        }

        return $high;
    }

    /**
     * The longest focal length in mm that does it at $fNumber from here. Far away blur goes with its square; near the
     * lens it does not, so it is solved by halving.
     */
    public function focalFor(ThinLens $lens, float $cocMm, float $fNumber): float
    {
        if ($this->fNumber <= $fNumber) {
            return $lens->focalMm;
        }
        $low = 1.0;
        $high = $lens->focalMm;
        for ($i = 0; $i < 40; $i++) {
            $middle = ($low + $high) / 2;
            self::of([$this->nearM, $this->farM], new ThinLens($middle), $cocMm)->fNumber <= $fNumber
                ? ($low = $middle)
                : ($high = $middle);
        }

        return $low;
    }
}
