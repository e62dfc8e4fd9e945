<?php

declare(strict_types=1);

namespace App\Camera;

use RushHold\Camera\Shot;

/** A part of the frame and how many pixels it is drawn with. */
final readonly class View
{
    /**
     * @param  float  $xMm  of its middle on the sensor, from the centre to the right
     * @param  float  $yMm  down
     */
    private function __construct(
        public float $xMm,
        public float $yMm,
        public float $widthMm,
        public float $heightMm,
        public int $wide,
        public int $high,
    ) {
    }

    /** The whole frame with at most so many pixels across. */
    public static function whole(Shot $shot, int $wide): self
    {
        $body = $shot->situation->kit->body;
        $wide = min($wide, $body->pixelsWide);

        return new self(
            0.0,
            0.0,
            $body->sensorWidthMm,
            $body->sensorHeightMm,
            $wide,
            max(1, (int) round(($wide * $body->sensorHeightMm) / $body->sensorWidthMm)),
        );
    }

    /** Pixel for pixel, around what has to be sharp; within the frame. */
    public static function around(Shot $shot, int $wide, int $high): self
    {
        $body = $shot->situation->kit->body;
        $pitch = $body->pitchMm();
        $width = min($wide * $pitch, $body->sensorWidthMm);
        $height = min($high * $pitch, $body->sensorHeightMm);
        $within = static fn (float $at, float $side, float $all): float => max(
            -($all - $side) / 2,
            min(($all - $side) / 2, $at),
        );

        return new self(
            $within($shot->aimXMm, $width, $body->sensorWidthMm),
            $within($shot->aimYMm, $height, $body->sensorHeightMm),
            $width,
            $height,
            (int) round($width / $pitch),
            (int) round($height / $pitch),
        );
    }

    /** Pixels to a mm. */
    public function perMm(): float
    {
        return $this->wide / $this->widthMm;
    }

    /** @return array{float, float} pixels from the left and from the top */
    public function at(float $xMm, float $yMm): array
    {
        return [
            $this->wide / 2 + ($xMm - $this->xMm) * $this->perMm(),
            $this->high / 2 + ($yMm - $this->yMm) * $this->perMm(),
        ];
    }

    /** The same with fewer pixels. */
    public function reduced(float $by): self
    {
        return new self(
            $this->xMm,
            $this->yMm,
            $this->widthMm,
            $this->heightMm,
            max(1, (int) round($this->wide / $by)),
            max(1, (int) round($this->high / $by)),
        );
    }
}
