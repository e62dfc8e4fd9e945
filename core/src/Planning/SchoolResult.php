<?php

declare(strict_types=1);

namespace RushHold\Planning;

/** The best that one side of an honest disagreement can do here, and what it costs against the best of all. */
final readonly class SchoolResult
{
    public function __construct(
        public string $school,
        public string $side,
        public Candidate $best,
        /** Keeper rate lost against the winner; about 0 when it does as well. */
        public float $cost,
        public float $standardError,
    ) {
    }
}
