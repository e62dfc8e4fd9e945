<?php

declare(strict_types=1);

namespace App\Camera;

use Imagick;
use ImagickPixel;

/**
 * Chances of our own, made from a seed, and pictures of them: patches, streaks and veins in grey, and the grain of a
 * sensor.
 */
final class Canvas
{
    private const MODULUS = 0x7FFFFFFF;

    private const WHITE = 65535;

    /** Cells are taken from one field of chances with so many a side. */
    private const FIELD = 256;

    /** What making cells larger takes from their contrast, given back. */
    private const STRETCH = 0.3;

    /** Pixels across a cell where it is made. */
    private const FINE = 3.0;

    private ?Imagick $field = null;

    public function __construct(private int $seed)
    {
        $this->seed = max(1, $seed % self::MODULUS);
    }

    /** Evenly between 0 and 1. */
    public function chance(): float
    {
        $this->seed = ($this->seed * 48271) % self::MODULUS;

        return $this->seed / self::MODULUS;
    }

    /**
     * Soft cells of light and dark around a middle grey: round they are patches, long they are streaks.
     *
     * @param  float  $across  size of a cell in pixels
     * @param  float  $down  the same
     * @param  float  $degrees  by which they are turned
     */
    public function cells(int $wide, int $high, float $across, float $down, float $degrees = 0.0): Imagick
    {
        // Soft as they are, a small picture of them is enough.
        $by = max(1.0, min($across, $down) / self::FINE);
        [$smallX, $smallY] = [(int) ceil($wide / $by), (int) ceil($high / $by)];
        $angle = abs(deg2rad($degrees));
        $roomX = (int) ceil($smallX * cos($angle) + $smallY * sin($angle)) + 2;
        $roomY = (int) ceil($smallX * sin($angle) + $smallY * cos($angle)) + 2;
        $cells = $this->some(
            max(2, (int) ceil(($roomX * $by) / max(1.0, $across))),
            max(2, (int) ceil(($roomY * $by) / max(1.0, $down))),
        );
        $cells->resizeImage($roomX, $roomY, Imagick::FILTER_CUBIC, 1);
        if ($degrees !== 0.0) {
            $cells->rotateImage(new ImagickPixel('gray50'), $degrees);
            $cells->setImagePage(0, 0, 0, 0);
        }
        $cells->cropImage(
            $smallX,
            $smallY,
            intdiv($cells->getImageWidth() - $smallX, 2),
            intdiv($cells->getImageHeight() - $smallY, 2),
        );
        $cells->setImagePage(0, 0, 0, 0);
        self::within($cells, self::STRETCH, 1 - self::STRETCH);
        ($cells->getImageWidth() === $wide && $cells->getImageHeight() === $high) ||
            $cells->resizeImage($wide, $high, Imagick::FILTER_TRIANGLE, 1);

        return $cells;
    }

    /** Thin bright lines where cells pass through grey. */
    public function veins(int $wide, int $high, float $across, float $down, float $degrees, float $thin): Imagick
    {
        $veins = $this->cells($wide, $high, $across, $down, $degrees);
        $veins->solarizeImage(intdiv(self::WHITE, 2));
        self::within($veins, 0.5 - $thin, 0.5);

        return $veins;
    }

    /** What is darker than the first share of white becomes black, what is lighter than the second white. */
    public static function within(Imagick $grey, float $from, float $to): void
    {
        // Faster than levelling, which raises each to a power.
        $grey->functionImage(Imagick::FUNCTION_POLYNOMIAL, [1 / ($to - $from), -$from / ($to - $from)]);
    }

    /** Grain around a middle grey, of the standard deviation as a share of white. */
    public function grain(int $wide, int $high, float $deviation): Imagick
    {
        return $this->patches($wide, $high, ($deviation * sqrt(12)) / 2, true);
    }

    /** Adds what is lighter than a middle grey and takes away what is darker; so much of it. */
    public static function add(Imagick $picture, Imagick $grain, float $share = 1.0): void
    {
        $picture->setImageArtifact('compose:args', sprintf('0,%.4F,1,%.4F', $share, -$share / 2));
        $picture->compositeImage($grain, Imagick::COMPOSITE_MATHEMATICS, 0, 0);
    }

    /** So many cells, each a pixel, from a place by chance in the field. */
    private function some(int $across, int $down): Imagick
    {
        $this->field ??= $this->patches(self::FIELD, self::FIELD, 0.5);
        $from = clone $this->field;
        $from->rollImage((int) (self::FIELD * $this->chance()), (int) (self::FIELD * $this->chance()));
        if ($across <= self::FIELD && $down <= self::FIELD) {
            $from->cropImage($across, $down, 0, 0);
            $from->setImagePage(0, 0, 0, 0);

            return $from;
        }
        $whole = new Imagick();
        $whole->newImage($across, $down, new ImagickPixel('gray50'));
        $whole->setImageColorspace(Imagick::COLORSPACE_SRGB);
        $made = $whole->textureImage($from);
        $whole->clear();
        $from->clear();

        return $made;
    }

    /** @param  bool  $round  sums of several chances, as a sensor's grain is */
    private function patches(int $wide, int $high, float $reach, bool $round = false): Imagick
    {
        $values = [];
        for ($i = $wide * $high; $i > 0; $i--) {
            $chance = $round
                ? $this->chance() + $this->chance() + $this->chance() + $this->chance() - 2
                : 2 * $this->chance() - 1;
            $values[] = max(0.0, min(1.0, 0.5 + $reach * $chance));
        }
        $picture = new Imagick();
        $picture->newImage($wide, $high, new ImagickPixel('gray50'));
        $picture->setImageColorspace(Imagick::COLORSPACE_SRGB);
        $picture->importImagePixels(0, 0, $wide, $high, 'I', Imagick::PIXEL_FLOAT, $values);

        return $picture;
    }
}
