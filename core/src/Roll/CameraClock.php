<?php

declare(strict_types=1);

namespace RushHold\Roll;

use DateTimeImmutable;
use DateTimeZone;
use RushHold\Outing\Outing;

/** A camera's clock that does not say in which zone it is: most likely in that of the outing it was carried on. */
final class CameraClock
{
    /** One is there so long before and after what was planned, s. */
    private const AROUND_S = 7200;

    /**
     * @param  string  $wall  what the clock showed, as `2026-06-07 05:10:00.250`
     * @param  list<Outing>  $outings  of about that day
     * @param  DateTimeZone  $otherwise  where it falls into none of them: that of whoever has the pictures
     */
    public static function at(string $wall, array $outings, DateTimeZone $otherwise): DateTimeImmutable
    {
        foreach ($outings as $outing) {
            $at = new DateTimeImmutable($wall, $outing->from->getTimezone());
            if (
                $at->getTimestamp() >= $outing->from->getTimestamp() - self::AROUND_S &&
                $at->getTimestamp() <= $outing->to->getTimestamp() + self::AROUND_S
            ) {
                return $at;
            }
        }

        return new DateTimeImmutable($wall, $otherwise);
    }
}
