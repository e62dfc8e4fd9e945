<?php

declare(strict_types=1);

namespace RushHold\Planning;

use RushHold\Hold\Hold;
use RushHold\Hold\Setting;
use RushHold\Hold\Technique;

/**
 * Which settings most rests on, for one rush and its hold: what loses most frames when it is set otherwise, then what
 * has least room left, then what everything else is built on.
 */
final class Importance
{
    /** So many can be kept in mind at dawn. */
    private const MOST = 3;

    /** A margin used up counts as much as this share of the frames. */
    private const MARGIN_WEIGHT = 0.1;

    /** By hand it is where the hand stands ready, whatever room there is. */
    private const HAND_WEIGHT = 0.4;

    /** Of a margin of what a hold does not usually rest on, so much counts. */
    private const UNUSUAL = 0.2;

    /**
     * @param  list<HoldLine>  $lines
     * @param  list<Counterfactual>  $why  one setting changed at a time; none before anything was played
     * @return list<Setting> up to three, the first most
     */
    public static function of(array $lines, Hold $hold, array $why = []): array
    {
        $byHand = $hold->technique !== Technique::Auto;
        $first = $byHand ? self::HAND_WEIGHT : self::MARGIN_WEIGHT;
        $weights = [];
        foreach ($lines as $line) {
            $setting = $line->setting;
            $usual = $setting->about()->matters($byHand);
            if ($usual === null || $setting->isIdleIn($hold)) {
                continue;
            }
            $weight =
                self::loss($setting, $why) +
                self::MARGIN_WEIGHT * min(1.5, $line->margin?->share() ?? 0.0) * ($usual > 0 ? 1.0 : self::UNUSUAL) +
                $first * $usual;
            $weights[$setting->value] = $weight;
        }
        arsort($weights);

        return array_map(Setting::from(...), array_slice(array_keys($weights), 0, self::MOST));
    }

    /**
     * The largest loss of keepers that setting it otherwise brings and that is more than chance.
     *
     * @param  list<Counterfactual>  $why
     */
    private static function loss(Setting $setting, array $why): float
    {
        $most = 0.0;
        foreach ($why as $changed) {
            if ($changed->setting === $setting && -$changed->change > 2 * $changed->standardError) {
                $most = max($most, -$changed->change);
            }
        }

        return $most;
    }
}
