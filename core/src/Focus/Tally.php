<?php

declare(strict_types=1);

namespace RushHold\Focus;

/** Counts what came of the frames of many runs. */
final class Tally
{
    /** @var list<float> share kept of each run */
    private array $rates = [];

    /** @var array<string, int> lost frames by cause */
    private array $lost = [];

    private int $runsWithKeeper = 0;

    private float $firstKeeperS = 0.0;

    public function __construct(private readonly int $framesOfPass, private readonly float $seconds)
    {
    }

    public function lost(LossCause $cause, int $many): void
    {
        $this->lost[$cause->value] = ($this->lost[$cause->value] ?? 0) + $many;
    }

    /**
     * @param  list<LossCause>  $causes
     * @param  list<int>  $frames  lost by each
     */
    public function lostBy(array $causes, array $frames): void
    {
        foreach ($causes as $i => $cause) {
            if ($frames[$i] > 0) {
                $this->lost($cause, $frames[$i]);
            }
        }
    }

    /** @param  float  $firstS  time of the first keeper; below 0 when there was none */
    public function ran(int $kept, int $taken, float $firstS): void
    {
        $this->rates[] = $kept / max(1, $taken);
        $this->runsWithKeeper += $kept > 0 ? 1 : 0;
        $this->firstKeeperS += $firstS < 0 ? $this->seconds : $firstS;
    }

    public function outcome(): Outcome
    {
        $runs = max(1, count($this->rates));
        $frames = max(1, count($this->rates) * $this->framesOfPass);
        // In the order of the causes where two are alike, so that it does not matter which frame was lost first.
        $losses = [];
        foreach (LossCause::cases() as $cause) {
            if (isset($this->lost[$cause->value])) {
                $losses[$cause->value] = $this->lost[$cause->value] / $frames;
            }
        }
        arsort($losses);

        return Outcome::of(
            $this->framesOfPass,
            $this->rates,
            $this->runsWithKeeper / $runs,
            $this->firstKeeperS / $runs,
            $losses,
        );
    }
}
