<?php

declare(strict_types=1);

namespace App\Pictures;

use RuntimeException;

/** A file that cannot be used as a picture, and why, for people. */
final class NoPicture extends RuntimeException
{
    /** Whether the same file may well be read another time. */
    public readonly bool $again;

    public function __construct(string $message, bool $again = false)
    {
        parent::__construct($message);
        $this->again = $again;
    }

    public static function empty(): self
    {
        return new self('The file is empty.');
    }

    public static function unknown(): self
    {
        return new self(
            'This is no picture that can be read: JPEG, PNG, WebP, HEIC, TIFF, or a raw file with a preview in it.',
        );
    }

    public static function broken(): self
    {
        return new self('The picture is damaged or cut off.');
    }

    public static function large(int $wide, int $high, int $mostMegapixels): self
    {
        return new self(
            "The file says it is $wide × $high pixels; at most $mostMegapixels megapixels and 30 000 pixels a side are read.",
        );
    }

    public static function small(int $wide, int $high): self
    {
        return new self("The picture is only $wide × $high pixels; at least 400 × 300 are needed to measure anything.");
    }

    public static function heavy(int $mostMegabytes): self
    {
        return new self("The file is larger than $mostMegabytes MB.");
    }

    public static function noPreview(): self
    {
        return new self(
            'There is no preview in this raw file that is large enough to measure. Give a JPEG made from it.',
        );
    }

    public static function slow(): self
    {
        return new self('Reading it took too long, so it was given up.', true);
    }

    public static function failed(): self
    {
        return new self('It could not be read just now.', true);
    }
}
