<?php

declare(strict_types=1);

namespace RushHold\Document;

use RushHold\Focus\Outcome;
use RushHold\Hold\Hold;
use RushHold\Planning\Plan;

/** What came of playing a hold: what `rush:try` prints. */
final class OutcomeDocument
{
    public const FORMAT = 'rush-hold/outcome@1';

    /** @return array<string, mixed> */
    public static function write(Outcome $outcome, Hold $hold, Plan $plan): array
    {
        return [
            'format' => self::FORMAT,
            ...self::figures($outcome),
            'ev_short' => round($plan->exposure->evShort, 3),
            'hold' => HoldDocument::write($hold),
        ];
    }

    /** @return array<string, mixed> */
    public static function figures(Outcome $outcome): array
    {
        return [
            'runs' => $outcome->runs,
            'frames' => $outcome->frames,
            'keepers' => array_map(static fn (float $n): float => round($n, 2), $outcome->keepers()),
            'keeper_rate' => round($outcome->keeperRate, 5),
            'standard_error' => round($outcome->standardError, 5),
            'any_keeper' => round($outcome->anyKeeper, 5),
            'first_keeper_s' => round($outcome->firstKeeperS, 5),
            'losses' => (object) array_map(static fn (float $share): float => round($share, 5), $outcome->losses),
        ];
    }
}
