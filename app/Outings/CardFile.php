<?php

declare(strict_types=1);

namespace App\Outings;

use Illuminate\Support\Str;

/** The files a card is written to. */
enum CardFile: string
{
    case A6 = 'a6';
    case A4 = 'a4';
    case Calendar = 'calendar';

    /**
     * @param  array<string, mixed>  $card  as CardDocument writes it
     * @return array{name: string, type: string, base64: string}
     */
    public function written(array $card): array
    {
        $name = Str::slug(is_string($card['name'] ?? null) ? $card['name'] : '') ?: 'outing';
        [$ending, $type, $bytes] =
            $this === self::Calendar
                ? ['ics', 'text/calendar', CardCalendar::of($card)]
                : ["$this->value.pdf", 'application/pdf', CardPaper::of($card, $this)];

        return ['name' => "$name.$ending", 'type' => $type, 'base64' => base64_encode($bytes)];
    }
}
