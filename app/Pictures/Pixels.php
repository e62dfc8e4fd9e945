<?php

declare(strict_types=1);

namespace App\Pictures;

use Imagick;

/** A picture of which pieces are taken, as it is looked at. */
interface Pixels
{
    public function wide(): int;

    public function high(): int;

    /**
     * @param  int  $left  pixels
     *
     * @throws \ImagickException
     */
    public function piece(int $left, int $top, int $wide, int $high): Imagick;

    /**
     * All of it, or a smaller copy where one was made with it.
     *
     * @throws \ImagickException
     */
    public function copy(): Imagick;
}
