<?php

declare(strict_types=1);

namespace RushHold\Planning;

use RushHold\Hold\Setting;
use RushHold\Said;

/** What the planner found: the winner, the others in order, why, and what each school costs. */
final readonly class Ranking
{
    /**
     * @param  Plan  $plan  the winner with its reasons and margins
     * @param  non-empty-list<Candidate>  $candidates  best first, the winner at the top
     * @param  list<array{setting: Setting, value: string, because: Said}>  $ruledOut  what the rules kept out, and why
     * @param  Standing|null  $standing  how the camera stands now, where that is known
     * @param  Candidate|null  $fewestChanges  nearly as good as the winner, with the fewest changes from there
     * @param  int  $possible  set-ups the rules let through
     * @param  bool  $reduced  whether less was played than usual, because the rush is long or the set-ups are many
     * @param  list<Counterfactual>  $why
     * @param  list<SchoolResult>  $bySchool
     * @param  list<WhatIf>  $whatIfs
     * @param  list<float>  $bySkill  keeper rates of the winner for somebody a little less and a little more skilled
     * @param  bool  $isExplained  whether what explains it has been played
     */
    public function __construct(
        public Plan $plan,
        public Candidate $best,
        public array $candidates,
        public array $ruledOut,
        public ?Standing $standing = null,
        public ?Candidate $fewestChanges = null,
        public int $possible = 0,
        public bool $reduced = false,
        public array $why = [],
        public array $bySchool = [],
        public array $whatIfs = [],
        public array $bySkill = [],
        public bool $isExplained = false,
    ) {
    }

    /**
     * The same with what was played to explain it.
     *
     * @param  Plan  $plan  the winner with the reasons that came of it
     * @param  list<Counterfactual>  $why
     * @param  list<SchoolResult>  $bySchool
     * @param  list<WhatIf>  $whatIfs
     * @param  list<float>  $bySkill
     */
    public function explained(Plan $plan, array $why, array $bySchool, array $whatIfs, array $bySkill): self
    {
        return new self(
            $plan,
            $this->best,
            $this->candidates,
            $this->ruledOut,
            $this->standing,
            $this->fewestChanges,
            $this->possible,
            $this->reduced,
            $why,
            $bySchool,
            $whatIfs,
            $bySkill,
            true,
        );
    }

    /**
     * Keepers in a pass, with the range that chance and what is not known of the person leave.
     *
     * @return array{mean: float, low: float, high: float}
     */
    public function keepers(): array
    {
        $noise = $this->best->outcome->keepers();
        $frames = $this->best->outcome->frames;

        return [
            'mean' => $noise['mean'],
            'low' => min([
                $noise['low'],
                ...array_map(static fn (float $rate): float => $rate * $frames, $this->bySkill),
            ]),
            'high' => max([
                $noise['high'],
                ...array_map(static fn (float $rate): float => $rate * $frames, $this->bySkill),
            ]),
        ];
    }

    /** A run of the winner that went as most do: the one nearest to the mean, or the next nearest ones. */
    public function typicalRun(int $place = 0): int
    {
        $far = [];
        foreach ($this->best->outcome->rates as $run => $rate) {
            $far[$run] = abs($rate - $this->best->outcome->keeperRate);
        }
        asort($far);
        $runs = array_keys($far);

        return $runs === [] ? 0 : $runs[$place % count($runs)];
    }
}
