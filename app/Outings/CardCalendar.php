<?php

declare(strict_types=1);

namespace App\Outings;

use DateTimeImmutable;
use DateTimeZone;
use Sabre\VObject\Component\VCalendar;

/** An outing for a calendar, iCalendar (RFC 5545): an entry for each rush that has a time. */
final class CardCalendar
{
    /** @param  array<string, mixed>  $card  as CardDocument writes it */
    public static function of(array $card): string
    {
        // The library is older than PHP's return types, and says so when it is loaded.
        $level = error_reporting(error_reporting() & ~E_DEPRECATED);
        try {
            return self::written($card);
        } finally {
            error_reporting($level);
        }
    }

    /** @param  array<string, mixed>  $card */
    private static function written(array $card): string
    {
        $calendar = new VCalendar(['PRODID' => '-//Rush Hold//Outing//EN']);
        foreach ($card['rushes'] as $rush) {
            if ($rush['planned'] === null) {
                continue;
            }
            $says = array_filter([
                $rush['by'] === null ? '' : "Hold {$rush['by']['name']}.",
                "$rush[shutter], $rush[aperture], $rush[iso].",
                $rush['changes'] === null || $rush['changes']['says'] === [] ? '' : 'Change first: '.implode('; ', $rush['changes']['says']).'.',
                $rush['habit'],
            ]);
            $calendar->add('VEVENT', [
                'UID' => substr(hash('sha256', "$card[name] $card[from] $rush[number]"), 0, 32).'@rush-hold.example',
                'SUMMARY' => $rush['name'], 'LOCATION' => $card['place'], 'DESCRIPTION' => implode("\n", $says),
                'DTSTART' => self::utc($rush['planned']['from']), 'DTEND' => self::utc($rush['planned']['to']),
            ]);
        }

        return $calendar->serialize();
    }

    private static function utc(string $at): DateTimeImmutable
    {
        return (new DateTimeImmutable($at))->setTimezone(new DateTimeZone('UTC'));
    }
}
