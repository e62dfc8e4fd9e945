<?php

declare(strict_types=1);

namespace RushHold\Record;

/**
 * What is believed of several possibilities, from the logarithms of how likely each is, whatever these are measured
 * from.
 */
final readonly class Posterior
{
    /**
     * @param  non-empty-list<float>  $each  adding up to one
     * @param  float  $logSum  logarithm of what they added up to before
     */
    private function __construct(public array $each, public float $logSum)
    {
    }

    /** @param  non-empty-list<float>  $logs */
    public static function of(array $logs): self
    {
        // Taken from the highest, so that none is too large or all too small for a number.
        $highest = max($logs);
        $weights = array_map(static fn (float $log): float => exp($log - $highest), $logs);
        $sum = array_sum($weights);

        return new self(array_map(static fn (float $w): float => $w / $sum, $weights), $highest + log($sum));
    }
}
