<?php

declare(strict_types=1);

namespace RushHold\Causes;

use Closure;

/**
 * What a cause says of itself. Each case of `Cause` has a file of its name in `Kinds`; the rest asks. The sentences for
 * it stand in the catalogue as `cause.<cause>`, `because.<question>.<cause>`, `fix.<cause>` and `confirm.<cause>`.
 */
final readonly class About
{
    /** @var Closure(Fix): array<string, mixed> */
    private Closure $settings;

    /**
     * @param  float  $common  how common it is beside the others, before anything is looked at
     * @param  array<string, float>  $losses  for each loss of the simulation that speaks for it, the part of that loss
     *   it stands for; the parts of a loss add up to one over all causes
     * @param  array<string, list<float>>  $answers  how often each answer is given where it is at work, by question, in
     *   the order of `Question::answers`, adding up to one; where it speaks as is usual, nothing. Read from practice;
     *   estimates, every one
     * @param  Closure(Fix): array<string, mixed>|null  $settings  what to set against it; null: no setting helps
     */
    public function __construct(
        public float $common,
        public array $losses = [],
        public array $answers = [],
        ?Closure $settings = null,
    ) {
        $this->settings = $settings ?? static fn (): array => [];
    }

    /** @return array<string, mixed> values by setting */
    public function settings(Fix $fix): array
    {
        return ($this->settings)($fix);
    }
}
