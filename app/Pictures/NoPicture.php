<?php

declare(strict_types=1);

namespace App\Pictures;

use RuntimeException;
use RushHold\Words\Words;

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
        return new self(Words::text('pictures.no-picture.the-file-is-empty'));
    }

    public static function unknown(): self
    {
        return new self(Words::text('pictures.no-picture.this-is-no-picture-that'));
    }

    public static function broken(): self
    {
        return new self(Words::text('pictures.no-picture.the-picture-is-damaged-or'));
    }

    public static function large(int $wide, int $high, int $mostMegapixels): self
    {
        return new self(
            Words::text('pictures.no-picture.the-file-says-it-is', [
                'wide' => $wide,
                'high' => $high,
                'mostMegapixels' => $mostMegapixels,
            ]),
        );
    }

    public static function small(int $wide, int $high): self
    {
        return new self(
            Words::text('pictures.no-picture.the-picture-is-only-pixels', ['wide' => $wide, 'high' => $high]),
        );
    }

    public static function heavy(int $mostMegabytes): self
    {
        return new self(
            Words::text('pictures.no-picture.the-file-is-larger-than', ['mostMegabytes' => $mostMegabytes]),
        );
    }

    public static function noPreview(): self
    {
        return new self(Words::text('pictures.no-picture.there-is-no-preview-in'));
    }

    public static function slow(): self
    {
        return new self(Words::text('pictures.no-picture.reading-it-took-too-long'), true);
    }

    public static function failed(): self
    {
        return new self(Words::text('pictures.no-picture.it-could-not-be-read'), true);
    }
}
