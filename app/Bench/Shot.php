<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\User;
use App\Review\LoggedBursts;

/** At which distances a person really shoots: from the rushes of what was logged. */
final class Shot
{
    /** Distances within a third of a doubling are one. */
    private const STEPS_OF_A_DOUBLING = 3;

    private const SHOWN = 12;

    /**
     * @return list<array{distance_m: float, share: float}> nearest first, shares adding up to one; empty without a log
     */
    public static function distances(User $person): array
    {
        $frames = [];
        foreach (LoggedBursts::of($person) as [, $burst]) {
            if ($burst->rush !== null) {
                $metres = $burst->rush->path->at($burst->rush->path->seconds / 2)->distanceM;
                $step = (int) round(self::STEPS_OF_A_DOUBLING * log(max(0.2, $metres), 2));
                $frames[$step] = ($frames[$step] ?? 0) + $burst->frames;
            }
        }
        arsort($frames);
        $frames = array_slice($frames, 0, self::SHOWN, true);
        ksort($frames);
        $all = array_sum($frames);
        $uses = [];
        foreach ($frames as $step => $count) {
            $uses[] = [
                'distance_m' => round(2 ** ($step / self::STEPS_OF_A_DOUBLING), 1),
                'share' => round($count / $all, 4),
            ];
        }

        return $uses;
    }
}
