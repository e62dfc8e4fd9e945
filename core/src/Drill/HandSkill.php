<?php

declare(strict_types=1);

namespace RushHold\Drill;

use RushHold\Focus\Parameters;

/** What drills say of somebody's skill with the ring, on the scale of `photographer.hand_focus`. */
final class HandSkill
{
    /** In one day of practice it moves by so much at most. */
    public const MOST_A_DAY = 0.03;

    /** Share of what is lacking that a day's practice is believed. */
    private const BELIEVED = 0.2;

    /** A pointer on a desk is easier to turn than a ring under a long lens: no drill speaks for more than this. */
    public const MOST = 0.9;

    /**
     * The skill whose hand is as late and as far off, from following something.
     *
     * @return float 0 to 0.9
     */
    public static function of(float $lagS, float $scatter): float
    {
        $steady = 1 - sqrt(max(0.0, $scatter - Parameters::HAND_ERROR[0]) / Parameters::HAND_ERROR[1]);
        $ahead = 1 - $lagS / Parameters::HAND_DELAY_S;

        return round(max(0.0, min(self::MOST, (2 * $steady + max(0.0, $ahead)) / 3)), 3);
    }

    /**
     * Where it stands after days of practice: it moves toward what each day says, slowly.
     *
     * @param  float  $said  what the habits say
     * @param  array<string, list<float>>  $days  by date: what turns of that day said
     * @return array<string, float> by date, in order
     */
    public static function moved(float $said, array $days): array
    {
        ksort($days);
        $at = $said;
        $moved = [];
        foreach ($days as $day => $says) {
            $middle = Median::of($says);
            if ($middle !== null) {
                $at += max(-self::MOST_A_DAY, min(self::MOST_A_DAY, self::BELIEVED * ($middle - $at)));
            }
            $moved[$day] = round($at, 4);
        }

        return $moved;
    }
}
