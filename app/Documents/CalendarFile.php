<?php

declare(strict_types=1);

namespace App\Documents;

use Sabre\VObject\Component\VCalendar;

/** A file for calendars, iCalendar (RFC 5545). */
final class CalendarFile
{
    /**
     * @param  string  $what  is in it
     * @param  callable(VCalendar): void  $fill  adds its events
     * @param  array<string, string>  $properties  of the calendar
     */
    public static function of(string $what, callable $fill, array $properties = []): string
    {
        // The library is older than PHP's return types, and says so when it is loaded.
        $level = error_reporting(error_reporting() & ~E_DEPRECATED);
        try {
            $calendar = new VCalendar(['PRODID' => "-//Rush Hold//$what//EN", ...$properties]);
            $fill($calendar);

            return $calendar->serialize();
        } finally {
            error_reporting($level);
        }
    }

    /** The same whenever it is written, so that a calendar knows an event again. */
    public static function uid(string $what): string
    {
        return substr(hash('sha256', $what), 0, 32).'@rush-hold.example';
    }
}
