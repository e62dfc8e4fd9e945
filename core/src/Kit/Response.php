<?php

declare(strict_types=1);

namespace RushHold\Kit;

use RushHold\Range;

/**
 * How a body behaves when what it sees changes: patience, the seconds it waits before it believes something new, and
 * nimbleness, 0 to 1, how far it believes a change of speed.
 */
final class Response
{
    /** Steps of patience that people can tell apart, s: from jumping at once to never letting go. */
    public const PATIENCE_S = [0.02, 0.12, 0.3, 0.6, 1.2];

    /** Steps of nimbleness: steady, middling, believing all. */
    public const NIMBLE = [0.0, 0.5, 1.0];

    /** What serves where nothing asks for more or less. */
    public const USUAL_PATIENCE_S = 0.3;

    public const USUAL_NIMBLE = 0.5;

    public static function patience(): Range
    {
        return Range::of(0, 3, 's');
    }

    public static function nimbleness(): Range
    {
        return Range::share();
    }

    /**
     * How many steps a patience is from none, where each of `PATIENCE_S` is one: differences are felt by ratio, not by
     * seconds.
     */
    public static function patienceSteps(float $seconds): float
    {
        $last = count(self::PATIENCE_S) - 1;
        if ($seconds <= self::PATIENCE_S[0]) {
            return 0.0;
        }
        for ($i = 0; $i < $last; $i++) {
            if ($seconds <= self::PATIENCE_S[$i + 1]) {
                return $i + log($seconds / self::PATIENCE_S[$i]) / log(self::PATIENCE_S[$i + 1] / self::PATIENCE_S[$i]);
            }
        }

        return $last + log($seconds / self::PATIENCE_S[$last], 2);
    }

    /** How far two responses are from each other: steps of patience, those of nimbleness counting double. */
    public static function distance(float $patienceS, float $nimble, float $otherPatienceS, float $otherNimble): float
    {
        return abs(self::patienceSteps($patienceS) - self::patienceSteps($otherPatienceS)) +
            2 * abs(2 * $nimble - 2 * $otherNimble);
    }

    /**
     * The nearest of some steps.
     *
     * @param  non-empty-list<float>  $steps
     */
    public static function nearestPatience(float $seconds, array $steps): float
    {
        return self::nearest($seconds, $steps, self::patienceSteps(...));
    }

    /**
     * The nearest of some steps.
     *
     * @param  non-empty-list<float>  $steps
     */
    public static function nearestNimble(float $nimble, array $steps): float
    {
        return self::nearest($nimble, $steps, static fn (float $n): float => $n);
    }

    /**
     * @param  non-empty-list<float>  $steps
     * @param  callable(float): float  $place
     */
    private static function nearest(float $value, array $steps, callable $place): float
    {
        $best = $steps[0];
        foreach ($steps as $step) {
            if (abs($place($step) - $place($value)) < abs($place($best) - $place($value)) - 1e-9) {
                $best = $step;
            }
        }

        return $best;
    }
}
