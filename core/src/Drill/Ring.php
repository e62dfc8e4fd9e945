<?php

declare(strict_types=1);

namespace RushHold\Drill;

use RushHold\Optics\ThinLens;
use RushHold\Range;

/**
 * A focusing ring: how far it is turned, 0 at infinity and 1 at the nearest distance, against the distance that is
 * sharp. It moves the lens evenly, so that distances lie the closer together the farther they are.
 */
final readonly class Ring
{
    private ThinLens $lens;

    /** Lens travel from infinity to the nearest distance, mm. */
    public float $throwMm;

    /**
     * @param  float  $focalMm  with any extender
     * @param  float  $fNumber  opening the picture is seen at
     * @param  float  $nearestM  nearest distance
     * @param  float  $cocUm  blur that goes unseen
     */
    public function __construct(
        public float $focalMm,
        public float $fNumber,
        public float $nearestM,
        public float $cocUm,
    ) {
        Range::of(0.7, 64, '(f-number)')->check('f_number', $fNumber);
        Range::of(0.5, 500, 'µm')->check('coc_um', $cocUm);
        $this->lens = new ThinLens($focalMm);
        Range::above((1.2 * $focalMm) / 1000, 100, 'm')->check('nearest_m', $nearestM);
        $this->throwMm = self::travel($focalMm, $nearestM);
    }

    /** Distance that is sharp when the ring is turned to $turn, m; infinity is very far. */
    public function metres(float $turn): float
    {
        return ($this->focalMm ** 2 / max(1e-6, $turn * $this->throwMm) + $this->focalMm) / 1000;
    }

    /** How far the ring is turned for a distance, 0 to 1. */
    public function turn(float $metres): float
    {
        return self::travel($this->focalMm, $metres) / $this->throwMm;
    }

    /** Blur of something at $metres, µm across. */
    public function blurUm(float $turn, float $metres): float
    {
        return $this->lens->defocusUm($this->fNumber, $this->metres($turn), $metres);
    }

    public function isSharp(float $turn, float $metres): bool
    {
        return $this->blurUm($turn, $metres) <= $this->cocUm;
    }

    /** How far the ring may be off at a distance before it shows, as a share of its throw. */
    public function play(float $metres): float
    {
        // The disc is the way from the sensor to where it is sharp, over the f-number times the image distance over the
        // focal length.
        return (($this->cocUm / 1000) * $this->fNumber * (1 + self::travel($this->focalMm, $metres) / $this->focalMm)) /
            $this->throwMm;
    }

    private static function travel(float $focalMm, float $metres): float
    {
        return $focalMm ** 2 / (1000 * $metres - $focalMm);
    }
}
