<?php

declare(strict_types=1);

namespace RushHold\Light;

use RushHold\Range;

/** Shutter, f-number and ISO, and the light they are right for. Source: EV100 = log2(N²/t · 100/ISO). */
final readonly class Exposure
{
    public function __construct(public float $shutterS, public float $fNumber, public float $iso)
    {
        Range::of(1 / 64000, 60, 's')->check('exposure.shutter_s', $shutterS);
        Range::of(0.7, 128, '(f-number)')->check('exposure.aperture', $fNumber);
        Range::of(6, 4000000, '(ISO)')->check('exposure.iso', $iso);
    }

    public function ev100(): float
    {
        return log((($this->fNumber ** 2 / $this->shutterS) * 100) / $this->iso, 2);
    }

    /** The ISO that balances shutter and f-number in this light. */
    public static function isoFor(float $ev100, float $shutterS, float $fNumber): float
    {
        return (100 * $fNumber ** 2) / $shutterS / 2 ** $ev100;
    }

    /** The shutter time in seconds that balances f-number and ISO. */
    public static function shutterFor(float $ev100, float $fNumber, float $iso): float
    {
        return (100 * $fNumber ** 2) / $iso / 2 ** $ev100;
    }

    /** The f-number that balances shutter and ISO. */
    public static function fNumberFor(float $ev100, float $shutterS, float $iso): float
    {
        return sqrt((2 ** $ev100 * $shutterS * $iso) / 100);
    }
}
