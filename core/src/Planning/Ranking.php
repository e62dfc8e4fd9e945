<?php

declare(strict_types=1);

namespace RushHold\Planning;

/** What the planner found: the winner, the others in order, why, and what each school costs. */
final readonly class Ranking
{
    /**
     * @param  Plan  $plan  the winner with its reasons and margins
     * @param  list<Candidate>  $candidates  best first, the winner at the top
     * @param  list<array{setting: string, value: string, because: string}>  $ruledOut  what the rules kept out, and why
     * @param  list<Counterfactual>  $why
     * @param  list<SchoolResult>  $bySchool
     */
    public function __construct(
        public Plan $plan,
        public Candidate $best,
        public array $candidates,
        public array $ruledOut,
        public array $why,
        public array $bySchool,
    ) {
    }
}
