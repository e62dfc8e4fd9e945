<?php

declare(strict_types=1);

namespace Tests\Fuzz;

use RushHold\Focus\OneProcess;
use RushHold\Focus\Play;
use RushHold\Focus\Stage;

/** Plays here, and counts what it costs. */
final class CountingStage implements Stage
{
    public int $steps = 0;

    private readonly OneProcess $stage;

    public function __construct()
    {
        $this->stage = new OneProcess();
    }

    public function play(array $plays): array
    {
        $this->steps += array_sum(array_map(static fn (Play $play): int => $play->steps(), $plays));

        return $this->stage->play($plays);
    }

    public function reached(float $done): void
    {
    }
}
