<?php

declare(strict_types=1);

namespace RushHold\Roll;

/** A frame by what its file says of it: when, with what, and how it was set. */
final readonly class Taken
{
    /**
     * @param  string  $name  of the file
     * @param  float|null  $atS  when it was taken, seconds since 1970; null where the file does not say
     * @param  float|null  $writtenS  when the file was last written, seconds since 1970; null: not known
     * @param  string  $body  empty where the file does not say
     * @param  float|null  $distanceM  what it was focused at, or the subject was away
     */
    public function __construct(
        public string $name,
        public ?float $atS,
        public ?float $writtenS = null,
        public string $body = '',
        public ?float $shutterS = null,
        public ?float $focalMm = null,
        public ?float $distanceM = null,
    ) {
    }

    /** What stands before the number in its name: the same for the frames of one body. */
    public function series(): string
    {
        return preg_replace('/\d+$/', '', $this->stem()) ?? '';
    }

    /** The number its name ends with; null where there is none. */
    public function number(): ?int
    {
        return preg_match('/(\d{1,9})$/', $this->stem(), $found) === 1 ? (int) $found[1] : null;
    }

    private function stem(): string
    {
        return pathinfo($this->name, PATHINFO_FILENAME);
    }
}
