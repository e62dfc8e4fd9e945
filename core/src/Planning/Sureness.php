<?php

declare(strict_types=1);

namespace RushHold\Planning;

use Closure;
use RushHold\Focus\Outcome;
use RushHold\Focus\Play;
use RushHold\Hold\Hold;
use RushHold\Hold\PartialHold;
use RushHold\Rush\Rush;
use RushHold\Situation\Situation;

/**
 * How much the answer depends on what nobody knows of the person: skills are told in steps, and by the person. The
 * winner is played by somebody a little less and a little more skilled; more passes do not make that range smaller.
 */
final readonly class Sureness
{
    /** Skills are known to about this, on their scale of 0 to 1: half a step of the aim test. */
    public const SKILL = 0.12;

    /** @param  Closure(Situation, Hold): Play  $play */
    public function __construct(
        private Rush $rush,
        private Candidate $winner,
        private PartialHold $pins,
        private Closure $play,
    ) {
    }

    /** @return list<SimulationQuestion<Outcome>> of the less and of the more skilled */
    public function asked(): array
    {
        return array_map(
            fn (float $by): SimulationQuestion => SimulationQuestion::by(
                ($this->play)(new Situation(self::skilled($this->rush, $by), $this->pins), $this->winner->hold),
                static fn (Outcome $o): Outcome => $o,
            ),
            [-self::SKILL, self::SKILL],
        );
    }

    /**
     * The same rush with somebody more skilled behind the camera, by a step on the scale of 0 to 1; less for a step
     * below 0.
     */
    public static function skilled(Rush $rush, float $by): Rush
    {
        $person = $rush->photographer;
        $moved = static fn (float $skill): float => max(0.0, min(1.0, $skill + $by));

        return $rush->with(
            photographer: $person->with(
                aim: $moved($person->aim),
                panning: $moved($person->panning),
                handFocus: $moved($person->handFocus),
            ),
        );
    }
}
