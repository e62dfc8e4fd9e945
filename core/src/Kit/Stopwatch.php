<?php

declare(strict_types=1);

namespace RushHold\Kit;

use RushHold\Range;

/**
 * The sweep time of a lens from a few timings with a stopwatch: focus on something at the nearest distance, then on
 * something far, and time each way. A hand on the stopwatch is late at both ends by about the same, so its scatter
 * stays and its delay goes.
 */
final readonly class Stopwatch
{
    /** Scatter of one timing by hand, s; typical of stopwatch studies. */
    private const HAND_S = 0.1;

    private function __construct(public float $seconds, public float $errorS)
    {
    }

    /**
     * @param  non-empty-list<float>  $timings  s, 0.05 to 60 each
     * @param  int  $sweeps  sweeps in each timing: several in one go halve and quarter the error, 1 to 20
     */
    public static function of(array $timings, int $sweeps = 1): self
    {
        Range::of(1, 20, 'sweeps')->check('sweeps', $sweeps);
        foreach ($timings as $i => $timing) {
            Range::of(0.05, 60, 's')->check("timings[$i]", $timing);
        }
        sort($timings);
        // The middle one, so that one slip of the thumb does no harm.
        $middle =
            count($timings) % 2 === 1
                ? $timings[intdiv(count($timings), 2)]
                : ($timings[count($timings) / 2 - 1] + $timings[count($timings) / 2]) / 2;

        return new self($middle / $sweeps, self::HAND_S / $sweeps / sqrt(count($timings)));
    }
}
