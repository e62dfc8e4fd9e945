<?php

declare(strict_types=1);

namespace App\Pictures;

use Imagick;

/** What `djpeg` gives: a few words, then a byte for each colour of each pixel, line after line. */
final readonly class Pnm
{
    /** More than its few words are long. */
    public const HEAD_BYTES = 64;

    /**
     * @param  int  $bytes  of a pixel: one of grey, three of colours
     * @param  int  $from  where the pixels begin
     */
    private function __construct(public int $wide, public int $high, public int $bytes, public int $from)
    {
    }

    /** @return self|null nothing where it is none */
    public static function of(string $head): ?self
    {
        return preg_match('/^P([56])\s+(\d+)\s+(\d+)\s+255\s/', $head, $m) === 1
            ? new self((int) $m[2], (int) $m[3], $m[1] === '6' ? 3 : 1, strlen($m[0]))
            : null;
    }

    /**
     * @param  string  $pixels  of a piece of it, line after line
     *
     * @throws \ImagickException
     */
    public function picture(string $pixels, int $wide, int $high): Imagick
    {
        $picture = new Imagick();
        $picture->setSize($wide, $high);
        $picture->setFormat($this->bytes === 3 ? 'rgb' : 'gray');
        $picture->setOption('depth', '8');
        $picture->readImageBlob($pixels);
        $picture->setFormat('jpeg');

        return $picture;
    }
}
