<?php

declare(strict_types=1);

namespace RushHold\Focus;

use RushHold\Situation\Situation;
use WeakMap;

/** Plays everything here and now, one after the other. */
final class OneProcess implements Stage
{
    /** @var WeakMap<Situation, Simulator> */
    private WeakMap $simulators;

    public function __construct()
    {
        /** @var WeakMap<Situation, Simulator> $simulators */
        $simulators = new WeakMap();
        $this->simulators = $simulators;
    }

    public function play(array $plays): array
    {
        return array_map(function (Play $play): Outcome {
            $this->simulators[$play->situation] ??= new Simulator($play->situation);

            return $this->simulators[$play->situation]->run($play->hold, $play->runs, $play->seed, $play->firstRun);
        }, $plays);
    }

    public function reached(float $done): void
    {
    }
}
