<?php

declare(strict_types=1);

namespace RushHold\Drill;

/** The middle one of some values. */
final class Median
{
    /** @param  list<float>  $values */
    public static function of(array $values): ?float
    {
        if ($values === []) {
            return null;
        }
        sort($values);
        $n = count($values);

        return ($values[intdiv($n - 1, 2)] + $values[intdiv($n, 2)]) / 2;
    }
}
