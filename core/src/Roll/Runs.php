<?php

declare(strict_types=1);

namespace RushHold\Roll;

/**
 * Puts frames into bursts: those of one body that follow one another closely, at nearly the same shutter. Frames that
 * do not say when they were taken are told apart by when their files were written, where that tells anything, and by
 * the numbers in their names.
 */
final class Runs
{
    /** Frames farther apart than this are of two bursts, s… */
    private const GAP_S = 3.0;

    /** …and those whose shutters are farther apart than this, stops. */
    private const STOPS = 1.0;

    /** Cards keep the time of a file to two seconds only. */
    private const FILE_GAP_S = 5.0;

    /** Files of which half come later than this after the one before were copied or loaded down one by one, s. */
    private const COPIED_S = 2.5;

    /** Numbers end here and begin anew. */
    private const ROUND = 9999;

    /**
     * @param  list<Taken>  $frames  in any order
     * @return list<non-empty-list<Taken>> each in the order it was shot in; those that say when in the order of their
     *   times, then the rest
     */
    public static function of(array $frames): array
    {
        $timed = $untimed = [];
        foreach ($frames as $frame) {
            if ($frame->atS !== null) {
                $timed[$frame->body][] = $frame;
            } else {
                $untimed["$frame->body\n{$frame->series()}"][] = $frame;
            }
        }
        $runs = [];
        foreach ($timed as $ofBody) {
            usort($ofBody, static fn (Taken $a, Taken $b): int => [$a->atS, $a->name] <=> [$b->atS, $b->name]);
            array_push($runs, ...self::cut($ofBody, self::follows(...)));
        }
        usort($runs, static fn (array $a, array $b): int => $a[0]->atS <=> $b[0]->atS);
        foreach ($untimed as $ofSeries) {
            $ofSeries = self::byNumber($ofSeries);
            $told = self::datesTell($ofSeries);
            array_push(
                $runs,
                ...self::cut($ofSeries, static fn (Taken $a, Taken $b): bool => self::nextInLine($a, $b, $told)),
            );
        }

        return $runs;
    }

    /** Whether the second may go on where the first ends: both say when they were taken, or neither does. */
    public static function goOn(Taken $before, Taken $next): bool
    {
        if ($before->atS === null || $next->atS === null) {
            return $before->atS === $next->atS &&
                $before->body === $next->body &&
                $before->series() === $next->series() &&
                self::nextInLine($before, $next, $before->writtenS !== null && $next->writtenS !== null);
        }

        return $before->body === $next->body && self::follows($before, $next);
    }

    /** @param  non-empty-list<Taken>  $run */
    public static function clocked(array $run): Clocked
    {
        return match (true) {
            $run[0]->atS !== null => Clocked::Frames,
            $run[0]->writtenS !== null => Clocked::Files,
            default => Clocked::Numbers,
        };
    }

    private static function follows(Taken $before, Taken $next): bool
    {
        $stops = abs(log(max(1e-9, $before->shutterS ?? 1.0) / max(1e-9, $next->shutterS ?? 1.0), 2));

        return abs((float) $next->atS - (float) $before->atS) <= self::GAP_S && $stops <= self::STOPS;
    }

    private static function nextInLine(Taken $before, Taken $next, bool $datesTell): bool
    {
        [$from, $to] = [$before->number(), $next->number()];
        $adjacent = $from === null || $to === null || $to - $from === 1 || ($from === self::ROUND && $to <= 1);

        return $adjacent &&
            (! $datesTell || abs((float) $next->writtenS - (float) $before->writtenS) <= self::FILE_GAP_S);
    }

    /**
     * Where the numbers have begun anew in between, the high ones come first.
     *
     * @param  non-empty-list<Taken>  $frames
     * @return non-empty-list<Taken>
     */
    private static function byNumber(array $frames): array
    {
        usort(
            $frames,
            static fn (Taken $a, Taken $b): int => [$a->number() ?? 0, $a->name] <=> [$b->number() ?? 0, $b->name],
        );
        $last = $frames[count($frames) - 1]->number();
        if ($last !== self::ROUND || ($frames[0]->number() ?? self::ROUND) > 1) {
            return $frames;
        }
        // They have where the widest gap is.
        [$widest, $at] = [1, 0];
        foreach ($frames as $i => $frame) {
            $gap = $i === 0 ? 0 : (int) $frame->number() - (int) $frames[$i - 1]->number();
            [$widest, $at] = $gap > $widest ? [$gap, $i] : [$widest, $at];
        }

        $turned = [...array_slice($frames, $at), ...array_slice($frames, 0, $at)];
        assert($turned !== []);

        return $turned;
    }

    /**
     * Whether the dates of the files say when they were shot, not when somebody copied them.
     *
     * @param  non-empty-list<Taken>  $frames  in their order
     */
    private static function datesTell(array $frames): bool
    {
        $gaps = [];
        foreach ($frames as $i => $frame) {
            if ($frame->writtenS === null) {
                return false;
            }
            $i > 0 && ($gaps[] = $frame->writtenS - (float) $frames[$i - 1]->writtenS);
        }
        sort($gaps);

        // A copy goes from file to file at its own pace; what was shot is close together, with long pauses.
        return $gaps !== [] && $gaps[0] >= 0 && $gaps[intdiv(count($gaps), 2)] <= self::COPIED_S;
    }

    /**
     * @param  non-empty-list<Taken>  $frames
     * @param  callable(Taken, Taken): bool  $goesOn
     * @return non-empty-list<non-empty-list<Taken>>
     */
    private static function cut(array $frames, callable $goesOn): array
    {
        $runs = [[$frames[0]]];
        foreach ($frames as $i => $frame) {
            if ($i === 0) {
                continue;
            }
            if ($goesOn($frames[$i - 1], $frame)) {
                $runs[count($runs) - 1][] = $frame;
            } else {
                $runs[] = [$frame];
            }
        }

        return $runs;
    }
}
