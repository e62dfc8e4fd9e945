<?php

declare(strict_types=1);

namespace RushHold\Focus;

/**
 * Where a run takes its chances from: six places in the lists of noise, far from each other and different for each run.
 * They depend on seed and run only, so that two set-ups meet the same subject and the same hands.
 */
final class Chances
{
    /**
     * For the aim across, the aim up and down, the clutter in the area, the subject's changes of speed and the clutter
     * before it, the finding of patterns, and detection and obstacles.
     *
     * @return array{int, int, int, int, int, int}
     */
    public static function places(int $seed, int $run): array
    {
        $next = static fn (int $at): int => ($at * 48271 + 11) & 0x7FFFFFFF;
        $a = $next(($seed * 7919 + $run * 104729 + 12345) & 0x7FFFFFFF);
        $b = $next($a);
        $c = $next($b);
        $d = $next($c);
        $e = $next($d);

        return [$a >> 8, $b >> 8, $c >> 8, $d >> 8, $e >> 8, $next($e) >> 8];
    }
}
