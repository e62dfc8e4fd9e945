<?php

declare(strict_types=1);

namespace App\Review;

use RushHold\Refused;
use RushHold\Words\Words;
use XMLReader;
use ZipArchive;

/**
 * A table that somebody keeps elsewhere, as rows of text: CSV with any of the usual separators, or the first sheet of a
 * spreadsheet (XLSX).
 */
final class Table
{
    public const MOST_ROWS = 5000;

    private const MOST_COLUMNS = 60;

    private const LONGEST_CELL = 1000;

    /** Bytes of a part of a spreadsheet when it is unpacked. */
    private const LARGEST_PART = 20_000_000;

    /** Days from where spreadsheets begin to count to 1970. */
    private const EPOCH_DAYS = 25569;

    /**
     * @return non-empty-list<list<string>> the head first
     *
     * @throws Refused if it is no table, or too large a one
     */
    public static function read(string $path): array
    {
        $head = (string) file_get_contents($path, length: 4);
        $rows = str_starts_with($head, 'PK') ? self::sheet($path) : self::separated($path);
        $rows = array_values(array_filter($rows, static fn (array $row): bool => trim(implode('', $row)) !== ''));
        if (count($rows) < 2) {
            throw Refused::because('file', 'table', problem: Words::text('review.table.there-is-no-table-in'));
        }

        return $rows;
    }

    /** @return list<list<string>> */
    private static function separated(string $path): array
    {
        $text = (string) file_get_contents($path);
        // As some spreadsheets write text: two bytes a letter.
        if (preg_match('/^(\xFF\xFE|\xFE\xFF)/', $text, $mark) === 1) {
            $text = mb_convert_encoding(substr($text, 2), 'UTF-8', $mark[1] === "\xFF\xFE" ? 'UTF-16LE' : 'UTF-16BE');
        }
        if (str_contains($text, "\0")) {
            throw Refused::because('file', 'table', problem: Words::text('review.table.this-is-neither-csv-nor'));
        }
        $separators = max(
            array_map(static fn (string $separator): int => substr_count($text, $separator), [',', ';', "\t"]),
        );
        self::bound((int) ceil($separators / self::MOST_COLUMNS / 4));
        $text = mb_check_encoding($text, 'UTF-8')
            ? (string) preg_replace('/^\xEF\xBB\xBF/', '', $text)
            : mb_convert_encoding($text, 'UTF-8', 'Windows-1252');
        $first = strtok($text, "\r\n") ?: '';
        $counts = array_map(static fn (string $separator): int => substr_count($first, $separator), [
            ',' => ',',
            ';' => ';',
            "\t" => "\t",
        ]);
        arsort($counts);
        $in = fopen('php://temp', 'r+');
        assert($in !== false);
        fwrite($in, $text);
        rewind($in);
        $rows = [];
        while (($row = fgetcsv($in, 0, (string) array_key_first($counts), '"', '')) !== false) {
            $rows[] = self::clean($row);
            self::bound(count($rows));
        }
        fclose($in);

        return $rows;
    }

    /** @return list<list<string>> */
    private static function sheet(string $path): array
    {
        $zip = new ZipArchive();
        $broken = Refused::because('file', 'table', problem: Words::text('review.table.this-is-neither-csv-nor'));
        if ($zip->open($path, ZipArchive::RDONLY) !== true) {
            throw $broken;
        }
        $sheet = self::part($zip, 'xl/worksheets/sheet1.xml') ?? throw $broken;
        $shared = [];
        $strings = self::part($zip, 'xl/sharedStrings.xml');
        if ($strings !== null) {
            $xml = XMLReader::XML($strings, null, LIBXML_NONET | LIBXML_NOERROR | LIBXML_NOWARNING);
            while ($xml->read()) {
                if ($xml->nodeType === XMLReader::ELEMENT && $xml->localName === 'si') {
                    $shared[] = '';
                    count($shared) <= self::MOST_ROWS * self::MOST_COLUMNS ||
                        throw Refused::because(
                            'file',
                            'table',
                            problem: Words::text('review.table.the-spreadsheet-is-too-large'),
                        );
                } elseif ($shared !== [] && $xml->nodeType === XMLReader::ELEMENT && $xml->localName === 't') {
                    $shared[count($shared) - 1] .= mb_substr($xml->readString(), 0, self::LONGEST_CELL);
                }
            }
        }

        return self::cells($sheet, $shared);
    }

    /**
     * @param  list<string>  $shared
     * @return list<list<string>>
     */
    private static function cells(string $sheet, array $shared): array
    {
        $xml = XMLReader::XML($sheet, null, LIBXML_NONET | LIBXML_NOERROR | LIBXML_NOWARNING);
        $rows = [];
        $type = '';
        $column = 0;
        while ($xml->read()) {
            if ($xml->nodeType !== XMLReader::ELEMENT) {
                continue;
            }
            if ($xml->localName === 'row') {
                $rows[] = [];
                self::bound(count($rows));
            } elseif ($xml->localName === 'c' && $rows !== []) {
                $type = (string) $xml->getAttribute('t');
                $column = min(
                    self::MOST_COLUMNS,
                    self::columnOf((string) $xml->getAttribute('r'), count($rows[count($rows) - 1])),
                );
            } elseif (($xml->localName === 'v' || $xml->localName === 't') && $rows !== []) {
                $value = $xml->readString();
                $row = array_pad($rows[count($rows) - 1], $column, '');
                $row[$column] = $type === 's' ? $shared[(int) $value] ?? '' : $value;
                $rows[count($rows) - 1] = array_values($row);
            }
        }

        return array_map(self::clean(...), $rows);
    }

    /** @param  string  $place  such as C7 */
    private static function columnOf(string $place, int $next): int
    {
        if (preg_match('/^([A-Z]{1,3})\d/', $place, $m) !== 1) {
            return $next;
        }
        $column = 0;
        foreach (str_split($m[1]) as $letter) {
            $column = 26 * $column + ord($letter) - 64;
        }

        return $column - 1;
    }

    private static function part(ZipArchive $zip, string $name): ?string
    {
        $told = $zip->statName($name);
        if ($told === false) {
            return null;
        }
        if ($told['size'] > self::LARGEST_PART) {
            throw Refused::because('file', 'table', problem: Words::text('review.table.the-spreadsheet-is-too-large'));
        }
        $text = $zip->getFromName($name, self::LARGEST_PART);

        return $text === false || $text === '' ? null : $text;
    }

    /**
     * @param  list<string|null>  $row
     * @return list<string>
     */
    private static function clean(array $row): array
    {
        return array_map(
            static fn (?string $cell): string => trim(
                (string) preg_replace(
                    '/[^\P{C}\n\t]+/u',
                    '',
                    mb_scrub(mb_substr((string) $cell, 0, self::LONGEST_CELL)),
                ),
            ),
            array_slice($row, 0, self::MOST_COLUMNS),
        );
    }

    private static function bound(int $rows): void
    {
        if ($rows > self::MOST_ROWS + 1) {
            throw Refused::because(
                'file',
                'table',
                problem: Words::text('review.table.at-most-rows-are-taken', ['mostRows' => self::MOST_ROWS]),
            );
        }
    }

    /** A day and time as spreadsheets count them, as one writes it; anything else as it is. */
    public static function time(string $cell): string
    {
        return is_numeric($cell) && $cell > 20_000 && $cell < 80_000
            ? gmdate('Y-m-d\TH:i:s\Z', (int) round(86_400 * ((float) $cell - self::EPOCH_DAYS)))
            : $cell;
    }
}
