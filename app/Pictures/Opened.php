<?php

declare(strict_types=1);

namespace App\Pictures;

use Imagick;
use ImagickException;
use ImagickPixel;

/** A picture that is in memory as a whole. */
final readonly class Opened implements Pixels
{
    /** @throws ImagickException */
    public function __construct(private Imagick $picture)
    {
        $picture->autoOrient();
        $picture->setImagePage(0, 0, 0, 0);
        // What is clear in a picture from a screen is seen before grey.
        if ($picture->getImageAlphaChannel()) {
            $picture->setImageBackgroundColor(new ImagickPixel('gray'));
            $picture->setImageAlphaChannel(Imagick::ALPHACHANNEL_REMOVE);
        }
        $picture->setImageAlphaChannel(Imagick::ALPHACHANNEL_DEACTIVATE);
    }

    public function wide(): int
    {
        return $this->picture->getImageWidth();
    }

    public function high(): int
    {
        return $this->picture->getImageHeight();
    }

    public function piece(int $left, int $top, int $wide, int $high): Imagick
    {
        $piece = $this->picture->getImageRegion($wide, $high, $left, $top);
        $piece->setImagePage(0, 0, 0, 0);

        return $piece;
    }

    public function copy(): Imagick
    {
        return clone $this->picture;
    }
}
