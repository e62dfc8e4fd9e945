<?php

declare(strict_types=1);

namespace RushHold\Planning;

use Closure;
use RushHold\Focus\Outcome;
use RushHold\Focus\Play;
use RushHold\Hold\Hold;
use RushHold\Hold\PartialHold;
use RushHold\Hold\Setting;
use RushHold\Hold\Technique;
use RushHold\Kit\Area;
use RushHold\Kit\Detection;
use RushHold\Kit\FocusMode;
use RushHold\Kit\Response;
use RushHold\Situation\Situation;

/** Why the winner: one of its settings changed at a time, everything else as it is. */
final readonly class Counterfactuals
{
    private const PATIENCES = [0.02, 0.3, 1.2];

    private Hold $hold;

    /** @param  Closure(Situation, Hold): Play  $play */
    public function __construct(
        private Situation $s,
        private Candidates $candidates,
        private Candidate $winner,
        private Closure $play,
    ) {
        $this->hold = $winner->hold;
    }

    /** @return list<SimulationQuestion<Counterfactual>> */
    public function asked(PartialHold $pins): array
    {
        $changes = [
            ...$this->hold->technique === Technique::Auto ? $this->focus() : [],
            ...$this->exposure(),
            ...$this->rare(),
        ];

        return array_map(
            $this->ask(...),
            array_values(array_filter($changes, static fn (array $change): bool => ! $pins->has($change[0]))),
        );
    }

    /**
     * @param  array{Setting, Hold}  $change
     * @return SimulationQuestion<Counterfactual>
     */
    private function ask(array $change): SimulationQuestion
    {
        [$setting, $changed] = $change;

        return SimulationQuestion::by(($this->play)($this->s, $changed), function (Outcome $outcome) use (
            $setting,
            $changed,
        ): Counterfactual {
            [$lost, $error] = $this->winner->outcome->minus($outcome);

            return new Counterfactual(
                $setting,
                $setting->in($this->hold),
                $setting->in($changed),
                -$lost,
                $error,
                $lost > 0 ? $outcome->saved($this->winner->outcome) : null,
            );
        });
    }

    /** @return list<array{Setting, Hold}> */
    private function focus(): array
    {
        $hold = $this->hold;
        $body = $this->s->kit->body;
        $changes = [];
        foreach (Area::cases() as $area) {
            if (
                $area->about()->isCompared &&
                $area !== $hold->area &&
                isset($body->areas[$area->value]) &&
                $body->areas[$area->value]->allows($hold->mode)
            ) {
                [$detect, $eye] = $this->candidates->detections($area)[0];
                $changes[] = [Setting::Area, $hold->with(area: $area, detect: $detect, eye: $eye)];
            }
        }
        if ($hold->detect !== Detection::Off) {
            $changes[] = [Setting::Detect, $hold->with(detect: Detection::Off, eye: false)];
        }
        foreach (
            self::others(
                $hold->patienceS,
                array_map(
                    static fn (float $p): float => Response::nearestPatience($p, $body->patienceSteps),
                    self::PATIENCES,
                ),
            ) as $patience
        ) {
            $changes[] = [Setting::Patience, $hold->with(patienceS: $patience)];
        }
        foreach (
            self::others(
                $hold->nimble,
                array_map(
                    static fn (float $n): float => Response::nearestNimble($n, $body->nimbleSteps),
                    Response::NIMBLE,
                ),
            ) as $nimble
        ) {
            $changes[] = [Setting::Nimbleness, $hold->with(nimble: $nimble)];
        }
        if ($hold->mode === FocusMode::Continuous && $body->areas[$hold->area->value]->allows(FocusMode::Single)) {
            $changes[] = [Setting::Mode, $hold->with(mode: FocusMode::Single)];
        }

        return $changes;
    }

    /** @return list<array{Setting, Hold}> what few bodies offer, the other way */
    private function rare(): array
    {
        $changes = [];
        foreach (Setting::rare() as $setting) {
            foreach ($setting->triedOn($this->hold, $this->s->kit->body) as $value) {
                $changes[] = [$setting, $this->hold->set($setting, $value)];
            }
        }

        return $changes;
    }

    /** @return list<array{Setting, Hold}> a stop either way of the aperture, twice the time */
    private function exposure(): array
    {
        $changes = [];
        foreach ([M_SQRT1_2, M_SQRT2] as $stop) {
            $n = $this->hold->aperture * $stop;
            if ($n >= $this->s->kit->widest() * 0.99 && $n <= $this->s->kit->smallest()) {
                $changes[] = [Setting::Aperture, $this->hold->with(aperture: $n)];
            }
        }
        $changes[] = [Setting::Shutter, $this->hold->with(shutterS: $this->hold->shutterS * 2)];

        return $changes;
    }

    /**
     * Each step that the body has, once, but for the one in use.
     *
     * @param  list<float>  $steps
     * @return list<float>
     */
    private static function others(float $used, array $steps): array
    {
        return array_values(
            array_filter(array_unique($steps, SORT_NUMERIC), static fn (float $step): bool => $step !== $used),
        );
    }
}
