<?php

declare(strict_types=1);

namespace RushHold\Planning\Solve;

use RushHold\Hold\Setting;
use RushHold\Kit\Support;
use RushHold\Light\Exposure;
use RushHold\Number;
use RushHold\Optics\Diffraction;
use RushHold\Optics\GroupDepth;
use RushHold\Optics\StopScale;
use RushHold\Planning\Choices;
use RushHold\Planning\Misfit;
use RushHold\Rush\Freeze;
use RushHold\Rush\Openness;
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
        public string $shutterReason,
        public string $apertureReason,
        public string $isoReason,
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
        $shutters = StopScale::shutters($body->fastestShutterS);

        [$shutter, $shutterReason, $reserveS] = self::shutter($s, $c, $need, $floor, $shutters);
        $depthNeeds = self::depthNeeds($s);
        [$aperture, $apertureReason] = self::aperture($s, $c, $shutter, $base, $depthNeeds, $ceiling);

        // Not enough light: give up the reserve over the computed shutter before anything is lost.
        if ($reserveS > $shutter && Exposure::isoFor($ev, $shutter, $aperture) > $ceiling) {
            $slower = array_filter($shutters, static fn (float $t): bool => $t <= $reserveS * 1.02 && $t > $shutter);
            sort($slower);
            foreach ($slower as $t) {
                $shutter = $t;
                $shutterReason = sprintf('The light is short, so the usual reserve goes; %s still freezes the body.', StopScale::shutterLabel($t));
                if (Exposure::isoFor($ev, $t, $aperture) <= $ceiling) {
                    break;
                }
            }
        }

        $exactIso = Exposure::isoFor($ev, $shutter, $aperture);
        $pinnedIso = $c->pins->get(Setting::Iso);
        $lowest = is_float($pinnedIso) ? $pinnedIso : $body->isoMin;
        // So much light that this ISO is too much: a shorter exposure costs nothing, then a smaller opening.
        if ($exactIso < $lowest * 0.97 && ! $c->pins->has(Setting::Shutter)) {
            $wanted = Exposure::shutterFor($ev, $aperture, $lowest);
            foreach ($shutters as $t) {
                if ($t < $shutter && $t >= $wanted * 0.9) {
                    $shutter = $t;
                }
            }
            $shutterReason = sprintf('There is light to spare: %s freezes more than is needed at %s.', StopScale::shutterLabel($shutter),
                is_float($pinnedIso) ? 'the pinned ISO' : 'the lowest ISO');
            $exactIso = Exposure::isoFor($ev, $shutter, $aperture);
        }
        if ($exactIso < $lowest * 0.9 && ! $c->pins->has(Setting::Aperture)) {
            $wanted = Exposure::fNumberFor($ev, $shutter, $lowest);
            $aperture = min(array_filter($s->kit->apertures(), static fn (float $n): bool => $n >= $wanted * 0.97) ?: [$s->kit->smallest()]);
            $apertureReason = sprintf('Stopped down to hold back the light at %s.', $c->pins->has(Setting::Shutter) ? 'the pinned shutter' : 'the fastest shutter');
            $exactIso = Exposure::isoFor($ev, $shutter, $aperture);
        }

        $iso = is_float($pinnedIso) ? $pinnedIso : max($body->isoMin, min($ceiling, StopScale::iso($exactIso)));
        $short = log($exactIso / $iso, 2);
        // A sixth of a stop is rounding to the scale.
        $evShort = $short > 1 / 6 + 1e-6 ? $short : 0.0;

        $misfits = [];
        if ($short < -0.4) {
            $misfits[] = self::tooBright($c, $shutter, $aperture, $iso, -$short);
        }
        if ($evShort > 0) {
            $misfits[] = self::noLight($s, $c, $shutter, $aperture, $iso, $evShort, $need, $floor);
        }
        $group = self::groupMisfit($s, $aperture, $shutter);
        if ($group !== null) {
            $misfits[] = $group;
        }

        $isoReason = match (true) {
            $evShort > 0 => sprintf('Your limit; the light asks for ISO %d.', StopScale::isoLabel($exactIso)),
            $iso >= $ceiling * 0.99 => 'Right at your limit for noise.',
            default => sprintf('What the light leaves: %s under your limit.', Number::of(log($ceiling / $iso, 2), 'stop')),
        };

        return new self($shutter, $aperture, $iso, $evShort, ShutterNeed::of($s, $aperture, $stops), $floor, $depthNeeds, $shutterReason, $apertureReason, $isoReason, $misfits);
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
        $tolerance = 0.25 * $s->subject->depthM + 1.5 * abs($s->middle->closingMps) / $s->kit->body->focusCycleHz;
        $single = 0.0;
        $d = max($s->middle->distanceM, $s->kit->lens->nearestM);
        $atOne = $s->lens->defocusUm(1.0, $d, max($d * 0.5, $d - $tolerance));
        $single = $atOne / (1.5 * $s->cocUm);
        if ($s->rush->group === []) {
            return $single;
        }

        return max($single, GroupDepth::of([$d, ...array_column($s->rush->group, 'planeM')], $s->lens, $s->cocUm / 1000)->fNumber);
    }

    /**
     * @param  list<float>  $shutters  longest first
     * @return array{float, string, float} time, reason, and the slowest that would still do
     */
    private static function shutter(Situation $s, Choices $c, ShutterNeed $need, FolkFloor $floor, array $shutters): array
    {
        $pinned = $c->pins->get(Setting::Shutter);
        if (is_float($pinned)) {
            return [$pinned, 'Pinned by you.', $pinned];
        }
        $limbs = $s->photographer->freeze === Freeze::Limbs;
        $computed = max($shutters[count($shutters) - 1], $limbs ? min($need->limbsS, $need->bodyS) : $need->bodyS);
        $own = $s->photographer->slowestShutterS;
        $target = min($computed, $own ?? $floor->shutterS);
        $chosen = $shutters[count($shutters) - 1];
        foreach ($shutters as $t) {
            if ($t <= $target * 1.03) {
                $chosen = $t;
                break;
            }
        }
        $reason = match (true) {
            $own !== null && $computed >= $own => sprintf('Your own floor; %s would freeze it here.', is_finite($computed) ? StopScale::shutterLabel($computed) : 'any speed'),
            $computed < $floor->shutterS && $limbs => sprintf('Wings and legs move at up to {%s m/s}; freezing them here takes this.', Number::significant($s->subject->limbSpeedMps)),
            $computed < $floor->shutterS && $need->mostlyShake => sprintf('%d mm %s shakes enough to need this; the subject itself would allow less.', round($s->kit->focalMm()), $s->support === Support::Handheld ? 'in the hand' : 'even supported'),
            $computed < $floor->shutterS => sprintf('At {%s m} its image crosses %s of the frame each second; what your panning leaves of that asks for this.', Number::significant($s->middle->distanceM), self::crossings($s)),
            default => sprintf('%s would freeze it here; this is the usual speed for %s, kept as a reserve.', is_finite($computed) ? StopScale::shutterLabel($computed) : 'Any speed', $floor->for),
        };

        return [$chosen, $reason, max($chosen, min($computed, 1 / 60))];
    }

    private static function crossings(Situation $s): string
    {
        $motion = $s->motions[intdiv(count($s->motions), 2)];
        $share = $motion->acrossMmPerS / $s->kit->body->sensorWidthMm;

        return $share >= 0.95 ? Number::of($share, 'width') : Number::significant(100 * $share).' %';
    }

    /** @return array{float, string} */
    private static function aperture(Situation $s, Choices $c, float $shutter, float $base, float $depthNeeds, float $ceiling): array
    {
        $pinned = $c->pins->get(Setting::Aperture);
        if (is_float($pinned)) {
            return [$pinned, 'Pinned by you.'];
        }
        $ev = $s->rush->light->ev100;
        $limit = max($s->kit->widest(), min($s->kit->smallest(), Diffraction::limitFor($s->cocUm)));
        $lit = Exposure::fNumberFor($ev, $shutter, $ceiling);
        $litForDepth = Exposure::fNumberFor($ev, $shutter, self::DEPTH_ISO_SHARE * $ceiling);
        if ($depthNeeds > $base && $litForDepth > $base * 1.05) {
            $wanted = min($depthNeeds, $limit, $litForDepth);
            $chosen = self::nearestAperture($s, $wanted);
            if ($chosen > $base * 1.05) {
                return [$chosen, $chosen < $depthNeeds * 0.95
                    ? sprintf('Its depth would like %s; %s stops there.', StopScale::fLabel($depthNeeds), $limit < $litForDepth ? 'diffraction' : 'the light')
                    : sprintf('Closed to %s so that the aim part and what lies around it are sharp together.', StopScale::fLabel($chosen))];
            }
        }
        if ($lit < $base * 0.97) {
            $chosen = self::nearestAperture($s, max($s->kit->widest(), $lit));

            return [$chosen, $chosen > $s->kit->widest() * 1.02 ? 'Opened as far as the light asks.' : 'Wide open: the light asks for it.'];
        }

        return [$base, $base > $s->kit->widest() * 1.05
            ? sprintf('%s down from wide open, where the lens is crisper; the light allows it.', $s->kit->extender > 1.05 ? 'Stopped' : 'One stop')
            : 'Wide open, for speed and a quiet background.'];
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

    private static function noLight(Situation $s, Choices $c, float $shutter, float $aperture, float $iso, float $short, ShutterNeed $need, FolkFloor $floor): Misfit
    {
        $ways = [];
        $opens = 2 * log($aperture / $s->kit->widest(), 2);
        if ($opens > 0.2) {
            $ways[] = sprintf('Open to %s: %s more light, less depth.', StopScale::fLabel($s->kit->widest()), Number::of($opens, 'stop'));
        }
        if ($s->photographer->panning < 0.85 && ! $s->isStill()) {
            $better = ShutterNeed::of($s, $aperture, $c->stabiliserStops($s), 0.97)->bodyS;
            $gain = log($better / $need->bodyS, 2);
            if ($gain > 0.2 && is_finite($gain)) {
                $ways[] = sprintf('Follow more smoothly: with a practised pan %s would freeze the body, %s slower.', StopScale::shutterLabel(min(1.0, $better)), Number::of($gain, 'stop'));
            }
        }
        if ($floor->shutterS > $shutter * 1.1) {
            $ways[] = sprintf('Slow down to %s, the usual speed for %s: %s more light, some frames smeared.',
                StopScale::shutterLabel($floor->shutterS), $floor->for, Number::of(log($floor->shutterS / $shutter, 2), 'stop'));
        } elseif ($need->bodyS > $shutter * 1.1 && is_finite($need->bodyS)) {
            $ways[] = sprintf('Slow down to %s, which still freezes the body here.', StopScale::shutterLabel(min($need->bodyS, 1 / 60)));
        }
        $ways[] = sprintf('Accept ISO %d.', StopScale::isoLabel($iso * 2 ** $short));
        $ways[] = sprintf('Come back in better light: EV %s does it, this is EV %s.',
            Number::significant(ceil(10 * ($s->rush->light->ev100 + $short)) / 10, 3), Number::significant($s->rush->light->ev100, 3));

        return new Misfit('light', sprintf('%s too dark for %s at %s and ISO %d.', Number::of($short, 'stop'),
            StopScale::shutterLabel($shutter), StopScale::fLabel($aperture), StopScale::isoLabel($iso)), $ways);
    }

    /** Even the shortest exposure and the smallest opening that are left leave too much. */
    private static function tooBright(Choices $c, float $shutter, float $aperture, float $iso, float $over): Misfit
    {
        $ways = [];
        foreach ([[Setting::Shutter, 'Unpin the shutter, so that it can be shorter.'], [Setting::Aperture, 'Unpin the aperture, so that it can close.'],
            [Setting::Iso, 'Unpin the ISO, so that it can fall.']] as [$setting, $way]) {
            if ($c->pins->has($setting)) {
                $ways[] = $way;
            }
        }
        $ways[] = sprintf('Put a grey filter of %s in front.', Number::of($over, 'stop'));

        return new Misfit('light', sprintf('%s too bright for %s at %s and ISO %d.', Number::of($over, 'stop'),
            StopScale::shutterLabel($shutter), StopScale::fLabel($aperture), StopScale::isoLabel($iso)), $ways);
    }

    private static function groupMisfit(Situation $s, float $aperture, float $shutter): ?Misfit
    {
        if ($s->rush->group === []) {
            return null;
        }
        $coc = $s->cocUm / 1000;
        $group = GroupDepth::of([max($s->middle->distanceM, $s->kit->lens->nearestM), ...array_column($s->rush->group, 'planeM')], $s->lens, $coc);
        if ($group->fNumber <= $aperture * 1.05) {
            return null;
        }
        $spread = $group->farM - $group->nearM;
        $back = $group->backOffM($s->lens, $coc, $aperture);
        $ways = [sprintf('Wait until, or move so that, they stand in one plane: now they are {%s m} apart in depth.', Number::significant($spread))];
        if (is_finite($back)) {
            $ways[] = sprintf('Move back {%s m}: they become %d %% of the size.', Number::significant($back), round(100 * $group->nearM / ($group->nearM + $back)));
        }
        $ways[] = sprintf('Use %s mm or shorter: they become %d %% of the size.', Number::significant($group->focalFor($s->lens, $coc, $aperture)), round(100 * $group->focalFor($s->lens, $coc, $aperture) / $s->kit->focalMm()));
        $limit = Diffraction::limitFor($s->cocUm);
        if ($group->fNumber <= min($s->kit->smallest(), $limit)) {
            $ways[] = sprintf('Stop down to %s, at ISO %d.', StopScale::fLabel($group->fNumber), StopScale::isoLabel(Exposure::isoFor($s->rush->light->ev100, $shutter, $group->fNumber)));
        }

        return new Misfit('group', sprintf('Nearest and farthest are not sharp together: that takes %s%s. Focus at {%s m} blurs both alike.',
            StopScale::fLabel(min(64, $group->fNumber)),
            $group->fNumber > $s->kit->smallest() ? ', smaller than the lens closes' : ($group->fNumber > $limit ? ', where diffraction blurs everything' : ''),
            Number::significant($group->focusM, 3)), $ways);
    }
}
