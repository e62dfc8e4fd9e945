<?php

declare(strict_types=1);

namespace App\Practice;

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
        // The library is older than PHP's return types, and says so when it is loaded.
        $level = error_reporting(error_reporting() & ~E_DEPRECATED);
        try {
            return self::written($ladder, $at);
        } finally {
            error_reporting($level);
        }
    }

    /** @param  array<string, mixed>  $ladder */
    private static function written(array $ladder, string $at): string
    {
        $words = Words::in(Units::Metric);
        $calendar = new VCalendar(['PRODID' => '-//Rush Hold//Practice//EN']);
        foreach ($ladder['calendar'] as $session) {
            $from = new DateTimeImmutable("$session[day] $at");
            $says = array_map(static fn (array $turn): string => $words->label(Exercise::from($turn['drill'])).($turn['turns'] > 1 ? ", $turn[turns] turns" : ''), $session['turns']);
            if ($session['field'] !== null) {
                $says[] = 'This week in the field: '.$words->label(Rung::from($session['field']));
            }
            // Without a zone: half past seven is half past seven wherever one is.
            $event = $calendar->createComponent('VEVENT', ['UID' => substr(hash('sha256', "practice $session[day]"), 0, 32).'@rush-hold.example', 'SUMMARY' => "Practice, $session[minutes] min", 'DESCRIPTION' => implode("\n", $says),
                'DTSTART' => $from->format('Ymd\THis'), 'DTEND' => $from->add(new DateInterval("PT$session[minutes]M"))->format('Ymd\THis')]);
            $event->add($calendar->createComponent('VALARM', ['ACTION' => 'DISPLAY', 'DESCRIPTION' => 'Practice', 'TRIGGER' => self::REMINDER]));
            $calendar->add($event);
        }

        return $calendar->serialize();
    }
}
