<?php

declare(strict_types=1);

namespace App\Playing;

use Closure;
use RushHold\Document\RankingDocument;
use RushHold\Focus\Simulator;
use RushHold\Focus\Stage;
use RushHold\Focus\Trace;
use RushHold\Hold\PartialHold;
use RushHold\Planning\Planner;
use RushHold\Planning\Ranking;
use RushHold\Planning\Standing;
use RushHold\Rush\Rush;
use RushHold\Units;

/** Every set-up for a rush, ranked, with one run of the winner to look at. */
final readonly class RankQuestion implements Question
{
    private const SEED = 1;

    private Rush $rush;

    /** @param  int  $place  which run to show: 0 the most typical, then the next */
    public function __construct(
        Rush $rush,
        private PartialHold $pins,
        private Units $units,
        private int $place,
        private ?Standing $standing,
    ) {
        // Names do not matter to the answer.
        $this->rush = $rush->with(name: '');
    }

    public function answer(Stage $stage, Closure $early): string
    {
        $ranking = Planner::standard()->rank(
            $this->rush,
            $this->pins,
            self::SEED,
            0,
            $stage,
            $this->standing,
            fn (Ranking $ranking) => $early($this->written($ranking)),
        );

        return $this->written($ranking);
    }

    private function written(Ranking $ranking): string
    {
        $run = $ranking->typicalRun($this->place);
        $trace = new Trace();
        (new Simulator($ranking->plan->situation))->run($ranking->best->hold, 1, self::SEED, $run, $trace);

        return json_encode(
            [
                ...RankingDocument::write($ranking, $this->units),
                'trace' => RankingDocument::trace($trace, $run, $ranking->plan),
            ],
            JSON_THROW_ON_ERROR,
        );
    }
}
