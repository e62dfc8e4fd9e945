<?php

declare(strict_types=1);

namespace RushHold\Controls;

/** A layout that was solved: what every control does, how each rush is reached, and what the day loses by it. */
final readonly class Layout
{
    /**
     * @param  list<Reached>  $reached  one for each rush, in their order
     * @param  float  $loss  keepers lost over the day, as a share of those wanted
     * @param  float  $bound  no layout of this school can lose less
     */
    public function __construct(
        public ButtonSchool $school,
        public Arrangement $arrangement,
        public array $reached,
        public float $loss,
        public float $bound = 0.0,
    ) {
    }

    /** The same with what is known of how little could be lost. */
    public function bounded(float $bound): self
    {
        return new self($this->school, $this->arrangement, $this->reached, $this->loss, $bound);
    }

    /** Seconds over all rushes. */
    public function seconds(): float
    {
        return array_sum(array_map(static fn (Reached $r): float => $r->seconds(), $this->reached));
    }

    /** Settings that have to be remembered beyond what is in force at rest. */
    public function toLearn(): int
    {
        return array_sum(
            array_map(
                fn (Assigned $a): int => $a->set === null ? 0 : count($this->arrangement->rest->changedBy($a->set)),
                $this->arrangement->controls,
            ),
        );
    }
}
