<?php

declare(strict_types=1);

namespace RushHold\Optics;

use RushHold\Labelled;

/** What the picture is for, which decides how much blur goes unseen. */
enum FinalUse: string implements Labelled
{
    /** Judged at 100%: two pixels. */
    case Pixel = 'pixel';
    /** A large print seen close: sensor diagonal ÷ 3000. */
    case Print = 'print';
    /** A screen of 2560 pixels on the long edge. */
    case Screen = 'screen';
    /** The textbook circle: sensor diagonal ÷ 1500. */
    case Classical = 'classical';

    /** Long edge of the screen that `screen` has in mind, in pixels. */
    public const SCREEN_PIXELS = 2560;

    /**
     * The circle of confusion in mm, never smaller than the pixel pitch.
     *
     * @param  float  $widthMm  sensor width
     * @param  float  $heightMm  sensor height
     * @param  float  $pitchMm  pixel pitch
     */
    public function cocMm(float $widthMm, float $heightMm, float $pitchMm): float
    {
        $diagonal = hypot($widthMm, $heightMm);

        return max(
            $pitchMm,
            match ($this) {
                self::Pixel => 2 * $pitchMm,
                self::Print => $diagonal / 3000,
                self::Screen => max($widthMm, $heightMm) / self::SCREEN_PIXELS,
                self::Classical => $diagonal / 1500,
            },
        );
    }
}
