<?php

declare(strict_types=1);

namespace App\Outings;

use App\Documents\CalendarFile;
use DateTimeImmutable;
use DateTimeZone;
use RushHold\Words\Words;
use Sabre\VObject\Component\VCalendar;

/** An outing for a calendar, iCalendar (RFC 5545): an entry for each rush that has a time. */
final class CardCalendar
{
    /** @param  array<string, mixed>  $card  as CardDocument writes it */
    public static function of(array $card): string
    {
        return CalendarFile::of(
            Words::text('outings.card-calendar.outing'),
            static fn (VCalendar $calendar) => self::into($calendar, $card),
        );
    }

    /** @param  array<string, mixed>  $card */
    private static function into(VCalendar $calendar, array $card): void
    {
        foreach ($card['rushes'] as $rush) {
            if ($rush['planned'] === null) {
                continue;
            }
            $says = array_filter([
                $rush['by'] === null ? '' : Words::text('outings.card-calendar.hold', ['name' => $rush['by']['name']]),
                "$rush[shutter], $rush[aperture], $rush[iso].",
                $rush['changes'] === null || $rush['changes']['says'] === []
                    ? ''
                    : Words::text('outings.card-calendar.change-first', [
                        'says' => implode('; ', $rush['changes']['says']),
                    ]),
                $rush['habit'],
            ]);
            $calendar->add('VEVENT', [
                'UID' => CalendarFile::uid("$card[name] $card[from] $rush[number]"),
                'SUMMARY' => $rush['name'],
                'LOCATION' => $card['place'],
                'DESCRIPTION' => implode("\n", $says),
                'DTSTART' => self::utc($rush['planned']['from']),
                'DTEND' => self::utc($rush['planned']['to']),
            ]);
        }
    }

    private static function utc(string $at): DateTimeImmutable
    {
        return (new DateTimeImmutable($at))->setTimezone(new DateTimeZone('UTC'));
    }
}
