<?php

declare(strict_types=1);

namespace RushHold\Planning;

use RushHold\Focus\Outcome;
use RushHold\Focus\Play;
use RushHold\Focus\Stage;
use RushHold\Hold\PartialHold;
use RushHold\Rush\Rush;
use RushHold\Situation\Situation;

/** Of set-ups that keep as many when all goes as planned, the one that keeps most when it goes a little worse. */
final readonly class Robustness
{
    /** So many are tried at most, the simplest first. */
    private const MOST = 4;

    private const RUNS = 40;

    /** Nothing is given away for less than this share of the frames, nor for what may be chance. */
    private const WORTH = 0.01;

    private const ERRORS = 1.5;

    public function __construct(
        private Rush $rush,
        private PartialHold $pins,
        private Stage $stage,
        private int $seed,
    ) {
    }

    /** @param  non-empty-list<Candidate>  $alike  simplest first */
    public function of(array $alike): Candidate
    {
        if (count($alike) === 1) {
            return $alike[0];
        }
        $alike = array_slice($alike, 0, self::MOST);
        $worse = new Situation(Sureness::skilled($this->rush, -Sureness::SKILL), $this->pins);
        $runs = min(self::RUNS, $alike[0]->outcome->runs);
        $outcomes = $this->stage->play(
            array_map(fn (Candidate $c): Play => new Play($worse, $c->hold, $runs, $this->seed), $alike),
        );
        $best = 0;
        foreach ($outcomes as $i => $outcome) {
            if ($this->isSurelyMore($outcome, $outcomes[$best])) {
                $best = $i;
            }
        }

        return $alike[$best];
    }

    private function isSurelyMore(Outcome $outcome, Outcome $than): bool
    {
        [$more, $error] = $outcome->minus($than);

        return $more > max(self::WORTH, self::ERRORS * $error);
    }
}
