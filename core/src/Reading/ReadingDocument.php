<?php

declare(strict_types=1);

namespace RushHold\Reading;

use RushHold\Units;
use RushHold\Words\Words;

/** What was understood of a line, as JSON. */
final class ReadingDocument
{
    /**
     * Places count characters of the line, not bytes.
     *
     * @param  string  $line  as it was read
     * @return array{rush: array<string, mixed>, says_who: bool, likely: list<array<string, mixed>>,
     *   understood: list<array<string, mixed>>, not_understood: list<array<string, mixed>>}
     */
    public static function write(string $line, Understood $understood, Units $units = Units::Metric): array
    {
        $words = Words::in($units);
        $place = static fn (int $at): int => mb_strlen(substr($line, 0, $at));
        $pieces = array_values(
            array_filter($understood->pieces, static fn (Piece $piece): bool => $piece->says !== null),
        );

        return [
            'rush' => $understood->document,
            // Where the line does not say who is coming, the subject of the rush is only what it began with.
            'says_who' => $understood->saysWho,
            'likely' => array_map(self::offered(...), array_keys($understood->likely), $understood->likely),
            'understood' => array_map(
                static fn (Piece $piece): array => [
                    'text' => $piece->text,
                    'at' => $place($piece->at),
                    'field' => $piece->field,
                    'value' => $piece->value,
                    'says' => $piece->says === null ? '' : $words->say($piece->says),
                ],
                $pieces,
            ),
            'not_understood' => array_map(
                static fn (array $left): array => [
                    'text' => $left['text'],
                    'at' => $place($left['at']),
                    'because' => $left['because'] === null ? null : $words->refused($left['because']),
                ],
                $understood->notUnderstood,
            ),
        ];
    }

    /**
     * @param  array<string, mixed>  $profile
     * @return array{id: string, name: string, figure: string}
     */
    private static function offered(string $id, array $profile): array
    {
        $subject = is_array($profile['subject'] ?? null) ? $profile['subject'] : [];
        $text = static fn (string $name): string => is_string($subject[$name] ?? null) ? $subject[$name] : '';

        return ['id' => $id, 'name' => $text('name'), 'figure' => $text('figure')];
    }
}
