<?php

declare(strict_types=1);

namespace App\Camera;

use Imagick;
use ImagickPixel;

/** Textures of our own, made from a seed: what stands behind, what grows on the ground, and the grain of a sensor. */
final class Canvas
{
    /** Of two pictures: the sum, less a middle grey. */
    public const ADDING = '0,1,1,-0.5';

    private const MODULUS = 0x7FFFFFFF;

    /** Patches from large to small, as shares of the canvas; the finest are a few pixels. */
    private const OCTAVES = [6, 14, 34, 80];

    /** Leaves and stones, from large to small, so many across. */
    private const LEAVES = [24, 64, 150];

    /** By which the picture of the patches is smaller. */
    private const SOFT = 4;

    /** Patches of each size are turned by so much more, degrees. */
    private const TURN = 33.0;

    /** Clouds are so many times as wide as they are high. */
    private const CLOUDS = 2.2;

    /** How much lighter or darker they are, as a share of white. */
    private const LEAF = 0.24;

    public function __construct(private int $seed)
    {
        $this->seed = max(1, $seed % self::MODULUS);
    }

    /** Evenly between 0 and 1. */
    public function chance(): float
    {
        $this->seed = $this->seed * 48271 % self::MODULUS;

        return $this->seed / self::MODULUS;
    }

    /**
     * Patches of light and dark between two colours, with leaves and stones before them unless it is sky.
     *
     * @param  float  $share  of a whole frame that this is to be: what is seen of it is the larger
     */
    public function grown(int $wide, int $high, string $low, string $top, float $texture, float $share = 1.0, bool $sky = false): Imagick
    {
        // Patches are soft, so that a small picture of them is enough.
        $picture = new Imagick;
        $picture->newPseudoImage((int) ceil($wide / self::SOFT), (int) ceil($high / self::SOFT), "gradient:$top-$low");
        $picture->setImageColorspace(Imagick::COLORSPACE_SRGB);
        foreach (self::OCTAVES as $i => $across) {
            $count = max(2, (int) round($across * $share));
            $patches = $this->patches($count, max(2, (int) round($count * $high / $wide)), 0.5, 0.24 * $texture / (1 + 0.35 * $i));
            $this->askew($patches, $picture->getImageWidth(), $picture->getImageHeight(), self::TURN * ($i + 1), $sky ? self::CLOUDS : 1.0);
            $this->add($picture, $patches);
            $patches->clear();
        }
        $picture->resizeImage($wide, $high, Imagick::FILTER_TRIANGLE, 1);
        if ($sky) {
            return $picture;
        }
        // Leaves and stones: what of finer patches stands out, with an edge a pixel wide.
        foreach (self::LEAVES as $i => $across) {
            $count = max(2, (int) round($across * $share));
            $leaves = $this->patches($count, max(2, (int) round($count * $high / $wide)), 0.5, 0.5);
            $leaves->resizeImage($wide, $high, Imagick::FILTER_CUBIC, 1);
            $edge = 0.2 * 65535 * $count / $wide;
            $cut = 65535 * (0.56 + 0.04 * $i);
            $leaves->levelImage($cut - $edge, 1.0, $cut + $edge);
            $i % 2 === 0 || $leaves->negateImage(false);
            $leaves->evaluateImage(Imagick::EVALUATE_MULTIPLY, self::LEAF * $texture);
            $leaves->evaluateImage(Imagick::EVALUATE_ADD, 65535 * (0.5 - ($i % 2) * self::LEAF * $texture));
            $this->add($picture, $leaves);
            $leaves->clear();
        }

        return $picture;
    }

    /** Makes patches as large as a picture, turned, so that nobody sees the grid they come from. */
    private function askew(Imagick $patches, int $wide, int $high, float $degrees, float $flat): void
    {
        $side = (int) ceil(hypot($wide, $high * $flat));
        $patches->resizeImage($side, $side, Imagick::FILTER_GAUSSIAN, 1.3);
        $patches->rotateImage(new ImagickPixel('gray50'), $degrees);
        $patches->cropImage($wide, (int) ceil($high * $flat), intdiv($patches->getImageWidth() - $wide, 2), intdiv($patches->getImageHeight() - (int) ceil($high * $flat), 2));
        $patches->setImagePage(0, 0, 0, 0);
        $patches->resizeImage($wide, $high, Imagick::FILTER_TRIANGLE, 1);
    }

    /** Grain around a middle grey, of the standard deviation as a share of white. */
    public function grain(int $wide, int $high, float $deviation): Imagick
    {
        return $this->patches($wide, $high, 0.5, $deviation * sqrt(12) / 2, true);
    }

    /** Adds what is lighter than a middle grey and takes away what is darker. */
    public function add(Imagick $picture, Imagick $grain): void
    {
        $picture->setImageArtifact('compose:args', self::ADDING);
        $picture->compositeImage($grain, Imagick::COMPOSITE_MATHEMATICS, 0, 0);
    }

    /** @param  bool  $round  sums of several chances, as a sensor's grain is */
    private function patches(int $wide, int $high, float $middle, float $reach, bool $round = false): Imagick
    {
        $values = [];
        for ($i = $wide * $high; $i > 0; $i--) {
            $chance = $round ? 2 * ($this->chance() + $this->chance() + $this->chance() + $this->chance() - 2) / 2 : 2 * $this->chance() - 1;
            $values[] = max(0.0, min(1.0, $middle + $reach * $chance));
        }
        $picture = new Imagick;
        $picture->newImage($wide, $high, new ImagickPixel('gray50'));
        $picture->setImageColorspace(Imagick::COLORSPACE_SRGB);
        $picture->importImagePixels(0, 0, $wide, $high, 'I', Imagick::PIXEL_FLOAT, $values);

        return $picture;
    }
}
