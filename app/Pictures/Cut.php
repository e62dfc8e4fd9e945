<?php

declare(strict_types=1);

namespace App\Pictures;

use Imagick;
use ImagickException;
use Symfony\Component\Process\Process;

/**
 * A piece of a picture pixel for pixel, read without the rest of it: of a JPEG only the lines of the piece are
 * unpacked, so that a picture of a hundred megapixels takes no more memory than a small one. Whoever calls this does so
 * in a process of its own.
 */
final class Cut
{
    private const QUALITY = 92;

    /** Scans of one picture that are read: a hostile file has thousands. */
    private const MOST_SCANS = 100;

    private const SECONDS = 20;

    /**
     * @param  float  $x  of its middle, in widths from the centre of the picture as it is looked at
     * @param  float  $y  in heights, down
     * @param  int  $side  pixels
     * @return string as JPEG
     *
     * @throws NoPicture
     */
    public static function around(string $file, float $x, float $y, int $side): string
    {
        if (Kind::of($file) !== Kind::Jpeg) {
            return (new Sight($file))->around($x, $y, $side);
        }
        try {
            return self::cut($file, $x, $y, $side) ?? (new Sight($file))->around($x, $y, $side);
        } catch (ImagickException) {
            throw NoPicture::broken();
        }
    }

    /** @throws ImagickException */
    private static function cut(string $file, float $x, float $y, int $side): ?string
    {
        $told = new Imagick();
        $told->pingImage("jpeg:$file");
        $turned = new Turned($told->getImageOrientation(), $told->getImageWidth(), $told->getImageHeight());
        [$across, $down] = [min($side, $turned->wide()), min($side, $turned->high())];
        $left = max(0, min($turned->wide() - $across, (int) round(($x + 0.5) * $turned->wide() - $across / 2)));
        $top = max(0, min($turned->high() - $down, (int) round(($y + 0.5) * $turned->high() - $down / 2)));
        [$l, $t, $w, $h] = $turned->inFile($left, $top, $across, $down);
        $process = new Process(
            ['djpeg', '-maxscans', (string) self::MOST_SCANS, '-pnm', '-crop', "{$w}x$h+$l+$t", $file],
            timeout: self::SECONDS,
        );
        $process->run();
        // Colours for printing, say: then all of it is opened.
        $lies = Pnm::of(substr($process->getOutput(), 0, Pnm::HEAD_BYTES));
        if ($lies === null) {
            return null;
        }
        $piece = $lies->picture(substr($process->getOutput(), $lies->from), $lies->wide, $lies->high);
        // It begins where a block of the file does, a little too far to the left.
        $piece->cropImage($w, $h, $lies->wide - $w, 0);
        $piece->setImagePage(0, 0, 0, 0);
        $turned->upright($piece);
        $piece->stripImage();
        $piece->setImageFormat('jpeg');
        $piece->setImageCompressionQuality(self::QUALITY);

        return $piece->getImageBlob();
    }
}
