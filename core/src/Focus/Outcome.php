<?php

declare(strict_types=1);

namespace RushHold\Focus;

/** What came of many runs of one rush with one hold. */
final readonly class Outcome
{
    /**
     * @param  array<string, float>  $losses  share of all frames by cause, largest first
     * @param  list<float>  $rates  keeper rate of each run, for comparing set-ups on the same chances
     */
    public function __construct(
        public int $runs,
        /** Frames of a pass. */
        public int $frames,
        /** Share of frames kept. */
        public float $keeperRate,
        /** Its standard error. */
        public float $standardError,
        /** Chance of at least one keeper in a pass. */
        public float $anyKeeper,
        /** Mean time to the first keeper, s; a pass without one counts in full. */
        public float $firstKeeperS,
        public array $losses,
        public array $rates,
    ) {}

    /** @return array{mean: float, low: float, high: float} keepers in a pass, with the interval that holds 95 of 100 */
    public function keepers(): array
    {
        $reach = 1.96 * $this->standardError;

        return [
            'mean' => $this->frames * $this->keeperRate,
            'low' => $this->frames * max(0.0, $this->keeperRate - $reach),
            'high' => $this->frames * min(1.0, $this->keeperRate + $reach),
        ];
    }
}
