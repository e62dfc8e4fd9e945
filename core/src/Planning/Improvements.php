<?php

declare(strict_types=1);

namespace RushHold\Planning;

use Closure;
use RushHold\Focus\Outcome;
use RushHold\Focus\Play;
use RushHold\Hold\Hold;
use RushHold\Hold\PartialHold;
use RushHold\Hold\Setting;
use RushHold\Kit\Support;
use RushHold\Quantity;
use RushHold\Rush\Light;
use RushHold\Rush\Rush;
use RushHold\Said;
use RushHold\Situation\Situation;

/** What would help most if the situation itself could be changed: each change is solved and played again. */
final readonly class Improvements
{
    /** What focuses stays as it is; exposure and distances are solved again. */
    private const KEPT = [Setting::Technique, Setting::Mode, Setting::Area, Setting::Detect, Setting::Eye, Setting::Aim, Setting::Patience, Setting::Nimbleness, Setting::Wins, Setting::Stabiliser];

    private const NEARER = 0.75;

    private const FARTHER = 1.35;

    private const SHORTER = 0.7;

    /** Shorter lenses than this are no advice for what moves. */
    private const SHORTEST_MM = 24.0;

    /** Less clutter than this, or fewer crossings, and the lane is clear as it is. */
    private const CLEAR = 0.02;

    private const STOPS_OF_LIGHT = 2.0;

    /** @param  Closure(Situation, Hold): Play  $play */
    public function __construct(private Chooser $chooser, private Rush $rush, private Candidate $winner, private Closure $play)
    {
    }

    /** @return list<Asked<WhatIf>> */
    public function asked(PartialHold $pins): array
    {
        $kept = $pins->and(PartialHold::of($this->winner->hold, ...self::KEPT));
        $asked = [];
        foreach ($this->changes() as [$change, $sentence, $changed]) {
            if ($changed != $this->rush) {
                $plan = $this->chooser->choose($changed, $kept);
                $asked[] = Asked::by(($this->play)($plan->situation, $plan->hold), function (Outcome $outcome) use ($change, $sentence): WhatIf {
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
        $farther = min(3000.0, self::FARTHER * $rush->path->startM);
        $focal = max($rush->kit->lens->zoom?->fromMm() ?? 8.0, round(self::SHORTER * $rush->kit->lens->focalMm));
        $clear = $scene->frontClutter < self::CLEAR && $scene->obstaclesPerS < self::CLEAR;

        return [
            ['closer', Said::of('improve.closer', metres: Quantity::length($nearer)), $rush->with(path: $rush->path->startingAt($nearer))],
            ['farther', Said::of('improve.farther', metres: Quantity::length($farther)), $rush->with(path: $rush->path->startingAt($farther))],
            ['light', Said::of('improve.light'), $rush->with(light: $this->light(self::STOPS_OF_LIGHT), scene: $scene->with(backlit: $rush->isBacklit()))],
            ['front-light', Said::of('improve.front-light'), $rush->isBacklit() ? $rush->with(light: $this->light(0.0), scene: $scene->with(backlit: false)) : $rush],
            ['background', Said::of('improve.background'), $rush->with(scene: $scene->with(backgroundTexture: 0.1, backgroundAlike: 0.0))],
            ['lane', Said::of('improve.lane'), $clear ? $rush : $rush->with(scene: $scene->with(frontClutter: 0.0, obstaclesPerS: 0.0))],
            ['support', Said::of('improve.support'), $rush->with(photographer: $rush->photographer->with(support: Support::Tripod))],
            ['lens', Said::of('improve.lens', focal: Quantity::millimetres($focal)), $focal < self::SHORTEST_MM ? $rush
                : $rush->with(kit: $rush->kit->with(lens: $rush->kit->lens->zoom === null ? $rush->kit->lens->with(focalMm: $focal) : $rush->kit->lens->at($focal)))],
        ];
    }

    /** Light as bright as now or so many stops brighter, whatever the hour. */
    private function light(float $stops): Light
    {
        return Light::value(max(-8.0, min(20.0, $this->rush->light->ev100 + $stops)), 0.0, $this->rush->light->sky);
    }
}
