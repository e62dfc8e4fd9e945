<?php

declare(strict_types=1);

namespace App\Practice;

use App\Documents\CalendarFile;
use DateInterval;
use DateTimeImmutable;
use RushHold\Drill\Exercise;
use RushHold\Drill\Rung;
use RushHold\Units;
use RushHold\Words\Words;
use Sabre\VObject\Component\VCalendar;

/** Coming sessions for a calendar, iCalendar (RFC 5545), each with a reminder. Times are of wherever one is. */
final class PracticeCalendar
{
    private const REMINDER = '-PT15M';

    /** @param  array<string, mixed>  $ladder  as LadderDocument writes it */
    public static function of(array $ladder, string $at): string
    {
        return CalendarFile::of(
            Words::text('practice.practice-calendar.practice'),
            static fn (VCalendar $calendar) => self::into($calendar, $ladder, $at),
        );
    }

    /** @param  array<string, mixed>  $ladder  as LadderDocument writes it */
    public static function into(VCalendar $calendar, array $ladder, string $at): void
    {
        $words = Words::in(Units::Metric);
        foreach ($ladder['calendar'] as $session) {
            $from = new DateTimeImmutable("$session[day] $at");
            $says = array_map(
                static fn (array $turn): string => $words->label(Exercise::from($turn['drill'])).
                    ($turn['turns'] > 1 ? ", $turn[turns] turns" : ''),
                $session['turns'],
            );
            if ($session['field'] !== null) {
                $says[] = Words::text('practice.practice-calendar.this-week-in-the-field', [
                    'words' => $words->label(Rung::from($session['field'])),
                ]);
            }
            // Without a zone: half past seven is half past seven wherever one is.
            $event = $calendar->createComponent('VEVENT', [
                'UID' => CalendarFile::uid("practice $session[day]"),
                'SUMMARY' => Words::text('practice.practice-calendar.practice-min', ['minutes' => $session['minutes']]),
                'DESCRIPTION' => implode("\n", $says),
                'DTSTART' => $from->format('Ymd\THis'),
                'DTEND' => $from->add(new DateInterval("PT$session[minutes]M"))->format('Ymd\THis'),
            ]);
            $event->add(
                $calendar->createComponent('VALARM', [
                    'ACTION' => 'DISPLAY',
                    'DESCRIPTION' => Words::text('practice.practice-calendar.practice'),
                    'TRIGGER' => self::REMINDER,
                ]),
            );
            $calendar->add($event);
        }
    }
}
