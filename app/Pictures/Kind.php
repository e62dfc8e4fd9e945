<?php

declare(strict_types=1);

namespace App\Pictures;

/** What a file is, by what is in it; its name says nothing. */
enum Kind: string
{
    case Jpeg = 'jpeg';
    case Tiff = 'tiff';
    case Png = 'png';
    case Webp = 'webp';
    case Heic = 'heic';
    case Raw = 'raw';

    public const MOST_MEGAPIXELS = 120;

    public const MOST_MEGABYTES = 200;

    private const LONGEST_SIDE = 30_000;

    /** Bytes within which the end mark of a JPEG is looked for: some cameras write more behind it. */
    private const TAIL = 262_144;

    private const SMALLEST = [400, 300];

    /** Brands of the files that phones write: HEIC, and AV1 still pictures. */
    private const PHONES = ['heic', 'heix', 'hevc', 'mif1', 'msf1', 'avif'];

    /** Kinds of file that are surely no raw pictures, by how they begin. */
    private const OTHERS = [
        '%PDF',
        '%!PS',
        '<svg',
        '<?xm',
        '<!DO',
        '<htm',
        'PK',
        'GIF8',
        "\x1f\x8b",
        'BM',
        '#!',
        "\x7fELF",
        'MZ',
        'Rar!',
        "7z\xbc\xaf",
    ];

    /** @throws NoPicture */
    public static function of(string $file): self
    {
        $size = @filesize($file);
        if ($size === false || $size === 0) {
            throw NoPicture::empty();
        }
        if ($size > self::MOST_MEGABYTES * 1_000_000) {
            throw NoPicture::heavy(self::MOST_MEGABYTES);
        }
        $head = (string) file_get_contents($file, length: 16);
        foreach (self::OTHERS as $other) {
            if (str_starts_with(ltrim($head), $other)) {
                throw NoPicture::unknown();
            }
        }
        $kind = match (true) {
            str_starts_with($head, "\xFF\xD8\xFF") => self::Jpeg,
            str_starts_with($head, "\x89PNG\r\n\x1a\n") => self::Png,
            str_starts_with($head, 'RIFF') && substr($head, 8, 4) === 'WEBP' => self::Webp,
            substr($head, 4, 4) === 'ftyp' && in_array(substr($head, 8, 4), self::PHONES, true) => self::Heic,
            default => null,
        };
        if ($kind !== null) {
            $kind->measure($file);
            $kind->complete($file, $size);

            return $kind;
        }
        if (str_starts_with($head, 'RIFF')) {
            throw NoPicture::unknown();
        }
        if (str_starts_with($head, "II*\0") || str_starts_with($head, "MM\0*")) {
            $told = @getimagesize($file);
            // The first picture of a raw file may be as small as a stamp; the preview is elsewhere in it.
            if ($told === false || $told[0] < self::SMALLEST[0] || $told[1] < self::SMALLEST[1]) {
                return self::Raw;
            }
            self::Tiff->measure($file);

            return self::Tiff;
        }

        return self::Raw;
    }

    /**
     * A JPEG or PNG ends with a mark, a WebP says how long it is; what is read of one that was cut off is grey from
     * there on. What phones write is read as a whole or not at all.
     *
     * @throws NoPicture if there is no such mark where it should be
     */
    private function complete(string $file, int $size): void
    {
        $tail = (string) file_get_contents($file, offset: max(0, $size - self::TAIL));
        $whole = match ($this) {
            self::Jpeg => str_contains($tail, "\xFF\xD9"),
            self::Png => str_contains($tail, 'IEND'),
            self::Webp => $size >=
                8 + (int) (unpack('V', (string) file_get_contents($file, offset: 4, length: 4))[1] ?? PHP_INT_MAX),
            default => true,
        };
        $whole || throw NoPicture::broken();
    }

    /**
     * What a phone's file says of itself, by exiftool, which opens no picture.
     *
     * @return array{int, int}|false
     */
    private static function sides(string $file): array|false
    {
        $facts = Facts::of([$file])[$file] ?? [];

        return isset($facts['wide'], $facts['high']) ? [(int) $facts['wide'], (int) $facts['high']] : false;
    }

    /** @throws NoPicture if it says that it is too large or too small */
    private function measure(string $file): void
    {
        $told = $this === self::Heic ? self::sides($file) : @getimagesize($file);
        if ($told === false) {
            throw NoPicture::broken();
        }
        [$wide, $high] = $told;
        if (max($wide, $high) > self::LONGEST_SIDE || $wide * $high > self::MOST_MEGAPIXELS * 1_000_000) {
            throw NoPicture::large($wide, $high, self::MOST_MEGAPIXELS);
        }
        if (max($wide, $high) < self::SMALLEST[0] || min($wide, $high) < self::SMALLEST[1]) {
            throw NoPicture::small($wide, $high);
        }
    }
}
