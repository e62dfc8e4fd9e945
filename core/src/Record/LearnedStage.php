<?php

declare(strict_types=1);

namespace RushHold\Record;

use RushHold\Focus\Outcome;
use RushHold\Focus\Play;
use RushHold\Focus\Stage;

/** A stage whose outcomes are corrected by what the log says of the kit. */
final readonly class LearnedStage implements Stage
{
    public function __construct(private Learned $learned, private Stage $stage)
    {
    }

    public function play(array $plays): array
    {
        return array_map(
            fn (Outcome $outcome, Play $play): Outcome => $this->learned->corrected($outcome, $play->situation->rush),
            $this->stage->play($plays),
            $plays,
        );
    }

    public function reached(float $done): void
    {
        $this->stage->reached($done);
    }
}
