<?php

declare(strict_types=1);

namespace App\Playing;

use Closure;
use RushHold\Document\HoldDocument;
use RushHold\Document\OutcomeDocument;
use RushHold\Document\RankingDocument;
use RushHold\Focus\Outcome;
use RushHold\Focus\Play;
use RushHold\Focus\Simulator;
use RushHold\Focus\Stage;
use RushHold\Focus\Trace;
use RushHold\Hold\PartialHold;
use RushHold\Planning\Chance;
use RushHold\Planning\Chooser;
use RushHold\Planning\Effort;
use RushHold\Planning\Plan;
use RushHold\Rush\Rush;
use RushHold\Units;
use RushHold\Words\Words;

/** Two holds for a rush, played on the same chances. */
final readonly class ComparisonQuestion implements Question
{
    /** How often each is played unless it is said. */
    public const RUNS = 200;

    private const SEED = 1;

    private Rush $rush;

    /**
     * @param  array{PartialHold, PartialHold}  $sides
     * @param  array{int, int}  $runs  how often each is played
     * @param  int  $run  which run to show of both
     */
    public function __construct(Rush $rush, private array $sides, private array $runs, private int $run)
    {
        $this->rush = $rush->with(name: '');
    }

    public function answer(Stage $stage, Closure $early): string
    {
        $plans = array_map(
            fn (PartialHold $pins): Plan => Chooser::standard()->choose($this->rush, $pins),
            $this->sides,
        );
        $outcomes = $stage->play(
            array_map(
                static fn (Plan $plan, int $runs): Play => new Play(
                    $plan->situation,
                    $plan->hold,
                    Effort::runsWithin(intdiv(Effort::MOST_STEPS, 2), $plan->situation, $runs),
                    self::SEED,
                ),
                $plans,
                $this->runs,
            ),
        );
        $stage->reached(1.0);
        // What is said agrees with what is shown of both; on the same runs chance has less of a say.
        [$difference, $error] =
            $outcomes[0]->runs === $outcomes[1]->runs
                ? $outcomes[1]->minus($outcomes[0])
                : [
                    $outcomes[1]->keeperRate - $outcomes[0]->keeperRate,
                    hypot($outcomes[0]->standardError, $outcomes[1]->standardError),
                ];

        return json_encode(
            [
                'sides' => array_map($this->side(...), $plans, $outcomes),
                'difference' => [
                    'keeper_rate' => round($difference, 4),
                    'standard_error' => round($error, 4),
                    'says' => Words::in(Units::Metric)->say(
                        (new Chance($difference, $error, $outcomes[0]->frames))->comparing(),
                    ),
                ],
            ],
            JSON_THROW_ON_ERROR,
        );
    }

    /** @return array<string, mixed> */
    private function side(Plan $plan, Outcome $outcome): array
    {
        $trace = new Trace();
        (new Simulator($plan->situation))->run($plan->hold, 1, self::SEED, $this->run, $trace);

        return [
            'hold' => HoldDocument::write($plan->hold),
            ...OutcomeDocument::figures($outcome),
            'trace' => RankingDocument::trace($trace, $this->run, $plan),
        ];
    }
}
