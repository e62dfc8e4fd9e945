<?php

declare(strict_types=1);

namespace App\Documents;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;

/** A name for a copy that none of the others has: “X (copy)”, “X (copy 2)” … */
final class NameOfCopy
{
    private const LONGEST = 120;

    /** @param  Builder<covariant Model>  $others  those it must differ from, with a column `name` */
    public static function among(Builder $others, string $name): string
    {
        $base = (string) preg_replace('~ \(copy(?: \d+)?\)$~u', '', $name);
        $taken = (clone $others)
            ->where('name', 'like', addcslashes(mb_substr($base, 0, self::LONGEST - 12), '%_\\').'%')
            ->pluck('name')
            ->all();
        for ($n = 1; ; $n++) {
            $mark = $n === 1 ? ' (copy)' : " (copy $n)";
            $copy = mb_substr($base, 0, self::LONGEST - mb_strlen($mark)).$mark;
            if (! in_array($copy, $taken, true)) {
                return $copy;
            }
        }
    }
}
