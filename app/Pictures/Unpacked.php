<?php

declare(strict_types=1);

namespace App\Pictures;

use Imagick;
use Symfony\Component\Process\Process;

/**
 * A JPEG unpacked once into a file of its own, from which pieces are read: of many megapixels only those that are
 * looked at are ever in memory.
 */
final readonly class Unpacked implements Pixels
{
    private const READING_S = 25;

    /**
     * @param  string  $small  a smaller copy of it, as PNM
     * @param  resource  $in
     */
    private function __construct(private string $small, private mixed $in, private Pnm $lies, private Turned $turned)
    {
    }

    /**
     * @param  int  $least  the longer side of its smaller copy has at least so many pixels, unless the picture has
     *   fewer
     * @return self|null nothing where its colours are such that they cannot be unpacked so
     *
     * @throws NoPicture if something of it is missing
     */
    public static function jpeg(string $file, int $least): ?self
    {
        $to = (string) tempnam(sys_get_temp_dir(), 'unpacked');
        // Both at once: each has to read all of it.
        $all = new Process(
            ['djpeg', '-maxscans', (string) Whole::MOST_SCANS, '-pnm', '-outfile', $to, $file],
            timeout: self::READING_S,
        );
        $all->start();
        try {
            $small = Whole::jpeg($file, $least);
            $all->wait();
            $in = fopen($to, 'rb');
        } finally {
            $all->stop(0);
            // It is gone when nobody has it open any more.
            @unlink($to);
        }
        $lies = $in === false ? null : Pnm::of((string) fread($in, Pnm::HEAD_BYTES));
        if (
            $small === null ||
            $in === false ||
            $lies === null ||
            fstat($in)['size'] < $lies->from + $lies->wide * $lies->high * $lies->bytes
        ) {
            return null;
        }
        $told = new Imagick();
        $told->pingImage("jpeg:$file");

        return new self($small, $in, $lies, new Turned($told->getImageOrientation(), $lies->wide, $lies->high));
    }

    public function wide(): int
    {
        return $this->turned->wide();
    }

    public function high(): int
    {
        return $this->turned->high();
    }

    public function piece(int $left, int $top, int $wide, int $high): Imagick
    {
        [$l, $t, $w, $h] = $this->turned->inFile($left, $top, $wide, $high);
        $pixels = '';
        for ($line = $t; $line < $t + $h; $line++) {
            fseek($this->in, $this->lies->from + ($line * $this->lies->wide + $l) * $this->lies->bytes);
            $pixels .= fread($this->in, max(1, $w * $this->lies->bytes));
        }

        return $this->turned->upright($this->lies->picture($pixels, $w, $h));
    }

    public function copy(): Imagick
    {
        $lies = Pnm::of(substr($this->small, 0, Pnm::HEAD_BYTES)) ?? throw NoPicture::broken();

        return $this->turned->upright($lies->picture(substr($this->small, $lies->from), $lies->wide, $lies->high));
    }
}
