<?php

declare(strict_types=1);

namespace RushHold\Planning;

use Closure;
use RushHold\Focus\LossCause;
use RushHold\Focus\Outcome;
use RushHold\Focus\Play;
use RushHold\Hold\Hold;
use RushHold\Hold\PartialHold;
use RushHold\Hold\Setting;
use RushHold\Kit\Support;
use RushHold\Light\Exposure;
use RushHold\Light\Shimmer;
use RushHold\Quantity;
use RushHold\Rush\Light;
use RushHold\Rush\Rush;
use RushHold\Said;
use RushHold\Situation\Situation;

/** What would help most if the situation itself could be changed: each change is solved and played again. */
final readonly class Improvements
{
    private const NEARER = 0.75;

    private const FARTHER = 1.35;

    private const SHORTER = 0.7;

    /** As bright as it gets: full sun. */
    private const FULL_SUN_EV = 15.3;

    /** Darker than this nobody comes for, EV. */
    private const LEAST_EV = 6.0;

    /** Fewer stops than this are not worth waiting for. */
    private const WORTH_WAITING = 0.7;

    /** From so many times the lowest ISO on noise shows. */
    private const NOISY = 8.0;

    /** Air is calmer with so much of its blur left. */
    private const CALMER = 0.6;

    /** From such a share of frames on, lost to it, air is what matters. */
    private const MUCH_AIR = 0.08;

    /** Less clutter than this, or fewer crossings, and the lane is clear as it is. */
    private const CLEAR = 0.02;

    private const STOPS_OF_LIGHT = 2.0;

    /** What makes the subject smaller; it comes last. */
    public const SHRINKS = ['farther', 'lens'];

    /** @param  Closure(Situation, Hold): Play  $play */
    public function __construct(
        private Chooser $chooser,
        private Rush $rush,
        private Candidate $winner,
        private Closure $play,
    ) {
    }

    /** @return list<SimulationQuestion<WhatIf>> */
    public function asked(PartialHold $pins): array
    {
        // What focuses stays as it is; exposure and distances are solved again.
        $kept = $pins->and(PartialHold::of($this->winner->hold, Setting::Aim, ...Setting::played()));
        $asked = [];
        foreach ($this->changes() as [$change, $sentence, $changed]) {
            if ($changed != $this->rush) {
                $plan = $this->chooser->choose($changed, $kept);
                $asked[] = SimulationQuestion::by(($this->play)($plan->situation, $plan->hold), function (
                    Outcome $outcome,
                ) use ($change, $sentence): WhatIf {
                    [$gain, $error] = $outcome->minus($this->winner->outcome);

                    return new WhatIf($change, $sentence, $gain, $error, $this->winner->outcome->saved($outcome));
                });
            }
        }

        return $asked;
    }

    /** @return list<array{string, Said, Rush}> a change that changes nothing gives the rush as it is */
    private function changes(): array
    {
        $rush = $this->rush;
        $scene = $rush->scene;
        $nearer = max($rush->kit->lens->nearestM, self::NEARER * $rush->path->startM);
        $clear = $scene->frontClutter < self::CLEAR && $scene->obstaclesPerS < self::CLEAR;

        return [
            [
                'closer',
                Said::of('improve.closer', metres: Quantity::length($nearer)),
                $rush->with(path: $rush->path->startingAt($nearer)),
            ],
            ...$this->hours(),
            $this->light(),
            [
                'front-light',
                Said::of('improve.front-light'),
                $rush->isBacklit()
                    ? $rush->with(light: $this->brighter(0.0), scene: $scene->with(backlit: false))
                    : $rush,
            ],
            [
                'background',
                Said::of('improve.background'),
                $rush->with(scene: $scene->with(backgroundTexture: 0.1, backgroundAlike: 0.0)),
            ],
            [
                'lane',
                Said::of('improve.lane'),
                $clear ? $rush : $rush->with(scene: $scene->with(frontClutter: 0.0, obstaclesPerS: 0.0)),
            ],
            [
                'support',
                Said::of('improve.support'),
                $rush->with(photographer: $rush->photographer->with(support: Support::Tripod)),
            ],
            ...$this->smaller(),
        ];
    }

    /**
     * Other hours of the same day: the brightest, where light is short, and the calmest, where warm air blurs.
     *
     * @return list<array{string, Said, Rush}>
     */
    private function hours(): array
    {
        $light = $this->rush->light;
        $at = $light->place?->at;
        if ($at === null) {
            return [];
        }
        $brightest = $calmest = null;
        $airNow = $this->air($light);
        for ($hour = 0; $hour < 24; $hour++) {
            $other = $light->at($at->setTime($hour, 0));
            if ($other === null || $other->ev100 < self::LEAST_EV) {
                continue;
            }
            $brightest = $brightest === null || $other->ev100 > $brightest->ev100 ? $other : $brightest;
            // Of equally calm hours the brighter.
            $worth = static fn (Light $l, float $air): float => $air - 0.2 * $l->ev100;
            if ($this->air($other) < self::CALMER * $airNow) {
                $calmest =
                    $calmest === null || $worth($other, $this->air($other)) < $worth($calmest, $this->air($calmest))
                        ? $other
                        : $calmest;
            }
        }
        $hours = [];
        if ($brightest !== null && $this->isDark() && $brightest->ev100 > $light->ev100 + self::WORTH_WAITING) {
            $hours[] = ['hour', $this->hour($brightest), $this->rush->with(light: $brightest)];
        }
        // The brightest may be the calmest too, and is said once.
        if ($calmest !== null && $this->isShimmering() && ($hours === [] || $calmest->place != $brightest?->place)) {
            $hours[] = ['calm', $this->hour($calmest), $this->rush->with(light: $calmest)];
        }

        return $hours;
    }

    private function hour(Light $light): Said
    {
        $air = $this->air($light);

        return Said::of(
            'improve.hour',
            at: $light->place?->at->format('H:i') ?? '',
            ev: Quantity::figure($light->ev100, 1),
            air: $air < self::CALMER * $this->air($this->rush->light)
                ? 'calmer'
                : ($air > $this->air($this->rush->light) / self::CALMER
                    ? 'warmer'
                    : 'same'),
        );
    }

    /** @return array{string, Said, Rush} more light where the place is not known, but no more than there is by day */
    private function light(): array
    {
        $stops = min(self::STOPS_OF_LIGHT, self::FULL_SUN_EV - $this->rush->light->ev100);
        if ($this->rush->light->place !== null || ! $this->isDark() || $stops < self::WORTH_WAITING) {
            return ['light', Said::of('improve.light', stops: Quantity::count(1)), $this->rush];
        }

        return [
            'light',
            Said::of('improve.light', stops: Quantity::count($stops, 2)),
            $this->rush->with(
                light: $this->brighter($stops),
                scene: $this->rush->scene->with(backlit: $this->rush->isBacklit()),
            ),
        ];
    }

    /**
     * What only makes the subject smaller in the picture: from farther off, or at the short end of a zoom. Against warm
     * air it is none, as it only hides it.
     *
     * @return list<array{string, Said, Rush}>
     */
    private function smaller(): array
    {
        if ($this->isShimmering()) {
            return [];
        }
        $rush = $this->rush;
        $farther = min(3000.0, self::FARTHER * $rush->path->startM);
        $smaller = [
            [
                'farther',
                Said::of('improve.farther', metres: Quantity::length($farther)),
                $rush->with(path: $rush->path->startingAt($farther)),
            ],
        ];
        $shortest = $rush->kit->lens->zoom?->fromMm();
        if ($shortest !== null && $shortest < $rush->kit->lens->focalMm) {
            $focal = max($shortest, round(self::SHORTER * $rush->kit->lens->focalMm));
            $smaller[] = [
                'lens',
                Said::of(
                    'improve.lens',
                    focal: Quantity::millimetres($focal),
                    share: Quantity::share(1 - $focal / $rush->kit->lens->focalMm),
                ),
                $rush->with(kit: $rush->kit->with(lens: $rush->kit->lens->at($focal))),
            ];
        }

        return $smaller;
    }

    /** Whether light is what is short: the frame is noisy already, or darker than it should be. */
    private function isDark(): bool
    {
        $body = $this->rush->kit->body;

        return Exposure::isoFor(
            $this->rush->light->ev100,
            $this->winner->hold->shutterS,
            $this->winner->hold->aperture,
        ) >
            self::NOISY * $body->isoMin;
    }

    private function isShimmering(): bool
    {
        return ($this->winner->outcome->losses[LossCause::Air->value] ?? 0.0) > self::MUCH_AIR;
    }

    /** Angular blur of the air at an hour, rad. */
    private function air(Light $light): float
    {
        $scene = $this->rush->scene;

        return Shimmer::of(
            $light->sunHeightDeg(),
            $light->sky,
            $scene->surface,
            $this->rush->path->startM,
            $scene->lineHeightM,
            $scene->wind,
        )->angleRad;
    }

    /** Light as bright as now or so many stops brighter, whatever the hour. */
    private function brighter(float $stops): Light
    {
        return Light::value(
            max(-8.0, min(20.0, $this->rush->light->ev100 + $stops)),
            0.0,
            $this->rush->light->sky,
            $this->rush->light->lamps,
        );
    }
}
