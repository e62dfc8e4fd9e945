<?php

declare(strict_types=1);

namespace App\Pictures;

use RuntimeException;
use RushHold\Words\Words;

/** A file that cannot be used as a picture, and why, for people. */
final class NoPicture extends RuntimeException
{
    /**
     * @param  string  $key  of its sentence
     * @param  array<string, int>  $facts  what goes into it
     * @param  bool  $again  whether the same file may well be read another time
     */
    public function __construct(
        private readonly string $key,
        private readonly array $facts = [],
        public readonly bool $again = false,
    ) {
        parent::__construct(Words::text($key, $facts));
    }

    /** What is kept of it, whatever language it will be read in. */
    public function kept(): string
    {
        return json_encode([$this->key, $this->facts], JSON_THROW_ON_ERROR);
    }

    /** The same again, of what was kept. */
    public static function of(string $kept): self
    {
        $read = json_decode($kept, true);
        $facts = array_filter(is_array($read[1] ?? null) ? $read[1] : [], is_int(...));

        return is_array($read) && is_string($read[0] ?? null) && Words::has($read[0])
            ? new self($read[0], array_combine(array_map(strval(...), array_keys($facts)), $facts))
            : self::broken();
    }

    /** What was kept, in the language that is spoken; sentences that were kept as such stay as they are. */
    public static function said(string $kept): string
    {
        return str_starts_with($kept, '[') ? self::of($kept)->getMessage() : $kept;
    }

    public static function empty(): self
    {
        return new self('pictures.no-picture.the-file-is-empty');
    }

    public static function unknown(): self
    {
        return new self('pictures.no-picture.this-is-no-picture-that');
    }

    public static function broken(): self
    {
        return new self('pictures.no-picture.the-picture-is-damaged-or');
    }

    public static function large(int $wide, int $high, int $mostMegapixels): self
    {
        return new self('pictures.no-picture.the-file-says-it-is', [
            'wide' => $wide,
            'high' => $high,
            'mostMegapixels' => $mostMegapixels,
        ]);
    }

    public static function small(int $wide, int $high): self
    {
        return new self('pictures.no-picture.the-picture-is-only-pixels', ['wide' => $wide, 'high' => $high]);
    }

    public static function heavy(int $mostMegabytes): self
    {
        return new self('pictures.no-picture.the-file-is-larger-than', ['mostMegabytes' => $mostMegabytes]);
    }

    public static function noPreview(): self
    {
        return new self('pictures.no-picture.there-is-no-preview-in');
    }

    public static function slow(): self
    {
        return new self('pictures.no-picture.reading-it-took-too-long', again: true);
    }

    public static function failed(): self
    {
        return new self('pictures.no-picture.it-could-not-be-read', again: true);
    }
}
