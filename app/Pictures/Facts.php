<?php

declare(strict_types=1);

namespace App\Pictures;

use DateTimeImmutable;
use DateTimeZone;
use Exception;
use RushHold\Record\Plausible;
use Symfony\Component\Process\Exception\ProcessTimedOutException;
use Symfony\Component\Process\Process;

/**
 * What a picture says of itself, read by exiftool in a process of its own: only what is asked for, and no more of it
 * than is used. Where it was taken is not asked.
 */
final class Facts
{
    private const SECONDS = 20;

    /** What is asked for, and what it is called here. */
    private const TAGS = [
        'MIMEType' => 'mime',
        'SubSecDateTimeOriginal' => 'taken',
        'DateTimeOriginal' => 'taken_whole',
        'ExposureTime' => 'shutter_s',
        'FNumber' => 'aperture',
        'ISO' => 'iso',
        'FocalLength' => 'focal_mm',
        'SubjectDistance' => 'distance_m',
        'FocusDistance' => 'focus_m',
        'Model' => 'body',
        'LensModel' => 'lens',
        'FocusMode' => 'focus_mode',
        'AFAreaMode' => 'area',
        'AFMode' => 'area_too',
        'Rating' => 'rating',
        'Label' => 'label',
        'Orientation' => 'orientation',
        'SubjectArea' => 'focused_at',
        'ExifImageWidth' => 'stored_wide',
        'ExifImageHeight' => 'stored_high',
        'ImageWidth' => 'wide',
        'ImageHeight' => 'high',
    ];

    /** What a picture says of the body and the lens it was taken with. */
    private const OF_KIT = [
        'Model' => 'body',
        'LensModel' => 'lens',
        'LensInfo' => 'lens_info',
        'FocalLength' => 'focal_mm',
        'FocalLengthIn35mmFormat' => 'focal_35_mm',
        'FNumber' => 'aperture',
        'FocalPlaneXResolution' => 'plane_per_unit',
        'FocalPlaneResolutionUnit' => 'plane_unit',
        'ExifImageWidth' => 'stored_wide',
        'ExifImageHeight' => 'stored_high',
        'ImageWidth' => 'wide',
        'ImageHeight' => 'high',
        'FocusMode' => 'focus_mode',
        'AFMode' => 'focus_mode_too',
        'AFAreaMode' => 'area',
        'DriveMode' => 'drive',
        'ImageStabilization' => 'stabiliser',
    ];

    private const NUMBERS = [
        'shutter_s',
        'aperture',
        'iso',
        'focal_mm',
        'distance_m',
        'focus_m',
        'rating',
        'orientation',
        'stored_wide',
        'stored_high',
        'wide',
        'high',
        'focal_35_mm',
        'plane_per_unit',
        'plane_unit',
    ];

    private const LONGEST = 120;

    /** A time of which nobody knows in which zone it is. */
    public const WALL = 'Y-m-d\TH:i:s.v';

    /** Files asked about at once. */
    private const AT_ONCE = 40;

    /**
     * @param  list<string>  $files  paths
     * @return array<string, array<string, string|float>> by path: what each says, as far as it says anything
     */
    public static function of(array $files): array
    {
        $facts = [];
        foreach (array_chunk($files, self::AT_ONCE) as $some) {
            $facts += self::asked($some, self::TAGS, self::ofTags(...));
        }

        return $facts;
    }

    /**
     * What pictures say of what they were taken with; the beginning of a file is enough.
     *
     * @param  list<string>  $files  paths
     * @return list<array<string, string|float>> what each says, in the words its camera has for its settings
     */
    public static function ofKit(array $files): array
    {
        return array_values(
            array_map(static function (array $facts): array {
                $facts['wide'] = max((float) ($facts['stored_wide'] ?? 0), (float) ($facts['wide'] ?? 0));
                $facts['high'] = max((float) ($facts['stored_high'] ?? 0), (float) ($facts['high'] ?? 0));
                isset($facts['focus_mode']) ||
                    ! isset($facts['focus_mode_too']) ||
                    ($facts['focus_mode'] = $facts['focus_mode_too']);

                return $facts;
            }, self::asked($files, self::OF_KIT, self::clean(...))),
        );
    }

    /** @return string|null the largest preview in a raw file, as a JPEG */
    public static function preview(string $file): ?string
    {
        foreach (['-JpgFromRaw', '-PreviewImage', '-OtherImage'] as $tag) {
            $picture = self::run(['-b', $tag, $file], Kind::MOST_MEGABYTES * 1_000_000);
            if ($picture !== null && str_starts_with($picture, "\xFF\xD8\xFF")) {
                return $picture;
            }
        }

        return null;
    }

    /**
     * @param  list<string>  $files
     * @param  array<string, string>  $tags  with what they are called here
     * @param  callable(array<array-key, mixed>, array<string, string>): array<string, string|float>  $read
     * @return array<string, array<string, string|float>>
     */
    private static function asked(array $files, array $tags, callable $read): array
    {
        // Numbers as they are, words as the camera writes them.
        $asked = array_map(
            static fn (string $tag, string $name): string => "-$tag".
                (in_array($name, self::NUMBERS, true) || $name === 'lens_info' ? '#' : ''),
            array_keys($tags),
            array_values($tags),
        );
        $answer = self::run(['-j', '-fast2', ...$asked, ...$files], 2_000_000);
        $rows = $answer === null ? null : json_decode($answer, true, 8, JSON_INVALID_UTF8_SUBSTITUTE);
        $facts = [];
        foreach (is_array($rows) ? $rows : [] as $row) {
            if (is_array($row) && is_string($row['SourceFile'] ?? null)) {
                $facts[$row['SourceFile']] = $read($row, $tags);
            }
        }

        return $facts;
    }

    /**
     * @param  array<array-key, mixed>  $row
     * @param  array<string, string>  $tags
     * @return array<string, string|float>
     */
    private static function clean(array $row, array $tags): array
    {
        $facts = [];
        foreach ($tags as $tag => $name) {
            $value = $row[$tag] ?? null;
            if (in_array($name, self::NUMBERS, true)) {
                is_numeric($value) && is_finite((float) $value) && $value > 0 && ($facts[$name] = (float) $value);
            } elseif (is_string($value) || is_numeric($value)) {
                $clean = trim(
                    (string) preg_replace(
                        '/[^\P{C}\n]+/u',
                        ' ',
                        mb_scrub(mb_substr((string) $value, 0, self::LONGEST)),
                    ),
                );
                $clean === '' || ($facts[$name] = $clean);
            }
        }

        return $facts;
    }

    /**
     * @param  array<array-key, mixed>  $row
     * @param  array<string, string>  $tags
     * @return array<string, string|float>
     */
    private static function ofTags(array $row, array $tags): array
    {
        $facts = self::clean($row, $tags);
        $taken = self::time($facts);
        $taken === null || ($facts['taken_at'] = $taken);
        isset($facts['area']) || ! isset($facts['area_too']) || ($facts['area'] = $facts['area_too']);

        return [
            ...array_diff_key(
                $facts,
                array_flip(['taken', 'taken_whole', 'area_too', 'focused_at', 'stored_wide', 'stored_high']),
            ),
            ...self::focusedAt($facts),
        ];
    }

    /**
     * Where the camera says the subject is, as the picture is looked at.
     *
     * @param  array<string, string|float>  $facts
     * @return array{focus_x?: float, focus_y?: float} in widths and heights from the centre, y down
     */
    private static function focusedAt(array $facts): array
    {
        [$wide, $high] = [
            (float) ($facts['stored_wide'] ?? ($facts['wide'] ?? 0)),
            (float) ($facts['stored_high'] ?? ($facts['high'] ?? 0)),
        ];
        if (
            $wide < 1 ||
            $high < 1 ||
            preg_match('/^(\d+(?:\.\d+)?) (\d+(?:\.\d+)?)(?: |$)/', (string) ($facts['focused_at'] ?? ''), $at) !== 1
        ) {
            return [];
        }
        [$x, $y] = [(float) $at[1] / $wide - 0.5, (float) $at[2] / $high - 0.5];
        if (max(abs($x), abs($y)) > 0.5) {
            return [];
        }
        [$x, $y] = match ((int) ($facts['orientation'] ?? 1)) {
            2 => [-$x, $y],
            3 => [-$x, -$y],
            4 => [$x, -$y],
            5 => [$y, $x],
            6 => [-$y, $x],
            7 => [-$y, -$x],
            8 => [$y, -$x],
            default => [$x, $y],
        };

        return ['focus_x' => round($x, 4), 'focus_y' => round($y, 4)];
    }

    /**
     * @param  array<string, string|float>  $facts
     * @return string|null when it was taken, to the thousandth of a second, in UTC; as the clock showed it where the
     *   file does not say in which zone it was
     */
    private static function time(array $facts): ?string
    {
        $text = (string) ($facts['taken'] ?? ($facts['taken_whole'] ?? ''));
        if (preg_match('/^(\d{4}):(\d\d):(\d\d) (\d\d):(\d\d):(\d\d)(\.\d+)?([+-]\d\d:\d\d|Z)?$/', $text, $m) !== 1) {
            return null;
        }
        try {
            $zoned = ($m[8] ?? '') !== '';
            $at = new DateTimeImmutable(
                "$m[1]-$m[2]-$m[3] $m[4]:$m[5]:$m[6]".($m[7] ?? ''),
                new DateTimeZone($zoned ? $m[8] : 'UTC'),
            );

            // A clock that was never set says nothing.
            return ! Plausible::when($at, new DateTimeImmutable())
                ? null
                : $at->setTimezone(new DateTimeZone('UTC'))->format($zoned ? 'Y-m-d\TH:i:s.v\Z' : self::WALL);
        } catch (Exception) {
            return null;
        }
    }

    /** @param  list<string>  $arguments */
    private static function run(array $arguments, int $mostBytes): ?string
    {
        $process = new Process(
            ['exiftool', '-q', '-m', '-api', 'LargeFileSupport=0', ...$arguments],
            timeout: self::SECONDS,
        );
        $output = '';
        try {
            $process->run(static function (string $type, string $data) use (&$output, $mostBytes, $process): void {
                if ($type === Process::OUT && strlen($output) <= $mostBytes) {
                    $output .= $data;
                    strlen($output) > $mostBytes && $process->stop(0);
                }
            });
        } catch (ProcessTimedOutException) {
            return null;
        }

        return strlen($output) > $mostBytes || $output === '' ? null : $output;
    }
}
