<?php

declare(strict_types=1);

namespace App\Outings;

use App\Models\SavedOuting;
use App\Models\User;
use DateTimeImmutable;
use DateTimeZone;
use Sabre\VObject\Component\VCalendar;

/** All outings of a person and their coming practice in one calendar, iCalendar (RFC 5545), for programs that subscribe to it. */
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
        // The library is older than PHP's return types, and says so when it is loaded.
        $level = error_reporting(error_reporting() & ~E_DEPRECATED);
        try {
            $calendar = new VCalendar(['PRODID' => '-//Rush Hold//Outings and practice//EN', 'X-WR-CALNAME' => 'Rush Hold', 'REFRESH-INTERVAL' => self::REFRESH, 'X-PUBLISHED-TTL' => self::REFRESH]);
            self::outings($calendar, $person, $address);
            foreach (self::sessions($ladder, $at) as [$day, $from, $to, $says]) {
                // Without a zone: half past seven is half past seven wherever one is.
                $calendar->add('VEVENT', ['UID' => self::uid("practice $day"), 'DTSTAMP' => new DateTimeImmutable('now', new DateTimeZone('UTC')), 'SUMMARY' => $says, 'DTSTART' => $from, 'DTEND' => $to]);
            }

            return $calendar->serialize();
        } finally {
            error_reporting($level);
        }
    }

    /** @param  callable(SavedOuting): string  $address */
    private static function outings(VCalendar $calendar, User $person, callable $address): void
    {
        $kept = SavedOuting::query();
        $kept->where('user_id', $person->id)->where('ends_at', '>', now()->subDays(self::BACK_DAYS))->orderByDesc('starts_at')->limit(self::MOST);
        $utc = new DateTimeZone('UTC');
        foreach ($kept->get() as $outing) {
            $calendar->add('VEVENT', [
                'UID' => self::uid("outing $outing->id"), 'SEQUENCE' => $outing->version, 'DTSTAMP' => $outing->updated_at->toDateTimeImmutable()->setTimezone($utc),
                'SUMMARY' => $outing->name === '' ? 'Outing' : $outing->name, 'LOCATION' => $outing->place, 'URL' => $address($outing),
                'DESCRIPTION' => $outing->rushes === 1 ? 'One rush' : "$outing->rushes rushes",
                'DTSTART' => $outing->starts_at->toDateTimeImmutable()->setTimezone($utc), 'DTEND' => $outing->ends_at->toDateTimeImmutable()->setTimezone($utc),
            ]);
        }
    }

    /**
     * @param  array<string, mixed>  $ladder
     * @return list<array{string, string, string, string}> day, beginning, end, what
     */
    private static function sessions(array $ladder, string $at): array
    {
        /** @var list<array{day: string, minutes: int}> $coming as LadderDocument writes it */
        $coming = is_array($ladder['calendar'] ?? null) ? $ladder['calendar'] : [];

        return array_map(static function (array $session) use ($at): array {
            $from = new DateTimeImmutable("$session[day] $at");

            return [$session['day'], $from->format('Ymd\THis'), $from->modify("+$session[minutes] minutes")->format('Ymd\THis'), "Practice, $session[minutes] min"];
        }, $coming);
    }

    private static function uid(string $what): string
    {
        return substr(hash('sha256', $what), 0, 32).'@rush-hold.example';
    }
}
