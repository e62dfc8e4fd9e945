<?php

declare(strict_types=1);

namespace RushHold\Planning\Solve;

use RushHold\Blur\Verdict;
use RushHold\Hold\Setting;
use RushHold\Kit\Support;
use RushHold\Light\Exposure;
use RushHold\Optics\Diffraction;
use RushHold\Optics\GroupDepth;
use RushHold\Optics\StopScale;
use RushHold\Planning\Choices;
use RushHold\Planning\Misfit;
use RushHold\Quantity;
use RushHold\Rush\Freeze;
use RushHold\Rush\Openness;
use RushHold\Said;
use RushHold\Situation\Situation;

/**
 * Shutter from the movement, aperture from depth and lens, ISO from what light is left.
 *
 * When the light does not do, what is cheapest goes first: depth beyond the least, then the rule of thumb's
 * reserve over the computed shutter; what is then still missing is said, with ways out.
 */
final readonly class ExposureSolver
{
    /** Depth may push ISO up to this share of the ceiling; the rest is kept for the light to change. */
    private const DEPTH_ISO_SHARE = 0.5;

    /** From the aim part to the near side of the body, as a share of its depth. */
    private const AROUND_AIM = 0.25;

    /** Focus cycles of closing that even a good prediction is off by. */
    private const CYCLES_LATE = 1.5;

    /** The longest time that is chosen where nothing moves, s. */
    private const LONGEST_S = 1 / 60;

    /** No shutter is chosen that is so many times faster than the rule of thumb for such a subject. */
    public const BEYOND_FLOOR = 2.4;

    /** So many times faster than the rule of thumb is kept, whatever the noise. */
    private const STILL_BEYOND = 2.0;

    /** Share of the last ISO up to which noise is not worth a slower shutter. */
    private const QUIET_SHARE = 0.25;

    /** Supports that shake less than this share of free hands stand on feet. */
    private const STEADY = 0.25;

    /** Wind from which on what keeps still does not. */
    private const BREEZE = 0.15;

    /** For want of light a shutter is chosen up to so many times slower than what freezes. */
    private const SLOWER_FOR_LIGHT = 3.3;

    /** A sixth of a stop is rounding to the scale. */
    private const ROUNDING = 1 / 6;

    /** Stops too many from which on it is too bright. */
    private const TOO_BRIGHT = 0.4;

    /** @param  list<Misfit>  $misfits */
    private function __construct(
        public float $shutterS,
        public float $aperture,
        public float $iso,
        /** Stops of light missing at this ISO; 0 when it balances. */
        public float $evShort,
        public ShutterNeed $need,
        public FolkFloor $floor,
        /** The f-number that would give the subject its depth; may be out of reach. */
        public float $depthNeedsFNumber,
        public Said $shutterReason,
        public Said $apertureReason,
        public Said $isoReason,
        public array $misfits,
    ) {
    }

    public static function solve(Situation $s, Choices $c): self
    {
        $ev = $s->rush->light->ev100;
        $body = $s->kit->body;
        $ceiling = min($body->isoMax, $s->photographer->isoCeiling);
        $stops = $c->stabiliserStops($s);
        $base = self::baseAperture($s);
        $need = ShutterNeed::of($s, $base, $stops);
        $floor = FolkFloor::of($s);
        $depthNeeds = self::depthNeeds($s);

        [$shutter, $shutterReason, $reserveS] = self::shutter($s, $c, $need, $floor);
        [$aperture, $apertureReason] = self::aperture($s, $c, $shutter, $base, $depthNeeds, $ceiling);
        if ($reserveS > $shutter && Exposure::isoFor($ev, $shutter, $aperture) > $ceiling) {
            [$shutter, $shutterReason] = self::withoutReserve(
                $s,
                $shutter,
                $shutterReason,
                $reserveS,
                $aperture,
                $ceiling,
            );
        }
        if (! $c->pins->has(Setting::Shutter) && Exposure::isoFor($ev, $shutter, $aperture) > $ceiling * 1.1) {
            [$shutter, $shutterReason] = self::forLight($s, $shutter, $shutterReason, $aperture, $ceiling);
        }
        $pinnedIso = $c->pins->get(Setting::Iso);
        $lowest = is_float($pinnedIso) ? $pinnedIso : $body->isoMin;
        // So much light that this ISO is too much: a shorter exposure costs nothing, then a smaller opening.
        if (Exposure::isoFor($ev, $shutter, $aperture) < $lowest * 0.97 && ! $c->pins->has(Setting::Shutter)) {
            $shutter = self::shorter($s, $shutter, Exposure::shutterFor($ev, $aperture, $lowest));
            $shutterReason = Said::of(
                'shutter.spare',
                shutter: Quantity::shutter($shutter),
                pinned: is_float($pinnedIso),
            );
        }
        if (Exposure::isoFor($ev, $shutter, $aperture) < $lowest * 0.9 && ! $c->pins->has(Setting::Aperture)) {
            $wanted = Exposure::fNumberFor($ev, $shutter, $lowest);
            $aperture = min(
                array_filter($s->kit->apertures(), static fn (float $n): bool => $n >= $wanted * 0.97) ?: [
                    $s->kit->smallest(),
                ],
            );
            $apertureReason = Said::of('aperture.holds-back', pinned: $c->pins->has(Setting::Shutter));
        }

        $exactIso = Exposure::isoFor($ev, $shutter, $aperture);
        $iso = is_float($pinnedIso) ? $pinnedIso : max($body->isoMin, min($ceiling, StopScale::iso($exactIso)));
        $short = log($exactIso / $iso, 2);
        $evShort = $short > self::ROUNDING + 1e-6 ? $short : 0.0;
        $misfits = new ExposureMisfits($s, $c, $shutter, $aperture, $iso);

        return new self(
            $shutter,
            $aperture,
            $iso,
            $evShort,
            ShutterNeed::of($s, $aperture, $stops),
            $floor,
            $depthNeeds,
            $shutterReason,
            $apertureReason,
            self::isoReason($exactIso, $iso, $ceiling, $evShort),
            array_values(
                array_filter([
                    $short < -self::TOO_BRIGHT ? $misfits->tooBright(-$short) : null,
                    $evShort > 0 ? $misfits->tooDark($evShort, $need, $floor) : null,
                    $misfits->group(),
                ]),
            ),
        );
    }

    private static function isoReason(float $asked, float $iso, float $ceiling, float $short): Said
    {
        return match (true) {
            $short > 0 => Said::of('iso.short', iso: Quantity::iso($asked)),
            $iso >= $ceiling * 0.99 => Said::of('iso.at-limit'),
            default => Said::of('iso.left', stops: Quantity::count(log($ceiling / $iso, 2))),
        };
    }

    /** The opening one would take if depth and light asked for nothing. */
    private static function baseAperture(Situation $s): float
    {
        $down = $s->photographer->openness === Openness::OneStopDown ? 1.0 : 0.0;
        if ($s->kit->extender > 1.05) {
            $down += 1.0;
        }
        $wanted = min($s->kit->widest() * 2 ** ($down / 2), max($s->kit->widest(), Diffraction::limitFor($s->cocUm)));

        return self::nearestAperture($s, $wanted);
    }

    /** The f-number whose depth, halfway, takes in what has to be sharp around the aim point. */
    private static function depthNeeds(Situation $s): float
    {
        // From the aim part to the near side of the body is about a quarter of its depth; one and a half focus
        // cycles of closing come on top as the error of even a good prediction.
        $tolerance =
            self::AROUND_AIM * $s->subject->depthM +
            (self::CYCLES_LATE * abs($s->middle->closingMps)) / $s->kit->body->focusCycleHz;
        $d = max($s->middle->distanceM, $s->kit->lens->nearestM);
        $atOne = $s->lens->defocusUm(1.0, $d, max($d * 0.5, $d - $tolerance));
        $single = $atOne / (Verdict::KEEPER_LIMIT * $s->cocUm);
        if ($s->rush->group === []) {
            return $single;
        }

        return max($single, GroupDepth::of([$d, ...$s->companionsM()], $s->lens, $s->cocUm / 1000)->fNumber);
    }

    /** @return array{float, Said, float} time, reason, and the slowest that would still do */
    private static function shutter(Situation $s, Choices $c, ShutterNeed $need, FolkFloor $floor): array
    {
        $pinned = $c->pins->get(Setting::Shutter);
        if (is_float($pinned)) {
            return [$pinned, Said::of('line.pinned'), $pinned];
        }
        $shutters = StopScale::shutters($s->kit->body->fastestShutterS);
        $fastest = $shutters[count($shutters) - 1];
        $limbs = $s->photographer->freeze === Freeze::Limbs;
        // Beyond a little more than the rule of thumb nobody has the use of it, for wings, legs and clubs neither;
        // against shake it is always of use.
        $ofUse = $floor->shutterS / self::BEYOND_FLOOR;
        $computed = max(
            $fastest,
            $need->mostlyShake ? min($ofUse, $need->bodyS) : $ofUse,
            $limbs ? min($need->limbsS, $need->bodyS) : $need->bodyS,
        );
        $own = $s->photographer->slowestShutterS;
        $chosen = self::longest($shutters, min($computed, $own ?? $floor->shutterS) * 1.03);
        $quiet = $own === null ? self::quiet($s, $shutters, $chosen, $computed, $floor) : $chosen;
        if ($quiet > $chosen) {
            return [
                $quiet,
                Said::of(
                    'shutter.quiet',
                    shutter: Quantity::shutter($chosen),
                    iso: Quantity::iso(self::noisy($s)),
                    still: $quiet > $floor->shutterS * 1.03,
                ),
                max($quiet, min($computed, self::LONGEST_S)),
            ];
        }
        $reason = match (true) {
            $own !== null && $computed >= $own => Said::of('shutter.own-floor', shutter: Quantity::shutter($computed)),
            $computed >= $floor->shutterS => Said::of(
                'shutter.floor',
                shutter: Quantity::shutter($computed),
                endless: ! is_finite($computed),
                whom: Said::of("floor.$floor->for"),
            ),
            $limbs => Said::of('shutter.limbs', speed: Quantity::speed($s->subject->limbSpeedMps)),
            $need->mostlyShake => Said::of(
                'shutter.shake',
                focal: Quantity::millimetres($s->kit->focalMm()),
                supported: $s->support !== Support::Handheld,
            ),
            default => self::frozen($s),
        };

        return [$chosen, $reason, max($chosen, min($computed, self::LONGEST_S))];
    }

    /**
     * Blur against noise: what freezes much more than the rule of thumb, or keeps a reserve over what is computed, is
     * given up where it would be paid for with ISO.
     *
     * @param  list<float>  $shutters  longest first
     */
    private static function quiet(
        Situation $s,
        array $shutters,
        float $chosen,
        float $computed,
        FolkFloor $floor,
    ): float {
        // What is computed to be needed is given up by a little only, a mere reserve wholly.
        $slowest = max($chosen, min(self::LONGEST_S, max($floor->shutterS / self::STILL_BEYOND, $computed)) * 1.02);
        $aperture = self::baseAperture($s);
        foreach (array_reverse($shutters) as $t) {
            if ($t >= $chosen && $t <= $slowest) {
                $chosen = $t;
                if (Exposure::isoFor($s->rush->light->ev100, $t, $aperture) <= self::noisy($s)) {
                    break;
                }
            }
        }

        return $chosen;
    }

    /** ISO from which on noise is seen; of what keeps still on feet there is no reason to have any. */
    private static function noisy(Situation $s): float
    {
        $ceiling = min($s->kit->body->isoMax, $s->photographer->isoCeiling);

        return max(
            $s->kit->body->isoMin,
            $s->isStill() && $s->support->shake() <= self::STEADY && $s->scene->wind < self::BREEZE
                ? $s->kit->body->isoMin * 2
                : $ceiling * self::QUIET_SHARE,
        );
    }

    private static function frozen(Situation $s): Said
    {
        $motion = $s->motions[intdiv(count($s->motions), 2)];
        $share = $motion->acrossMmPerS / $s->kit->body->sensorWidthMm;

        return Said::of(
            'shutter.frozen',
            metres: Quantity::length($s->middle->distanceM),
            share: Quantity::share($share),
            widths: Quantity::count($share),
            wide: $share >= 0.95,
        );
    }

    /**
     * The longest of some times that is no longer than wanted; the shortest where all are.
     *
     * @param  list<float>  $shutters  longest first
     */
    private static function longest(array $shutters, float $most): float
    {
        foreach ($shutters as $t) {
            if ($t <= $most) {
                return $t;
            }
        }

        return $shutters[count($shutters) - 1];
    }

    /**
     * Not enough light: the reserve over the computed shutter goes before anything is lost.
     *
     * @return array{float, Said}
     */
    private static function withoutReserve(
        Situation $s,
        float $shutter,
        Said $reason,
        float $reserveS,
        float $aperture,
        float $ceiling,
    ): array {
        $slower = array_filter(
            StopScale::shutters($s->kit->body->fastestShutterS),
            static fn (float $t): bool => $t <= $reserveS * 1.02 && $t > $shutter,
        );
        sort($slower);
        foreach ($slower as $t) {
            $shutter = $t;
            $reason = Said::of('shutter.no-reserve', shutter: Quantity::shutter($t));
            if (Exposure::isoFor($s->rush->light->ev100, $t, $aperture) <= $ceiling) {
                break;
            }
        }

        return [$shutter, $reason];
    }

    /**
     * Still not enough, wide open at the last ISO: the shutter goes down, as a dark frame is noisier than a smeared one
     * is soft, but no farther than a stop and two thirds; what is missing then is another hour of the day.
     *
     * @return array{float, Said}
     */
    private static function forLight(Situation $s, float $shutter, Said $reason, float $aperture, float $ceiling): array
    {
        $slower = array_filter(
            StopScale::shutters($s->kit->body->fastestShutterS),
            static fn (float $t): bool => $t > $shutter &&
                $t <= $shutter * self::SLOWER_FOR_LIGHT &&
                $t <= self::LONGEST_S,
        );
        sort($slower);
        foreach ($slower as $t) {
            $reason = Said::of('shutter.for-light', shutter: Quantity::shutter($shutter));
            if (Exposure::isoFor($s->rush->light->ev100, $t, $aperture) <= $ceiling * 1.03) {
                return [$t, $reason];
            }
        }

        return $slower === [] ? [$shutter, $reason] : [$slower[count($slower) - 1], $reason];
    }

    /** The shortest time that does not go below the wanted one. */
    private static function shorter(Situation $s, float $shutter, float $wanted): float
    {
        $shorter = array_filter(
            StopScale::shutters($s->kit->body->fastestShutterS),
            static fn (float $t): bool => $t < $shutter && $t >= $wanted * 0.9,
        );

        return $shorter === [] ? $shutter : min($shorter);
    }

    /** @return array{float, Said} */
    private static function aperture(
        Situation $s,
        Choices $c,
        float $shutter,
        float $base,
        float $depthNeeds,
        float $ceiling,
    ): array {
        $pinned = $c->pins->get(Setting::Aperture);
        if (is_float($pinned)) {
            return [$pinned, Said::of('line.pinned')];
        }
        $ev = $s->rush->light->ev100;
        $widest = $s->kit->widest();
        $limit = max($widest, min($s->kit->smallest(), Diffraction::limitFor($s->cocUm)));
        $lit = Exposure::fNumberFor($ev, $shutter, $ceiling);
        $litForDepth = Exposure::fNumberFor($ev, $shutter, self::DEPTH_ISO_SHARE * $ceiling);
        if ($depthNeeds > $base && $litForDepth > $base * 1.05) {
            $chosen = self::nearestAperture($s, min($depthNeeds, $limit, $litForDepth));
            if ($chosen > $base * 1.05) {
                return [
                    $chosen,
                    $chosen < $depthNeeds * 0.95
                        ? Said::of(
                            'aperture.stops-short',
                            f: Quantity::fNumber($depthNeeds),
                            diffraction: $limit < $litForDepth,
                        )
                        : Said::of('aperture.depth', f: Quantity::fNumber($chosen)),
                ];
            }
        }
        if ($lit < $base * 0.97) {
            $chosen = self::nearestAperture($s, max($widest, $lit));

            return [$chosen, Said::of($chosen > $widest * 1.02 ? 'aperture.opened' : 'aperture.opened-wide')];
        }

        return [
            $base,
            $base > $widest * 1.05
                ? Said::of('aperture.stopped', extender: $s->kit->extender > 1.05)
                : Said::of('aperture.wide'),
        ];
    }

    private static function nearestAperture(Situation $s, float $wanted): float
    {
        $best = $s->kit->widest();
        foreach ($s->kit->apertures() as $n) {
            if (abs(log($n / $wanted)) < abs(log($best / $wanted))) {
                $best = $n;
            }
        }

        return $best;
    }
}
