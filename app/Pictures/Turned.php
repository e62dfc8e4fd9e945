<?php

declare(strict_types=1);

namespace App\Pictures;

use Imagick;

/** How a picture lies in its file, and where what one looks at lies there. */
final readonly class Turned
{
    /**
     * @param  int  $how  orientation as EXIF counts it, 1 to 8; anything else is upright
     * @param  int  $fileWide  as it lies in the file, pixels
     */
    public function __construct(private int $how, private int $fileWide, private int $fileHigh)
    {
    }

    /** As it is looked at, pixels. */
    public function wide(): int
    {
        return $this->onItsSide() ? $this->fileHigh : $this->fileWide;
    }

    public function high(): int
    {
        return $this->onItsSide() ? $this->fileWide : $this->fileHigh;
    }

    /**
     * @param  int  $left  of a piece as it is looked at, pixels
     * @return array{int, int, int, int} left, top, width and height of it in the file
     */
    public function inFile(int $left, int $top, int $wide, int $high): array
    {
        [$l, $t] = match ($this->how) {
            Imagick::ORIENTATION_TOPRIGHT => [$this->fileWide - $left - $wide, $top],
            Imagick::ORIENTATION_BOTTOMRIGHT => [$this->fileWide - $left - $wide, $this->fileHigh - $top - $high],
            Imagick::ORIENTATION_BOTTOMLEFT => [$left, $this->fileHigh - $top - $high],
            Imagick::ORIENTATION_LEFTTOP => [$top, $left],
            Imagick::ORIENTATION_RIGHTTOP => [$top, $this->fileHigh - $left - $wide],
            Imagick::ORIENTATION_RIGHTBOTTOM => [$this->fileWide - $top - $high, $this->fileHigh - $left - $wide],
            Imagick::ORIENTATION_LEFTBOTTOM => [$this->fileWide - $top - $high, $left],
            default => [$left, $top],
        };

        return $this->onItsSide() ? [$l, $t, $high, $wide] : [$l, $t, $wide, $high];
    }

    /** A piece as it lies in the file, turned as it is looked at. */
    public function upright(Imagick $piece): Imagick
    {
        $piece->setImageOrientation(max(0, min(8, $this->how)));
        $piece->autoOrient();
        $piece->setImagePage(0, 0, 0, 0);

        return $piece;
    }

    private function onItsSide(): bool
    {
        return $this->how >= 5 && $this->how <= 8;
    }
}
