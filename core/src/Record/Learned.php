<?php

declare(strict_types=1);

namespace RushHold\Record;

use RushHold\Focus\Outcome;
use RushHold\Focus\Stage;
use RushHold\Outing\Outing;
use RushHold\Rush\Photographer;
use RushHold\Rush\Rush;

/** What a log has taught about a person and their kit, as plans use it. */
final readonly class Learned
{
    /**
     * @param  float  $aim  0 to 1
     * @param  float  $panning  0 to 1
     * @param  float  $handFocus  0 to 1
     * @param  array<string, float>  $shifts  by kit: what is added to the log-odds of keeping a frame
     * @param  float  $logShare  share of it that comes from the log, 0 to 1
     * @param  Photographer|null  $said  what was believed before; a rush that says otherwise is in other hands and
     *   stays so; null: all are in these
     * @param  array<string, float>  $owns  by rush, as `Logged` has it: what is added for that one
     * @param  float|null  $firstSharpS  own timing to the first sharp frame by autofocus, s; null: none
     * @param  float|null  $firstSharpByHandS  the same by hand, s
     * @param  bool  $practised  whether practice has a part in it
     */
    public function __construct(
        public float $aim,
        public float $panning,
        public float $handFocus,
        public array $shifts,
        public float $logShare,
        public ?Photographer $said = null,
        public array $owns = [],
        public ?float $firstSharpS = null,
        public ?float $firstSharpByHandS = null,
        public bool $practised = false,
    ) {
    }

    /** A rush in the hands of the person as they are known by now. */
    public function rush(Rush $rush): Rush
    {
        $person = $rush->photographer;
        $own = fn (Skill $skill): bool => $this->said === null ||
            abs($skill->of($person) - $skill->of($this->said)) < 1e-6;

        return $rush->with(
            photographer: $person->with(
                aim: $own(Skill::Aim) ? $this->aim : $person->aim,
                panning: $own(Skill::Panning) ? $this->panning : $person->panning,
                handFocus: $own(Skill::HandFocus) ? $this->handFocus : $person->handFocus,
                firstSharpS: $person->firstSharpS ?? $this->firstSharpS,
                firstSharpByHandS: $person->firstSharpByHandS ?? $this->firstSharpByHandS,
            ),
        );
    }

    public function outing(Outing $outing): Outing
    {
        return $outing->withRushes($this->rush(...));
    }

    /** Where plans are played so that their outcomes are corrected by kit. */
    public function on(Stage $stage): Stage
    {
        return new LearnedStage($this, $stage);
    }

    public function shift(Rush $rush): float
    {
        return ($this->shifts[Logged::kitOf($rush)] ?? 0.0) +
            ($this->owns === [] ? 0.0 : $this->owns[Logged::keyOf($rush)] ?? 0.0);
    }

    /**
     * An outcome as the kit has shown it to be: of what the model keeps some is lost to the kit, or of what it loses
     * some is kept, the same for every frame.
     */
    public function corrected(Outcome $outcome, Rush $rush): Outcome
    {
        $shift = $this->shift($rush);
        $rate = $outcome->keeperRate;
        if ($shift === 0.0 || $rate <= 0.0 || $rate >= 1.0 || $outcome->rates === []) {
            return $outcome;
        }
        $wanted = 1 / (1 + ((1 - $rate) / $rate) * exp(-$shift));
        $thinned = min(1.0, $wanted / $rate);
        $saved = max(0.0, 1 - (1 - $wanted) / (1 - $rate));
        $rates = array_map(static fn (float $r): float => $thinned * $r + $saved * (1 - $r), $outcome->rates);
        $none = 0.0;
        foreach ($outcome->rates as $r) {
            // No frame of the run is kept: each kept one was lost to the kit, and each lost one stayed lost.
            $none += (1 - $thinned) ** ($r * $outcome->frames) * (1 - $saved) ** ((1 - $r) * $outcome->frames);
        }

        return Outcome::of(
            $outcome->frames,
            $rates,
            1 - $none / count($rates),
            $outcome->firstKeeperS,
            array_map(static fn (float $share): float => ($share * (1 - $wanted)) / (1 - $rate), $outcome->losses),
        );
    }
}
