<?php

declare(strict_types=1);

namespace RushHold\Causes;

use RushHold\Focus\LossCause;
use RushHold\Focus\Outcome;
use RushHold\Hold\Hold;
use RushHold\Hold\PartialHold;
use RushHold\Hold\Setting;
use RushHold\Kit\FocusMode;
use RushHold\Optics\Diffraction;
use RushHold\Situation\Situation;

/**
 * How likely each cause is before anything is looked at: how common it is, and what the simulation loses in this rush
 * with this hold.
 */
final class Prior
{
    /** How much the simulation counts beside what is common; what a person logged counts so much. */
    private const SIMULATED = 0.45;

    private const LOGGED = 0.55;

    /** From here on grain may hide what is sharp. */
    private const GRAINY_ISO = 5000.0;

    /** From this share of what goes unseen on the opening alone may spread too far. */
    private const DIFFRACTS = 0.7;

    /** Where the area stood on points that measure one direction only. */
    private const ON_WEAK_POINTS = 0.5;

    /** @return non-empty-array<string, float> */
    public static function common(): array
    {
        $common = [];
        foreach (Cause::cases() as $cause) {
            $common[$cause->value] = $cause->about()->common;
        }
        $all = array_sum($common);

        return array_map(static fn (float $p): float => $p / $all, $common);
    }

    /**
     * @param  Outcome|null  $played  null: the rush or its hold is not known
     * @param  array<string, int>  $logged  frames lost, by cause, as the person says
     * @return non-empty-array<string, float> by cause, adding up to one
     */
    public static function of(
        ?Outcome $played,
        ?PartialHold $hold,
        ?Situation $situation,
        array $logged = [],
        ?Hold $used = null,
    ): array {
        $prior = self::common();
        if ($played !== null && $played->losses !== []) {
            $prior = self::mixed($prior, self::spread($played->losses, $hold), self::SIMULATED);
        }
        if (array_sum($logged) > 0) {
            $prior = self::mixed($prior, self::spread(array_map(floatval(...), $logged), $hold), self::LOGGED);
        }
        $body = $situation?->kit->body;
        if ($body !== null && $body->points === null) {
            // Where all of the sensor measures there are no weak points at the edge.
            $prior['outer-points'] *= 0.15;
            $prior['fine-tune'] *= 0.7;
        }
        if (
            $body !== null &&
            $body->points !== null &&
            $used !== null &&
            isset($body->areas[$used->area->value]) &&
            $body->points->oneWayShare($body->areas[$used->area->value], $used->areaAt) > 0.5
        ) {
            $prior['outer-points'] = max($prior['outer-points'], self::ON_WEAK_POINTS);
        }
        if ($situation !== null && $used !== null) {
            // What grain and the opening do by themselves follows from how it was set.
            $iso = $hold?->get(Setting::Iso);
            $prior['noise'] *= (is_float($iso) ? $iso : $used->iso) > self::GRAINY_ISO ? 5.0 : 0.2;
            $prior['diffraction'] *=
                Diffraction::widthUm($used->aperture) > self::DIFFRACTS * $situation->cocUm ? 10.0 : 0.1;
        }
        $mode = $hold?->get(Setting::Mode);
        if ($mode === FocusMode::Continuous || $mode === FocusMode::Manual) {
            $prior['locked-once'] *= 0.1;
        }
        $sum = array_sum($prior);

        return array_map(static fn (float $p): float => $p / $sum, $prior);
    }

    /**
     * Frames logged as lost to what speaks for a cause above all.
     *
     * @param  array<string, int>  $losses
     */
    public static function counted(array $losses, ?PartialHold $hold, Cause $cause): int
    {
        $count = 0;
        foreach ($losses as $loss => $frames) {
            $count += (self::spread([$loss => 1.0], $hold)[$cause->value] ?? 0.0) >= 0.5 ? $frames : 0;
        }

        return $count;
    }

    /** Share of all frames that go to one cause. */
    public static function share(Outcome $played, ?PartialHold $hold, Cause $cause): float
    {
        return array_sum($played->losses) * (self::spread($played->losses, $hold)[$cause->value] ?? 0.0);
    }

    /** @return array<string, float> by cause, what a loss of the simulation speaks for */
    public static function causesOf(LossCause $loss): array
    {
        /** @var array<string, array<string, float>> $known by loss */
        static $known = [];
        if (! isset($known[$loss->value])) {
            $known[$loss->value] = [];
            foreach (Cause::cases() as $cause) {
                $part = $cause->about()->losses[$loss->value] ?? null;
                $known[$loss->value] += $part === null ? [] : [$cause->value => $part];
            }
        }

        return $known[$loss->value];
    }

    /**
     * @param  array<string, float>  $losses
     * @return array<string, float>
     */
    private static function spread(array $losses, ?PartialHold $hold): array
    {
        $spread = [];
        $once = in_array($hold?->get(Setting::Mode), [FocusMode::Single, FocusMode::SingleThenRing], true);
        foreach ($losses as $loss => $share) {
            foreach (self::causesOf(LossCause::from($loss)) as $cause => $part) {
                // What was focused once is not followed: it neither lags nor leads.
                $cause = $once && in_array($cause, ['lags-or-leads', 'nervous'], true) ? 'locked-once' : $cause;
                $spread[$cause] = ($spread[$cause] ?? 0.0) + $share * $part;
            }
        }
        $sum = array_sum($spread);

        return array_map(static fn (float $s): float => $s / max(1e-9, $sum), $spread);
    }

    /**
     * @param  non-empty-array<string, float>  $a
     * @param  array<string, float>  $b
     * @return non-empty-array<string, float>
     */
    private static function mixed(array $a, array $b, float $share): array
    {
        foreach ($a as $cause => $p) {
            $a[$cause] = (1 - $share) * $p + $share * ($b[$cause] ?? 0.0);
        }

        return $a;
    }
}
