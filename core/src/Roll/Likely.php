<?php

declare(strict_types=1);

namespace RushHold\Roll;

use DateTimeImmutable;
use RushHold\Outing\Entry;
use RushHold\Outing\Outing;
use RushHold\Rush\Rush;

/** The rush a burst is most likely of, among those of the outings of its day, and what speaks for it. */
final readonly class Likely
{
    /** Fewer points say too little. */
    private const ENOUGH = 2.0;

    /** Two that are nearer to one another than this cannot be told apart, points. */
    private const APART = 0.5;

    /** Whatever speaks for a rush counts so much less where it was not to be at that hour. */
    private const OUT_OF_HOURS = 2.0;

    /** An hour begins and ends about so much before and after, s. */
    private const ABOUT_S = 600;

    /** What is planned for an outing lies so long around it, s. */
    private const AROUND_S = 7200;

    /** Focal lengths and distances are the same within these shares, as logarithms. */
    private const SAME_FOCAL = 0.05;

    private const SAME_DISTANCE = 0.6;

    /**
     * @param  int  $outing  number of the outing
     * @param  int  $entry  number of the rush in it
     * @param  non-empty-list<Sign>  $signs
     */
    private function __construct(public int $outing, public int $entry, public array $signs, private float $points)
    {
    }

    /**
     * @param  Taken  $frame  the first of the burst
     * @param  DateTimeImmutable  $at  when it was shot
     * @param  list<Outing>  $outings
     */
    public static function of(Taken $frame, DateTimeImmutable $at, array $outings): ?self
    {
        $candidates = [];
        foreach ($outings as $o => $outing) {
            if (
                $at->getTimestamp() < $outing->from->getTimestamp() - self::AROUND_S ||
                $at->getTimestamp() > $outing->to->getTimestamp() + self::AROUND_S
            ) {
                continue;
            }
            $turn = self::turn($outing, $at);
            foreach ($outing->entries as $e => $entry) {
                $hours = self::hours($entry, $outing);
                $signs = array_values(
                    array_filter(
                        Sign::cases(),
                        static fn (Sign $sign): bool => match ($sign) {
                            Sign::Day => true,
                            Sign::Only => count($outing->entries) === 1,
                            Sign::Hour => self::within($at, $hours),
                            Sign::Turn => $turn === $e,
                            Sign::FocalLength => self::alike(
                                $frame->focalMm,
                                $entry->rush->kit->focalMm(),
                                self::SAME_FOCAL,
                            ),
                            Sign::Distance => self::alike(
                                $frame->distanceM,
                                $entry->rush->path->at($entry->rush->path->seconds / 2)->distanceM,
                                self::SAME_DISTANCE,
                            ),
                        },
                    ),
                );
                $points =
                    array_sum(array_map(static fn (Sign $sign): float => $sign->points(), $signs)) -
                    ($hours !== null && ! self::within($at, $hours) ? self::OUT_OF_HOURS : 0.0);
                $candidates[] = new self($o, $e, $signs, $points);
            }
        }

        usort($candidates, static fn (self $a, self $b): int => $b->points <=> $a->points);
        $best = $candidates[0] ?? null;
        if ($best === null || $best->points < self::ENOUGH) {
            return null;
        }
        foreach ($candidates as $rival) {
            // Where another rush has as much for it, nobody can tell; the same one twice a day is no rival.
            if ($rival->points > $best->points - self::APART && $rival->rush($outings) != $best->rush($outings)) {
                return null;
            }
        }

        return $best;
    }

    /** @param  list<Outing>  $outings */
    private function rush(array $outings): Rush
    {
        return $outings[$this->outing]->entries[$this->entry]->rush;
    }

    /**
     * Whose turn it is at that moment where somebody set the order: one after the other, each as long as was meant and
     * no sooner than it may begin. Where the order is left to be worked out it is nobody's.
     */
    private static function turn(Outing $outing, DateTimeImmutable $at): ?int
    {
        $clock = $outing->from->getTimestamp();
        foreach ($outing->order ?? [] as $e) {
            $entry = $outing->entries[$e];
            $begins = max(
                $clock + 60 * $entry->setupMin,
                ($entry->at ?? ($entry->earliest ?? $outing->from))->getTimestamp(),
            );
            if ($at->getTimestamp() >= $clock && $at->getTimestamp() < $begins + 60 * $entry->minutes) {
                return $e;
            }
            $clock = $begins + 60 * $entry->minutes;
        }

        return null;
    }

    /** @return array{int, int}|null from when to when it may be, seconds since 1970; null where nobody said */
    private static function hours(Entry $entry, Outing $outing): ?array
    {
        if ($entry->at !== null) {
            return [$entry->at->getTimestamp(), $entry->at->getTimestamp() + 60 * $entry->minutes];
        }

        return $entry->earliest === null && $entry->latest === null
            ? null
            : [($entry->earliest ?? $outing->from)->getTimestamp(), ($entry->latest ?? $outing->to)->getTimestamp()];
    }

    /** @param  array{int, int}|null  $hours */
    private static function within(DateTimeImmutable $at, ?array $hours): bool
    {
        return $hours !== null &&
            $at->getTimestamp() >= $hours[0] - self::ABOUT_S &&
            $at->getTimestamp() <= $hours[1] + self::ABOUT_S;
    }

    private static function alike(?float $one, float $other, float $most): bool
    {
        return $one !== null && $one > 0 && $other > 0 && abs(log($one / $other)) < $most;
    }
}
