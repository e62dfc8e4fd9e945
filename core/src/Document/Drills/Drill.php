<?php

declare(strict_types=1);

namespace RushHold\Document\Drills;

use RushHold\Document\Fields;
use RushHold\Drill\Course;
use RushHold\Drill\Familiar;
use RushHold\Drill\Turn;
use RushHold\Refused;

/** One kind of drill in a document: what it reads of its own, what comes in a turn, and what the turn came to. */
interface Drill
{
    /**
     * @param  Fields  $f  the document, of which it asks for what is its own
     * @param  array<int, Familiar>  $known  how well each control is known, where calls are drawn anew
     *
     * @throws Refused if something is missing, of the wrong type or out of range
     */
    public function read(Fields $f, int $seed, array $known): ?Course;

    /** Numbers in each sample of a trace. */
    public function width(): int;

    /** @return array<string, mixed> what comes, for playing it */
    public function course(Turn $turn): array;

    /** @return array<string, mixed> what a turn that was played came to */
    public function score(Turn $turn): array;
}
