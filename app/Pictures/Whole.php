<?php

declare(strict_types=1);

namespace App\Pictures;

use Symfony\Component\Process\Process;

/**
 * Whether a file holds all that it says it does. Whoever opens a picture that lacks something paints the rest grey
 * without a word, and that would be measured.
 */
final class Whole
{
    private const READING_S = 25;

    /** Scans that are read: a hostile file has thousands. */
    public const MOST_SCANS = 500;

    /**
     * How a JPEG may be packed: baseline, extended or in passes, by Huffman's codes. What no camera writes is read as
     * noise.
     */
    private const PACKED = ["\xC0", "\xC1", "\xC2"];

    /**
     * Bytes left over behind the last line, by share of the file and at least: then what went before was something
     * else.
     */
    private const LEFT_OVER = 0.02;

    private const LEFT_OVER_LEAST = 4096;

    /** Tags of a TIFF with where its lines or tiles are, and how many bytes each. */
    private const PLACES = [273 => 279, 324 => 325];

    private const MOST_ENTRIES = 400;

    /**
     * @param  int  $least  the longer side of the small copy has at least so many pixels, unless the picture has fewer
     * @return string|null a small copy as it lies in the file, as PNM; null where its colours are such that there is
     *   none
     *
     * @throws NoPicture if something of it is missing or cannot be unpacked
     */
    public static function jpeg(string $file, int $least): ?string
    {
        self::packed($file);
        $told = @getimagesize($file);
        $eighths = $told === false ? 8 : max(1, min(8, (int) ceil((8 * $least) / max(1, $told[0], $told[1]))));
        $copy = (string) tempnam(sys_get_temp_dir(), 'small');
        try {
            // Everything is read, but only so much worked out.
            $process = new Process(
                [
                    'djpeg',
                    '-maxscans',
                    (string) self::MOST_SCANS,
                    '-scale',
                    "$eighths/8",
                    '-pnm',
                    '-outfile',
                    $copy,
                    $file,
                ],
                timeout: self::READING_S,
            );
            self::run($process, $file);
            $small = (string) file_get_contents($copy);
        } finally {
            @unlink($copy);
        }

        return preg_match('/^P[56]\s/', $small) === 1 ? $small : null;
    }

    /** @throws NoPicture if it says that something is missing */
    private static function run(Process $process, string $file): void
    {
        $process->run();
        $said = $process->getErrorOutput();
        preg_match('/(\d+) extraneous bytes before marker 0xd9/', $said, $over);
        // Bytes too many between two parts are common and harmless.
        $said = (string) preg_replace('/^.*extraneous bytes.*$/m', '', $said);
        // Two says that there were warnings.
        if (
            ! in_array($process->getExitCode(), [0, 2], true) ||
            preg_match('/premature end|corrupt jpeg data/i', $said) === 1 ||
            (int) ($over[1] ?? 0) > max(self::LEFT_OVER_LEAST, self::LEFT_OVER * filesize($file))
        ) {
            throw NoPicture::broken();
        }
    }

    /**
     * Reads from part to part as far as the frame's own.
     *
     * @throws NoPicture if it is packed in a way that cannot be read
     */
    private static function packed(string $file): void
    {
        $in = fopen($file, 'rb');
        if ($in === false) {
            throw NoPicture::broken();
        }
        try {
            fseek($in, 2);
            for ($parts = 0; $parts < self::MOST_ENTRIES; $parts++) {
                // Any number of fill bytes may stand before a mark.
                while (($mark = fgetc($in)) === "\xFF");
                $length = unpack('n', (string) fread($in, 2))[1] ?? 0;
                if ($mark === false || $length < 2) {
                    break;
                }
                if ($mark >= "\xC0" && $mark <= "\xCF" && ! in_array($mark, ["\xC4", "\xC8", "\xCC"], true)) {
                    in_array($mark, self::PACKED, true) || throw NoPicture::broken();

                    return;
                }
                fseek($in, $length - 2, SEEK_CUR);
            }
        } finally {
            fclose($in);
        }
        throw NoPicture::broken();
    }

    /** @throws NoPicture if its lines or tiles are not all within the file */
    public static function tiff(string $file): void
    {
        $in = fopen($file, 'rb');
        $size = (int) filesize($file);
        if ($in === false) {
            throw NoPicture::broken();
        }
        try {
            [$two, $four] = fread($in, 2) === 'II' ? ['v', 'V'] : ['n', 'N'];
            $number = static function (int $at, bool $short = false) use ($in, $two, $four): int {
                fseek($in, $at);

                return (int) (unpack($short ? $two : $four, (string) fread($in, $short ? 2 : 4))[1] ?? 0);
            };
            $first = $number(4);
            $lists = [];
            for ($i = 0, $count = min(self::MOST_ENTRIES, $number($first, true)); $i < $count; $i++) {
                $entry = $first + 2 + 12 * $i;
                // A single value stands in the entry, several where it points to; short ones of two stand in it as
                // well.
                $short = $number($entry + 2, true) === 3;
                $many = min($number($entry + 4), intdiv($size, $short ? 2 : 4));
                $at = $many * ($short ? 2 : 4) <= 4 ? $entry + 8 : $number($entry + 8);
                $lists[$number($entry, true)] = [$at, $many, $short];
            }
            foreach (self::PLACES as $places => $lengths) {
                [[$at, $many, $short], [$lengthAt, $lengthMany, $lengthShort]] = [
                    $lists[$places] ?? [0, 0, false],
                    $lists[$lengths] ?? [0, 0, false],
                ];
                for ($i = 0; $i < $many; $i++) {
                    $end =
                        $number($at + $i * ($short ? 2 : 4), $short) +
                        ($i < $lengthMany ? $number($lengthAt + $i * ($lengthShort ? 2 : 4), $lengthShort) : 1);
                    $end <= $size || throw NoPicture::broken();
                }
            }
        } finally {
            fclose($in);
        }
    }
}
