<?php

declare(strict_types=1);

namespace RushHold\Record;

use DateTimeImmutable;
use DateTimeInterface;
use RushHold\Range;
use RushHold\Refused;

/**
 * What a burst can be, whichever door it comes in by: typed, corrected, counted from pictures, out of a table or an
 * archive.
 */
final class Plausible
{
    /** Nobody has a digital log from before. */
    private const FIRST_DAY = '1990-01-01T00:00:00Z';

    /** A clock may be set to another side of the world, and a little wrong. */
    private const AHEAD = '+1 day';

    /**
     * @param  int|null  $frames  1 to 100 000; null: not counted
     * @param  int|null  $keepers  0 to frames; null: not counted
     *
     * @throws Refused naming the field
     */
    public static function counts(?int $frames, ?int $keepers): void
    {
        $frames === null || Range::of(1, LoggedBurst::MOST_FRAMES)->check('frames', $frames);
        $keepers === null || Range::depending(0, $frames ?? LoggedBurst::MOST_FRAMES)->check('keepers', $keepers);
    }

    /** Whether something may have been shot then. */
    public static function when(DateTimeInterface $at, DateTimeImmutable $now): bool
    {
        return $at >= new DateTimeImmutable(self::FIRST_DAY) && $at <= $now->modify(self::AHEAD);
    }

    /** @throws Refused if nothing can have been shot then */
    public static function day(DateTimeInterface $at, DateTimeImmutable $now): void
    {
        self::when($at, $now) || throw Refused::because('at', 'burst-day', first: substr(self::FIRST_DAY, 0, 10));
    }
}
