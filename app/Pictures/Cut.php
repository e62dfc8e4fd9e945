<?php

declare(strict_types=1);

namespace App\Pictures;

use Imagick;
use ImagickException;
use Symfony\Component\Process\Process;

/**
 * A piece of a picture pixel for pixel, read without the rest of it: of a JPEG only the lines of the piece are unpacked, so that
 * a picture of a hundred megapixels takes no more memory than a small one. Whoever calls this does so in a process of its own.
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
        $told = new Imagick;
        $told->pingImage("jpeg:$file");
        [$wide, $high, $turned] = [$told->getImageWidth(), $told->getImageHeight(), $told->getImageOrientation()];
        // As it is looked at.
        [$across, $down] = $turned >= 5 ? [$high, $wide] : [$wide, $high];
        [$w, $h] = [min($side, $across), min($side, $down)];
        $left = max(0, min($across - $w, (int) round(($x + 0.5) * $across - $w / 2)));
        $top = max(0, min($down - $h, (int) round(($y + 0.5) * $down - $h / 2)));
        // As it lies in the file.
        [$l, $t] = match ($turned) {
            Imagick::ORIENTATION_TOPRIGHT => [$wide - $left - $w, $top],
            Imagick::ORIENTATION_BOTTOMRIGHT => [$wide - $left - $w, $high - $top - $h],
            Imagick::ORIENTATION_BOTTOMLEFT => [$left, $high - $top - $h],
            Imagick::ORIENTATION_LEFTTOP => [$top, $left],
            Imagick::ORIENTATION_RIGHTTOP => [$top, $high - $left - $w],
            Imagick::ORIENTATION_RIGHTBOTTOM => [$wide - $top - $h, $high - $left - $w],
            Imagick::ORIENTATION_LEFTBOTTOM => [$wide - $top - $h, $left],
            default => [$left, $top],
        };
        $turned >= 5 && [$w, $h] = [$h, $w];
        $process = new Process(['djpeg', '-maxscans', (string) self::MOST_SCANS, '-pnm', '-crop', "{$w}x$h+$l+$t", $file], timeout: self::SECONDS);
        $process->run();
        // Colours for printing, say: then all of it is opened.
        if (preg_match('/^P([56])\s+(\d+)\s+(\d+)\s+255\s/', $process->getOutput(), $head) !== 1) {
            return null;
        }
        $piece = new Imagick;
        $piece->setSize((int) $head[2], (int) $head[3]);
        $piece->setFormat($head[1] === '6' ? 'rgb' : 'gray');
        $piece->setOption('depth', '8');
        $piece->readImageBlob(substr($process->getOutput(), strlen($head[0])));
        // It begins where a block of the file does, a little too far to the left.
        $piece->cropImage($w, $h, (int) $head[2] - $w, 0);
        $piece->setImagePage(0, 0, 0, 0);
        $piece->setImageOrientation($turned);
        $piece->autoOrient();
        $piece->stripImage();
        $piece->setFormat('jpeg');
        $piece->setImageFormat('jpeg');
        $piece->setImageCompressionQuality(self::QUALITY);

        return $piece->getImageBlob();
    }
}
