<?php

declare(strict_types=1);

namespace App\Pictures;

/** What a file is, by what is in it; its name says nothing. */
enum Kind: string
{
    case Jpeg = 'jpeg';
    case Tiff = 'tiff';
    case Raw = 'raw';

    public const MOST_MEGAPIXELS = 120;

    public const MOST_MEGABYTES = 200;

    private const LONGEST_SIDE = 30_000;

    /** Bytes within which the end mark of a JPEG is looked for: some cameras write more behind it. */
    private const TAIL = 262_144;

    private const SMALLEST = [400, 300];

    /** Kinds of file that are surely no raw pictures, by how they begin. */
    private const OTHERS = ['%PDF', '%!PS', '<svg', '<?xm', '<!DO', '<htm', 'PK', 'GIF8', "\x89PNG", 'RIFF', "\x1f\x8b", 'BM', '#!', "\x7fELF", 'MZ', 'Rar!', "7z\xbc\xaf"];

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
        if (str_starts_with($head, "\xFF\xD8\xFF")) {
            self::measure($file);
            self::complete($file, $size);

            return self::Jpeg;
        }
        if (str_starts_with($head, "II*\0") || str_starts_with($head, "MM\0*")) {
            $told = @getimagesize($file);
            // The first picture of a raw file may be as small as a stamp; the preview is elsewhere in it.
            if ($told === false || $told[0] < self::SMALLEST[0] || $told[1] < self::SMALLEST[1]) {
                return self::Raw;
            }
            self::measure($file);

            return self::Tiff;
        }

        return self::Raw;
    }

    /**
     * A JPEG ends with a mark; what is read of one that was cut off is grey from there on.
     *
     * @throws NoPicture if there is no such mark where it should be
     */
    private static function complete(string $file, int $size): void
    {
        $tail = (string) file_get_contents($file, offset: max(0, $size - self::TAIL));
        if (! str_contains($tail, "\xFF\xD9")) {
            throw NoPicture::broken();
        }
    }

    /** @throws NoPicture if it says that it is too large or too small */
    private static function measure(string $file): void
    {
        $told = @getimagesize($file);
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
