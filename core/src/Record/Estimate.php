<?php

declare(strict_types=1);

namespace RushHold\Record;

use RushHold\NineInTen;

/** What is believed of one number: its mean, and between what it lies nine times in ten. */
final readonly class Estimate
{
    public function __construct(public float $mean, public float $low, public float $high)
    {
    }

    /**
     * Of weighed values, whatever they add up to.
     *
     * @param  list<float>  $values
     * @param  list<float>  $weights  one for each
     */
    public static function of(array $values, array $weights): self
    {
        $all = array_sum($weights);
        asort($values);
        $mean = $sum = 0.0;
        $ends = [];
        $last = null;
        foreach ($values as $i => $value) {
            $mean += ($weights[$i] * $value) / $all;
            foreach ([NineInTen::BELOW, 1 - NineInTen::BELOW] as $end => $share) {
                if (! isset($ends[$end]) && $sum + $weights[$i] >= $share * $all) {
                    // Between two values in the proportion in which their weights reach it.
                    $ends[$end] =
                        $last === null ? $value : $last + (($value - $last) * ($share * $all - $sum)) / $weights[$i];
                }
            }
            $sum += $weights[$i];
            $last = $value;
        }

        return new self($mean, $ends[0] ?? ($last ?? 0.0), $ends[1] ?? ($last ?? 0.0));
    }
}
