<?php

declare(strict_types=1);

namespace App\Camera;

use Imagick;
use ImagickDraw;
use ImagickPixel;
use RushHold\Kit\Detection;
use RushHold\Light\Surface;
use RushHold\Rush\Figure;
use RushHold\Rush\Rush;

/**
 * What a frame may show behind and below its subject: tones from shadow to light, and cells, streaks and veins that
 * make them.
 */
enum Scenery: string
{
    case Sky = 'sky';
    case Sea = 'sea';
    case Wood = 'wood';
    case Cliff = 'cliff';
    case Meadow = 'meadow';
    case Sand = 'sand';
    case Rock = 'rock';
    case Asphalt = 'asphalt';
    case Mud = 'mud';
    case Course = 'course';

    /** A blade of grass is so wide as a share of a whole frame. */
    private const BLADE = 1 / 260;

    /** What is far off is so much finer than what is near. */
    private const RECEDES = 0.45;

    /** Steps between the tones. */
    private const TONES = 256;

    /** What is large is put together on a picture so much smaller. */
    private const SMALL = 3.0;

    private const TAPES = ['#e9e4d6', '#b5452f'];

    /** What spectators wear, seen from afar. */
    private const CROWD = ['#7a4038', '#46556e', '#8a8577', '#37413b', '#9a7a3c', '#5b4a63', '#b3aca0', '#2e3138'];

    /** What the subject stands or runs on. */
    public static function below(Rush $rush): self
    {
        return match (self::swims($rush->subject->figure) ? Surface::Water : $rush->scene->surface) {
            Surface::Water => self::Sea,
            Surface::Sand => self::Sand,
            Surface::Rock => self::Rock,
            Surface::Asphalt => self::Asphalt,
            default => self::muddy($rush->subject->figure) ? self::Mud : self::Meadow,
        };
    }

    /** What rises behind it. */
    public static function behind(Rush $rush): self
    {
        return match (true) {
            $rush->scene->surface === Surface::Water => self::Sea,
            $rush->scene->surface === Surface::Rock => self::Cliff,
            in_array($rush->subject->figure->kind(), [Detection::Person, Detection::Vehicle], true) => self::Course,
            default => self::Wood,
        };
    }

    private static function swims(Figure $figure): bool
    {
        return in_array(
            $figure,
            [
                Figure::SwimmingBird,
                Figure::DuckSwimming,
                Figure::WaterMammal,
                Figure::Dolphin,
                Figure::Whale,
                Figure::Seal,
                Figure::Otter,
                Figure::PenguinLeaping,
                Figure::Swimmer,
                Figure::ButterflyStroke,
                Figure::Surfer,
                Figure::KiteSurfer,
                Figure::Kayak,
                Figure::Boat,
                Figure::RowingBoat,
                Figure::SailingBoat,
            ],
            true,
        );
    }

    private static function muddy(Figure $figure): bool
    {
        return in_array(
            $figure,
            [Figure::Carrying, Figure::Rider, Figure::RiderStanding, Figure::Motocross, Figure::Bmx],
            true,
        );
    }

    /**
     * A picture of it.
     *
     * @param  float  $texture  how much detail there is, 0 to 1
     * @param  float  $share  of a whole frame that this is to be: what is seen of it is the larger
     */
    public function picture(Canvas $chances, int $wide, int $high, float $texture, float $share): Imagick
    {
        $grey = $this->grey($chances, $wide, $high, $share);
        if ($this->recedes()) {
            $far = clone $grey;
            $far->resizeImage($wide, (int) ceil($high * self::RECEDES), Imagick::FILTER_TRIANGLE, 1);
            $this->fade($grey, $far);
            $far->clear();
        }
        $this->tint($grey, $texture);
        $this === self::Course && $this->course($grey, $chances, $share);

        return $grey;
    }

    /** @return non-empty-list<string> from shadow to light */
    private function tones(): array
    {
        return match ($this) {
            self::Sky => ['#8d9dab', '#a3b1bd', '#b9c3ca', '#d3d8da', '#eef0ee'],
            self::Sea => ['#31434e', '#456070', '#5d7b8a', '#8aa2ac', '#e2ebec'],
            self::Wood => ['#1d2119', '#343a28', '#525a3a', '#76794f', '#b5b083'],
            self::Cliff => ['#3b3833', '#5d5850', '#7c766a', '#9b9485', '#c9c2b0'],
            self::Meadow => ['#2b311c', '#4a5330', '#68703f', '#8c8b57', '#bcb27c'],
            self::Sand => ['#8d7a5e', '#a8946f', '#bda984', '#cfbd99', '#e6d8ba'],
            self::Rock => ['#3d3c3a', '#615e59', '#827d75', '#a19b90', '#cbc5b8'],
            self::Asphalt => ['#3c3d40', '#505154', '#636467', '#78797b', '#a5a6a6'],
            self::Mud => ['#2a221a', '#453829', '#63513b', '#7f6b50', '#b3a58a'],
            self::Course => ['#23281f', '#3b4331', '#57603f', '#767c59', '#a9a888'],
        };
    }

    /** Whether it lies flat, so that it is finer the farther off it is. */
    private function recedes(): bool
    {
        return in_array($this, [self::Sea, self::Meadow, self::Sand, self::Rock, self::Asphalt, self::Mud], true);
    }

    private function grey(Canvas $chances, int $wide, int $high, float $share): Imagick
    {
        $textures = $this->textures(max(1.2, ($wide * self::BLADE) / $share), $wide / $share);
        // What is large is put together in a small picture.
        $grey = self::blank((int) ceil($wide / self::SMALL), (int) ceil($high / self::SMALL));
        foreach (array_filter($textures, static fn (Texture $texture): bool => $texture->isLarge()) as $texture) {
            $texture->on($grey, $chances, self::SMALL);
        }
        $grey->resizeImage($wide, $high, Imagick::FILTER_TRIANGLE, 1);
        foreach (array_filter($textures, static fn (Texture $texture): bool => ! $texture->isLarge()) as $texture) {
            $texture->on($grey, $chances);
        }

        return $grey;
    }

    private static function blank(int $wide, int $high): Imagick
    {
        $blank = new Imagick();
        $blank->newImage($wide, $high, new ImagickPixel('gray50'));
        $blank->setImageColorspace(Imagick::COLORSPACE_SRGB);

        return $blank;
    }

    /**
     * From what is large to what is small.
     *
     * @param  float  $blade  width of a blade of grass, pixels
     * @param  float  $whole  width of the whole frame, pixels
     * @return list<Texture>
     */
    private function textures(float $blade, float $whole): array
    {
        return match ($this) {
            self::Sky => array_map(
                static fn (int $i): Texture => Texture::cells(
                    0.46 / 1.75 ** $i,
                    $whole / (2.2 * 2.1 ** $i),
                    $whole / (4.6 * 2.1 ** $i),
                ),
                range(0, 4),
            ),
            self::Sea => [
                Texture::cells(0.16, $whole / 2.4, $whole / 14, 2.0),
                Texture::cells(0.2, $whole / 7, $whole / 45, -3.0),
                Texture::cells(0.22, 15 * $blade, 3.2 * $blade, 2.0, 0.3),
                Texture::cells(0.2, 6 * $blade, 1.5 * $blade, -2.0, 0.25),
                Texture::spots(7 * $blade, 1.3 * $blade, 0.9, 0.55),
            ],
            self::Wood => [
                Texture::cells(0.3, $whole / 3, $whole / 4),
                Texture::cells(0.24, $whole / 11, 2 * $whole, 2.0, 0.2),
                Texture::cells(0.12, $whole / 30, 2 * $whole, -3.0, 0.15),
                Texture::cells(0.26, $whole / 16, $whole / 20, 20.0),
                Texture::edged(0.2, 5 * $blade, 4 * $blade, 33.0),
                Texture::edged(0.18, 2.2 * $blade, 1.8 * $blade, -20.0),
                Texture::spots(3.4 * $blade, 3 * $blade, 0.9, 0.4),
            ],
            self::Course => [
                Texture::cells(0.3, $whole / 3, $whole / 3),
                Texture::cells(0.28, $whole / 14, $whole / 12, 15.0),
                Texture::edged(0.22, 6 * $blade, 5 * $blade, 33.0),
                Texture::cells(0.16, 2 * $blade, 2 * $blade, 12.0, 0.3),
            ],
            self::Meadow => [
                Texture::cells(0.26, $whole / 2.5, $whole / 9),
                Texture::cells(0.2, $whole / 9, $whole / 26, 4.0),
                Texture::edged(0.26, 1.5 * $blade, 15 * $blade, 9.0),
                Texture::edged(0.26, 1.2 * $blade, 11 * $blade, -13.0),
                Texture::edged(0.18, 0.8 * $blade, 7 * $blade, 24.0),
            ],
            self::Sand => [
                Texture::cells(0.2, $whole / 2, $whole / 12),
                Texture::cells(0.2, 26 * $blade, 4 * $blade, 5.0, 0.35),
                Texture::cells(0.18, 0.7 * $blade, 0.7 * $blade, 0.0, 0.3),
                Texture::spots(2 * $blade, 1.2 * $blade, 0.95, -0.3),
            ],
            self::Rock, self::Cliff => [
                Texture::cells(0.3, $whole / 3, $whole / 6, 12.0),
                Texture::cells(0.3, $whole / 12, $whole / 26, $this === self::Rock ? 8.0 : 55.0),
                Texture::cracks($whole / 16, $whole / 30, 0.4),
                Texture::cells(0.16, 7 * $blade, 3.5 * $blade, 17.0, 0.3),
                Texture::cells(0.16, 2.6 * $blade, 1.6 * $blade, -24.0, 0.25),
                Texture::cells(0.16, 0.9 * $blade, 0.9 * $blade, 0.0, 0.3),
            ],
            self::Asphalt => [
                Texture::cells(0.16, $whole / 2, $whole / 12),
                Texture::cracks($whole / 4, $whole / 9, 0.25),
                Texture::cells(0.18, 1.1 * $blade, 0.8 * $blade, 0.0, 0.3),
                Texture::cells(0.12, 0.6 * $blade, 0.6 * $blade),
            ],
            self::Mud => [
                Texture::cells(0.24, $whole / 2.5, $whole / 12),
                Texture::cells(0.26, 16 * $blade, 5 * $blade, 6.0, 0.2),
                Texture::edged(0.24, 4 * $blade, 2 * $blade, -14.0),
                Texture::cells(0.16, 1.2 * $blade, $blade, 20.0, 0.3),
                Texture::spots(17 * $blade, 3 * $blade, 0.86, 0.28),
            ],
        };
    }

    /** Lays what is far off over the upper part, fading downwards. */
    private function fade(Imagick $near, Imagick $far): void
    {
        $mask = new Imagick();
        $mask->newPseudoImage($far->getImageWidth(), $far->getImageHeight(), 'gradient:white-black');
        $far->setImageAlphaChannel(Imagick::ALPHACHANNEL_ACTIVATE);
        $far->compositeImage($mask, Imagick::COMPOSITE_COPYOPACITY, 0, 0);
        $near->compositeImage($far, Imagick::COMPOSITE_OVER, 0, 0);
        $mask->clear();
    }

    /** From grey to its tones; the less texture, the closer they stand together. */
    private function tint(Imagick $grey, float $texture): void
    {
        $contrast = 0.45 + 0.75 * $texture;
        Canvas::within($grey, 0.5 - 0.5 / $contrast, 0.5 + 0.5 / $contrast);
        $tones = new Imagick();
        $tones->newImage(count($this->tones()), 1, new ImagickPixel('black'));
        $tones->setImageColorspace(Imagick::COLORSPACE_SRGB);
        $draw = new ImagickDraw();
        foreach ($this->tones() as $i => $tone) {
            $draw->setFillColor(new ImagickPixel($tone));
            $draw->point($i, 0);
        }
        $tones->drawImage($draw);
        $tones->resizeImage(self::TONES, 1, Imagick::FILTER_TRIANGLE, 1);
        $grey->setImageType(Imagick::IMGTYPE_TRUECOLOR);
        $grey->clutImage($tones);
        $tones->clear();
        if ($this === self::Sky) {
            // Paler towards the ground.
            $haze = new Imagick();
            $haze->newPseudoImage($grey->getImageWidth(), $grey->getImageHeight(), 'gradient:#75808a-#858483');
            Canvas::add($grey, $haze);
            $haze->clear();
        }
    }

    /** People along a tape that is drawn from post to post. */
    private function course(Imagick $picture, Canvas $chances, float $share): void
    {
        [$wide, $high, $whole] = [
            $picture->getImageWidth(),
            $picture->getImageHeight(),
            $picture->getImageWidth() / $share,
        ];
        $draw = new ImagickDraw();
        $box = static function (float $x, float $y, float $across, float $down, string $colour) use ($draw): void {
            $draw->setFillColor(new ImagickPixel($colour));
            $draw->roundRectangle(
                round($x, 2),
                round($y, 2),
                round($x + $across, 2),
                round($y + $down, 2),
                round($across / 2.2, 2),
                round($across / 2.2, 2),
            );
        };
        $line = 0.5 * $high;
        for ($x = -0.03 * $whole; $x < $wide; $x += $whole * (0.02 + 0.06 * $chances->chance() ** 2)) {
            $tall = $whole * (0.2 + 0.05 * $chances->chance());
            $size = 0.036 * $whole;
            $worn = self::CROWD[(int) (count(self::CROWD) * $chances->chance())];
            $box($x, $line - $tall * 0.5, $size, $tall, $worn);
            $box($x + 0.3 * $size, $line - $tall * 0.5 - 0.62 * $size, 0.46 * $size, 0.62 * $size, '#a9826a');
        }
        $thick = 0.011 * $whole;
        foreach ([0.0, 0.07] as $down) {
            for ($x = 0.0, $i = 0; $x < $wide; $x += 0.045 * $whole, $i++) {
                $draw->setFillColor(new ImagickPixel(self::TAPES[$i % 2]));
                $sag = static fn (float $at): float => $line + $down * $whole + 0.006 * $whole * sin((9 * $at) / $whole);
                $draw->polygon([
                    ['x' => round($x, 2), 'y' => round($sag($x), 2)],
                    ['x' => round($x + 0.045 * $whole, 2), 'y' => round($sag($x + 0.045 * $whole), 2)],
                    ['x' => round($x + 0.045 * $whole, 2), 'y' => round($sag($x + 0.045 * $whole) + $thick, 2)],
                    ['x' => round($x, 2), 'y' => round($sag($x) + $thick, 2)],
                ]);
            }
        }
        for ($x = 0.12 * $whole; $x < $wide; $x += 0.32 * $whole) {
            $box($x, $line - 0.03 * $whole, 0.01 * $whole, 0.2 * $whole, '#4a4033');
        }
        $picture->drawImage($draw);
    }
}
