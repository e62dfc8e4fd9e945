<?php

declare(strict_types=1);

namespace App\Outings;

use App\Documents\CalendarFile;
use App\Models\SavedOuting;
use App\Models\User;
use App\Practice\PracticeCalendar;
use DateTimeZone;
use RushHold\Words\Words;
use Sabre\VObject\Component\VCalendar;

/**
 * All outings of a person and their coming practice in one calendar, iCalendar (RFC 5545), for programs that subscribe
 * to it.
 */
final class CalendarFeed
{
    /** Outings that ended longer ago are left out. */
    private const BACK_DAYS = 60;

    private const MOST = 200;

    /** How often programs ask again. */
    private const REFRESH = 'PT6H';

    /**
     * @param  array<string, mixed>  $ladder  coming practice, as LadderDocument writes it
     * @param  string  $at  when practice begins, HH:MM wherever one is
     * @param  callable(SavedOuting): string  $address  of an outing's card
     */
    public static function of(User $person, array $ladder, string $at, callable $address): string
    {
        return CalendarFile::of(
            Words::text('outings.calendar-feed.outings-and-practice'),
            static function (VCalendar $calendar) use ($person, $ladder, $at, $address): void {
                self::outings($calendar, $person, $address);
                PracticeCalendar::into($calendar, $ladder, $at);
            },
            ['X-WR-CALNAME' => 'Rush Hold', 'REFRESH-INTERVAL' => self::REFRESH, 'X-PUBLISHED-TTL' => self::REFRESH],
        );
    }

    /** @param  callable(SavedOuting): string  $address */
    private static function outings(VCalendar $calendar, User $person, callable $address): void
    {
        $kept = SavedOuting::query();
        $kept
            ->where('user_id', $person->id)
            ->where('ends_at', '>', now()->subDays(self::BACK_DAYS))
            ->orderByDesc('starts_at')
            ->limit(self::MOST);
        $utc = new DateTimeZone('UTC');
        foreach ($kept->get() as $outing) {
            $calendar->add('VEVENT', [
                'UID' => CalendarFile::uid("outing $outing->id"),
                'SEQUENCE' => $outing->version,
                'DTSTAMP' => $outing->updated_at->toDateTimeImmutable()->setTimezone($utc),
                'SUMMARY' => $outing->name === '' ? Words::text('outings.calendar-feed.outing') : $outing->name,
                'LOCATION' => $outing->place,
                'URL' => $address($outing),
                'DESCRIPTION' => $outing->rushes === 1 ? Words::text('outings.calendar-feed.one-rush') : "$outing->rushes rushes",
                'DTSTART' => $outing->starts_at->toDateTimeImmutable()->setTimezone($utc),
                'DTEND' => $outing->ends_at->toDateTimeImmutable()->setTimezone($utc),
            ]);
        }
    }
}
