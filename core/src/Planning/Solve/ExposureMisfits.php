<?php

declare(strict_types=1);

namespace RushHold\Planning\Solve;

use RushHold\Hold\Setting;
use RushHold\Light\Exposure;
use RushHold\Optics\Diffraction;
use RushHold\Optics\GroupDepth;
use RushHold\Planning\Choices;
use RushHold\Planning\Misfit;
use RushHold\Quantity;
use RushHold\Said;
use RushHold\Situation\Situation;

/** What cannot be had of light and group depth with an exposure, and the ways out, the cheapest first. */
final readonly class ExposureMisfits
{
    /** Differences up to this many stops are not worth saying. */
    private const SAME_STOPS = 0.2;

    /** Panning from which on practice has little left to give. */
    private const PRACTISED = 0.85;

    /** What panning at its best removes of the movement. */
    private const BEST_REMOVED = 0.97;

    /** Nobody is told to hold longer than this, s. */
    private const LONGEST_S = 1 / 60;

    public function __construct(
        private Situation $s,
        private Choices $c,
        private float $shutterS,
        private float $aperture,
        private float $iso,
    ) {
    }

    /** @param  float  $short  stops of light that are missing */
    public function tooDark(float $short, ShutterNeed $need, FolkFloor $floor): Misfit
    {
        $ev = $this->s->rush->light->ev100;
        $ways = array_filter([
            $this->open(),
            $this->practise($need),
            $this->slower($need, $floor),
            $this->iso * 2 ** $short <= $this->s->kit->body->isoMax * 1.06
                ? Said::of('misfit.dark.iso', iso: Quantity::iso($this->iso * 2 ** $short))
                : null,
            Said::of(
                'misfit.dark.light',
                needs: Quantity::figure(ceil(10 * ($ev + $short)) / 10, 3),
                is: Quantity::figure($ev, 3),
            ),
        ]);

        return new Misfit('light', $this->said('misfit.dark', $short), array_values($ways));
    }

    /**
     * Even the shortest exposure and the smallest opening that are left leave too much.
     *
     * @param  float  $over  stops
     */
    public function tooBright(float $over): Misfit
    {
        $pinned = array_filter([Setting::Shutter, Setting::Aperture, Setting::Iso], $this->c->pins->has(...));
        $ways = array_map(
            static fn (Setting $setting): Said => Said::of("misfit.bright.unpin.{$setting->value}"),
            array_values($pinned),
        );

        return new Misfit('light', $this->said('misfit.bright', $over), [
            ...$ways,
            Said::of('misfit.bright.filter', stops: Quantity::count($over)),
        ]);
    }

    /** Nearest and farthest of a group that are not sharp together; null when they are, or there is none. */
    public function group(): ?Misfit
    {
        $s = $this->s;
        if ($s->rush->group === []) {
            return null;
        }
        $coc = $s->cocUm / 1000;
        $group = GroupDepth::of(
            [max($s->middle->distanceM, $s->kit->lens->nearestM), ...$s->companionsM()],
            $s->lens,
            $coc,
        );
        if ($group->fNumber <= $this->aperture * 1.05) {
            return null;
        }
        $back = $group->backOffM($s->lens, $coc, $this->aperture);
        $focal = $group->focalFor($s->lens, $coc, $this->aperture);
        $limit = Diffraction::limitFor($s->cocUm);
        $ways = array_filter([
            Said::of('misfit.group.plane', metres: Quantity::length($group->farM - $group->nearM)),
            is_finite($back)
                ? Said::of(
                    'misfit.group.back',
                    metres: Quantity::length($back),
                    size: Quantity::share($group->nearM / ($group->nearM + $back)),
                )
                : null,
            Said::of(
                'misfit.group.shorter',
                focal: Quantity::figure($focal),
                size: Quantity::share($focal / $s->kit->focalMm()),
            ),
            $group->fNumber <= min($s->kit->smallest(), $limit)
                ? Said::of(
                    'misfit.group.stop',
                    f: Quantity::fNumber($group->fNumber),
                    iso: Quantity::iso(Exposure::isoFor($s->rush->light->ev100, $this->shutterS, $group->fNumber)),
                )
                : null,
        ]);

        return new Misfit(
            'group',
            Said::of(
                'misfit.group',
                f: Quantity::fNumber(min(64, $group->fNumber)),
                focus: Quantity::length($group->focusM, 3),
                limit: $group->fNumber > $s->kit->smallest()
                    ? 'lens'
                    : ($group->fNumber > $limit
                        ? 'diffraction'
                        : 'none'),
            ),
            array_values($ways),
        );
    }

    private function open(): ?Said
    {
        $widest = $this->s->kit->widest();
        $stops = 2 * log($this->aperture / $widest, 2);

        return $stops > self::SAME_STOPS
            ? Said::of('misfit.dark.open', f: Quantity::fNumber($widest), stops: Quantity::count($stops))
            : null;
    }

    private function practise(ShutterNeed $need): ?Said
    {
        if ($this->s->photographer->panning >= self::PRACTISED || $this->s->isStill()) {
            return null;
        }
        $better = ShutterNeed::of($this->s, $this->aperture, $this->c->stabiliserStops($this->s), self::BEST_REMOVED)
            ->bodyS;
        $gain = log($better / $need->bodyS, 2);

        return $gain > self::SAME_STOPS && is_finite($gain)
            ? Said::of('misfit.dark.pan', shutter: Quantity::shutter(min(1.0, $better)), stops: Quantity::count($gain))
            : null;
    }

    private function slower(ShutterNeed $need, FolkFloor $floor): ?Said
    {
        return match (true) {
            $floor->shutterS > $this->shutterS * 1.1 => Said::of(
                'misfit.dark.floor',
                shutter: Quantity::shutter($floor->shutterS),
                whom: Said::of("floor.$floor->for"),
                stops: Quantity::count(log($floor->shutterS / $this->shutterS, 2)),
            ),
            $need->bodyS > $this->shutterS * 1.1 && is_finite($need->bodyS) => Said::of(
                'misfit.dark.slower',
                shutter: Quantity::shutter(min($need->bodyS, self::LONGEST_S)),
            ),
            default => null,
        };
    }

    private function said(string $key, float $stops): Said
    {
        return Said::of(
            $key,
            stops: Quantity::count($stops),
            shutter: Quantity::shutter($this->shutterS),
            f: Quantity::fNumber($this->aperture),
            iso: Quantity::iso($this->iso),
        );
    }
}
