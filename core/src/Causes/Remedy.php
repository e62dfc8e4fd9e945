<?php

declare(strict_types=1);

namespace RushHold\Causes;

use RushHold\Focus\Outcome;
use RushHold\Hold\PartialHold;
use RushHold\NineInTen;
use RushHold\Record\BetaBinomial;

/** A fix, and what came of the rush when it was played as it was and with it. */
final readonly class Remedy
{
    /**
     * Standard errors by which the difference has to lie beyond what counts as known, so that it does nine times in
     * ten.
     */
    private const MARGIN = 1.2816;

    /** No test is shorter, and none is asked to be longer, frames of each. */
    private const TEST_FRAMES = [20, 400];

    /** A difference that no test could tell, as a share of the frames. */
    private const UNTOLD = 0.02;

    private const FEWEST_BURSTS = 3;

    public function __construct(public PartialHold $fix, public Outcome $before, public Outcome $after)
    {
    }

    /** What it brings, as a share of the frames. */
    public function gain(): float
    {
        return $this->after->keeperRate - $this->before->keeperRate;
    }

    /**
     * The test that confirms it: the same rush with the settings as they were and with the fix by turns, in as many
     * frames of each as tell the difference that the model expects nine times in ten.
     *
     * @return array{frames: int, bursts: int}|null null: the model expects no difference that a test could tell
     */
    public function test(): ?array
    {
        if ($this->gain() < self::UNTOLD) {
            return null;
        }
        [$p, $q] = [$this->before->keeperRate, $this->after->keeperRate];
        $long = max(1, $this->before->frames);
        $frames =
            ((NineInTen::ERRORS + self::MARGIN) ** 2 *
                ($p * (1 - $p) + $q * (1 - $q)) *
                (1 + ($long - 1) * BetaBinomial::intraclassCorrelation($this->before->rates, $this->before->frames))) /
            $this->gain() ** 2;
        $bursts = max(
            self::FEWEST_BURSTS,
            (int) ceil(min(self::TEST_FRAMES[1], max(self::TEST_FRAMES[0], $frames)) / $long),
        );

        return ['frames' => $bursts * $long, 'bursts' => $bursts];
    }
}
