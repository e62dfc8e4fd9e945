<?php

declare(strict_types=1);

namespace RushHold\Focus;

/**
 * Where holds are played: in this process, or spread over several. The outcome of a play depends on nothing but the
 * play, so that every stage gives the same to the last bit.
 */
interface Stage
{
    /**
     * @param  list<Play>  $plays
     * @return list<Outcome> one for each, in the same order
     *
     * @throws Overtaken when nobody waits for them any more
     */
    public function play(array $plays): array;

    /**
     * Hears which share of a question is done, 0 to 1.
     *
     * @throws Overtaken when nobody waits for the rest
     */
    public function reached(float $done): void;
}
