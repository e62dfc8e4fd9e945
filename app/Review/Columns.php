<?php

declare(strict_types=1);

namespace App\Review;

use App\Models\User;
use Carbon\Exceptions\InvalidFormatException;
use Illuminate\Support\Carbon;
use Ramsey\Uuid\Uuid;
use RushHold\Focus\LossCause;
use RushHold\Record\HowMany;
use RushHold\Refused;
use RushHold\Units;
use RushHold\Words\Words;

/** Which column of a table says what of a burst, and the bursts that come of it. */
final class Columns
{
    /** What a column may say, and what it is often called. */
    public const FIELDS = [
        'at' => ['at', 'when', 'date', 'time', 'taken', 'shot'],
        'rush' => ['rush', 'subject', 'what', 'name'],
        'frames' => ['frames', 'shots', 'taken', 'total', 'pictures'],
        'keepers' => ['keepers', 'sharp', 'kept', 'good'],
        'kept' => ['kept', 'how many', 'share'],
        'lost_to' => ['lost to', 'lost_to', 'cause', 'why', 'lost'],
        'note' => ['note', 'notes', 'remark', 'comment'],
    ];

    /**
     * @param  list<string>  $head
     * @return array<string, int|null> by field: the column that most likely says it
     */
    public static function guess(array $head): array
    {
        $guess = [];
        $free = array_map(static fn (string $name): string => mb_strtolower(trim($name)), $head);
        foreach (self::FIELDS as $field => $names) {
            $found = null;
            foreach (
                [
                    static fn (string $cell, string $name): bool => $cell === $name,
                    static fn (string $cell, string $name): bool => str_contains($cell, $name),
                ] as $fits
            ) {
                foreach ($names as $name) {
                    foreach ($free as $column => $cell) {
                        $found ??= $fits($cell, $name) ? $column : null;
                    }
                }
            }
            $guess[$field] = $found;
            if ($found !== null) {
                unset($free[$found]);
            }
        }

        return $guess;
    }

    /**
     * @param  list<list<string>>  $rows  without the head
     * @param  array<string, int|null>  $columns
     * @return array{bursts: list<array{id: string, rush_id: string|null, rush: string, at: string, kept: string|null,
     *   frames: int|null, keepers: int|null, lost_to: string|null, note: string}>, problems: list<array{row: int,
     *   message: string}>}
     */
    public static function bursts(User $person, array $rows, array $columns): array
    {
        $names = [];
        foreach ($person->rushes()->get(['id', 'name']) as $rush) {
            $names[mb_strtolower($rush->name)] = $rush->id;
        }
        $bursts = $problems = $same = [];
        foreach ($rows as $i => $row) {
            try {
                $burst = self::burst($row, $columns);
                $burst['rush_id'] = $names[mb_strtolower((string) $burst['rush'])] ?? null;
                // The same row taken in twice is the same burst.
                $says = json_encode(
                    [$burst['at'], $burst['rush'], $burst['frames'], $burst['keepers'], $burst['kept']],
                    JSON_THROW_ON_ERROR,
                );
                // Two rows that say the same are two bursts.
                $times = $same[$says] = ($same[$says] ?? 0) + 1;
                $burst['id'] = Uuid::uuid5(
                    Uuid::uuid5(Uuid::NAMESPACE_OID, "rush-hold {$person->id}"),
                    $times === 1 ? $says : "$says $times",
                )->toString();
                // Its words and figures are read already; whether it can be meant is left.
                Log::row($burst);
                $bursts[] = $burst;
            } catch (Refused $refused) {
                // The head is row one.
                $problems[] = ['row' => $i + 2, 'message' => Words::in(Units::Metric)->refused($refused)];
            }
        }

        return ['bursts' => $bursts, 'problems' => $problems];
    }

    /**
     * @param  list<string>  $row
     * @param  array<string, int|null>  $columns
     * @return array{rush: string, at: string, kept: string|null, frames: int|null, keepers: int|null,
     *   lost_to: string|null, note: string}
     *
     * @throws Refused
     */
    private static function burst(array $row, array $columns): array
    {
        $cell = static fn (string $field): string => ($columns[$field] ?? null) === null
            ? ''
            : $row[$columns[$field]] ?? '';
        $number = static function (string $field) use ($cell): ?int {
            $text = $cell($field);
            if ($text === '') {
                return null;
            }

            return is_numeric($text) && (float) $text === floor((float) $text)
                ? (int) $text
                : throw Refused::because(
                    $field,
                    'burst',
                    problem: Words::text('review.columns.is-no-whole-number', ['text' => $text]),
                );
        };
        $word = static function (string $field, string $enum) use ($cell): ?string {
            $text = mb_strtolower($cell($field));
            if ($text === '') {
                return null;
            }
            foreach ($enum::cases() as $case) {
                if ($text === $case->value || $text === mb_strtolower(Words::label($case))) {
                    return $case->value;
                }
            }

            throw Refused::because(
                $field,
                'burst',
                problem: Words::text('review.columns.is-none-of', [
                    'text' => $text,
                    'cases' => implode(', ', array_map(static fn ($case): string => $case->value, $enum::cases())),
                ]),
            );
        };
        // “now” and “last Friday” are times to the computer, and none to a log.
        if ($cell('at') !== '' && preg_match('/\d.*\d/', $cell('at')) !== 1) {
            throw Refused::because(
                'at',
                'burst',
                problem: Words::text('review.columns.is-no-time-write-it', ['value' => $cell('at')]),
            );
        }
        try {
            $at = Carbon::parse(Table::time($cell('at')), 'UTC');
        } catch (InvalidFormatException) {
            throw Refused::because(
                'at',
                'burst',
                problem: Words::text('review.columns.is-no-time-write-it', ['value' => $cell('at')]),
            );
        }
        if ($cell('at') === '') {
            throw Refused::because('at', 'burst', problem: Words::text('review.columns.there-is-no-time'));
        }

        return [
            'at' => $at->toIso8601ZuluString(),
            'rush' => mb_substr($cell('rush') === '' ? Words::text('review.columns.not-said') : $cell('rush'), 0, 120),
            'frames' => $number('frames'),
            'keepers' => $number('keepers'),
            'kept' => $word('kept', HowMany::class),
            'lost_to' => $word('lost_to', LossCause::class),
            'note' => mb_substr($cell('note'), 0, 500),
        ];
    }
}
