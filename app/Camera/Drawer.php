<?php

declare(strict_types=1);

namespace App\Camera;

use Imagick;
use ImagickDraw;
use ImagickPixel;
use RushHold\Camera\PointSpread;
use RushHold\Camera\Shot;
use RushHold\Focus\LossCause;
use RushHold\Hold\AimPoint;

/**
 * Draws frames of the stand-in camera: background and ground with their depth, the subject at its true size, what stands
 * before it; each spread as the frame says, with the grain of its sensitivity.
 */
final class Drawer
{
    /** The background may run so far beyond the frame, as a share of it. */
    private const BEYOND = 0.3;

    /** Strips in which the ground is drawn, each at one distance. */
    private const STRIPS = 7;

    /** Grain of the sensor at ISO 100 in pixels of 6 µm, as a share of white; it grows with the root of the sensitivity. */
    private const GRAIN = 0.0028;

    /** Markings of a subject. */
    private const MARKS = 90;

    private const GRAIN_SIDE = 512;

    /** @var array<string, Imagick> */
    private array $kept = [];

    public function __construct(private readonly int $seed = 1)
    {
    }

    public function draw(Shot $shot, View $view): Imagick
    {
        $picture = $this->behind($shot, $view);
        foreach ($shot->situation->rush->group as $i => $companion) {
            [$x, $y] = [$shot->aimXMm + $shot->situation->kit->focalMm() * $companion->acrossM / $companion->distanceM, $shot->aimYMm];
            $this->stand($picture, $shot, $view, $x, $y, $shot->mmPerM * $shot->distanceM / $companion->distanceM, $shot->alongside($companion->planeM), 1 + $i);
        }
        $this->stand($picture, $shot, $view, $shot->aimXMm, $shot->aimYMm, $shot->mmPerM, $shot->subject);
        $this->before($picture, $shot, $view);
        $this->grain($picture, $shot, $view);
        $picture->setImageAlphaChannel(Imagick::ALPHACHANNEL_DEACTIVATE);
        $picture->setImageType(Imagick::IMGTYPE_TRUECOLOR);

        return $picture;
    }

    private function behind(Shot $shot, View $view): Imagick
    {
        $scene = $shot->situation->scene;
        $flies = self::flies($shot);
        // What the ground covers need not be drawn.
        $rows = $flies ? $view->high : $this->groundFrom($shot, $view);
        $picture = new Imagick;
        $picture->newImage($view->wide, $view->high, new ImagickPixel('gray50'));
        $picture->setImageColorspace(Imagick::COLORSPACE_SRGB);
        if ($rows > 0) {
            $spread = self::pixels($shot->still($scene->backgroundM), $view);
            $by = Spreading::reduction($spread);
            $far = $this->piece($flies ? 'sky' : 'far', $flies ? ['#7d93a6', '#b9c7d1'] : ['#6d7564', '#8b9487'], max(0.04, $scene->backgroundTexture), $shot, $view, $by, 0, (int) ceil($rows / $by));
            Spreading::over($far, $spread, $by, $view->wide, $rows);
            $picture->compositeImage($far, Imagick::COMPOSITE_COPY, 0, 0);
            $far->clear();
        }
        $flies || $this->ground($picture, $shot, $view);

        return $picture;
    }

    /** Distance of the ground in the middle of a strip of the picture, m. */
    private function groundM(Shot $shot, View $view, int $strip): float
    {
        $s = $shot->situation;
        $outline = Outline::of($s->subject, $shot->point, $shot->t);
        [, $high] = $outline->fitted($s->subject->lengthM, $s->subject->heightM);
        $feetMm = $shot->aimYMm + $high * $shot->mmPerM * (1 - $outline->place($shot->hold->aim)[1]);
        $yMm = $view->yMm + (($strip + 0.5) * ceil($view->high / self::STRIPS) - $view->high / 2) / $view->perMm();
        $angle = $s->scene->lineHeightM / $shot->distanceM + ($yMm - $feetMm) / $s->kit->focalMm();
        $distance = $angle > 0 ? $s->scene->lineHeightM / $angle : INF;

        return $distance >= min($s->scene->backgroundM, 20 * $shot->distanceM) ? INF : max(0.3, $distance);
    }

    /** Rows above which there is no ground, with those in which it fades. */
    private function groundFrom(Shot $shot, View $view): int
    {
        $strip = (int) ceil($view->high / self::STRIPS);
        for ($i = 0; $i < self::STRIPS && is_infinite($this->groundM($shot, $view, $i)); $i++);

        return min($view->high, $i * $strip);
    }

    /** The plane the subject stands on, nearer below its feet and farther above them, until the background begins. */
    private function ground(Imagick $picture, Shot $shot, View $view): void
    {
        $strip = (int) ceil($view->high / self::STRIPS);
        $texture = max(0.35, $shot->situation->scene->backgroundTexture);
        for ($i = 0; $i < self::STRIPS; $i++) {
            $top = $i * $strip;
            $distance = $this->groundM($shot, $view, $i);
            if (is_infinite($distance)) {
                continue;
            }
            // A little more than the strip, that fades into the one above.
            $fade = min($top, (int) ceil($strip / 2));
            $rows = min($strip, $view->high - $top) + $fade;
            $spread = self::pixels($shot->still($distance), $view);
            $by = Spreading::reduction($spread);
            $piece = $this->piece('ground', ['#58623f', '#77795a'], $texture, $shot, $view, $by, (int) floor(($top - $fade) / $by), (int) ceil($rows / $by));
            Spreading::over($piece, $spread, $by, $view->wide, $rows);
            $fade > 0 && $this->fade($piece, $fade);
            $picture->compositeImage($piece, Imagick::COMPOSITE_OVER, 0, $top - $fade);
            $piece->clear();
        }
    }

    /**
     * What the camera sees of a canvas: it lies still, so that it goes by when the camera follows.
     *
     * @param  array{string, string}  $colours  below and above
     */
    private function piece(string $name, array $colours, float $texture, Shot $shot, View $whole, float $by, int $top, int $rows): Imagick
    {
        $view = $whole->reduced($by);
        $canvas = $this->kept[sprintf('%s %d %d %.2f', $name, $view->wide, $view->high, $texture)] ??= $this->canvas($name, $colours, $texture, $view, $whole, $whole->widthMm / $shot->situation->kit->body->sensorWidthMm);
        [$x, $y] = $this->offset($shot, $view);
        $piece = clone $canvas;
        $piece->cropImage($view->wide, min($rows, $view->high - $top), $x, $y + $top);
        $piece->setImagePage(0, 0, 0, 0);

        return $piece;
    }

    /**
     * A canvas is made once; smaller ones are copies of it.
     *
     * @param  array{string, string}  $colours
     * @param  float  $share  of the frame that is seen
     */
    private function canvas(string $name, array $colours, float $texture, View $view, View $whole, float $share): Imagick
    {
        $size = static fn (View $v): array => [(int) ($v->wide * (1 + self::BEYOND)) + 1, (int) ($v->high * (1 + self::BEYOND)) + 1];
        $made = $this->kept[sprintf('%s %d %d %.2f', $name, $whole->wide, $whole->high, $texture)] ??= (new Canvas(crc32($name) % 99991 + $this->seed))->grown(...[...$size($whole), ...$colours, $texture, $share, $name === 'sky']);
        if ($view->wide === $whole->wide) {
            return $made;
        }
        $copy = clone $made;
        $copy->scaleImage(...$size($view));

        return $copy;
    }

    private function fade(Imagick $piece, int $rows): void
    {
        $mask = new Imagick;
        $mask->newImage($piece->getImageWidth(), $piece->getImageHeight(), new ImagickPixel('white'));
        $slope = new Imagick;
        $slope->newPseudoImage($piece->getImageWidth(), $rows, 'gradient:black-white');
        $mask->compositeImage($slope, Imagick::COMPOSITE_COPY, 0, 0);
        $piece->setImageAlphaChannel(Imagick::ALPHACHANNEL_ACTIVATE);
        $piece->compositeImage($mask, Imagick::COMPOSITE_COPYOPACITY, 0, 0);
        $mask->clear();
        $slope->clear();
    }

    private function stand(Imagick $picture, Shot $shot, View $view, float $xMm, float $yMm, float $mmPerM, PointSpread $spread, int $beside = 0): void
    {
        $subject = $shot->situation->subject;
        $outline = Outline::of($subject, $shot->point, $shot->t);
        [$length, $height] = $outline->fitted($subject->lengthM * $mmPerM * $view->perMm(), $subject->heightM * $mmPerM * $view->perMm());
        $px = self::pixels($spread, $view);
        $by = Spreading::reduction($px, Spreading::FINE);
        $reach = 1.2 * ($px->discUm / 2 + $px->roundUm / 2 + array_sum(array_map(static fn (array $s): float => hypot(...$s), $px->smears)) / 2) + 4 * $by;
        $left = $shot->point->acrossMps < -0.05;
        [$headX, $headY] = $outline->place($shot->hold->aim);
        [$x, $y] = $view->at($xMm, $yMm);
        $x -= $length * ($left ? 1 - $headX : $headX);
        $y -= $height * $headY;
        if (min($length, $height) < 1 || $x > $view->wide + $reach || $y > $view->high + $reach || $x + $length < -$reach || $y + $height < -$reach) {
            return;
        }
        // The layer begins at a whole pixel; of a subject larger than the view only what may be spread into it is drawn.
        [$fromX, $fromY] = [(int) floor(max($x - $reach, -$reach)), (int) floor(max($y - $reach, -$reach))];
        [$toX, $toY] = [min($x + $length + $reach, $view->wide + $reach), min($y + $height + $reach, $view->high + $reach)];
        [$wide, $high] = [(int) ceil(($toX - $fromX) / $by) + 1, (int) ceil(($toY - $fromY) / $by) + 1];
        $layer = $this->figure($shot, $outline, $length / $by, $height / $by, [$wide, $high], [($x - $fromX) / $by, ($y - $fromY) / $by], $left, $subject->aimSizeM * $mmPerM * $view->perMm() / $by, $beside);
        Spreading::over($layer, $px, $by, (int) round($wide * $by), (int) round($high * $by));
        $picture->compositeImage($layer, Imagick::COMPOSITE_OVER, $fromX, $fromY);
        $layer->clear();
    }

    /**
     * @param  array{int, int}  $size  of the layer
     * @param  array{float, float}  $at  of its box in it
     */
    private function figure(Shot $shot, Outline $outline, float $length, float $height, array $size, array $at, bool $left, float $aim, int $beside): Imagick
    {
        $subject = $shot->situation->subject;
        $layer = new Imagick;
        $layer->newImage($size[0], $size[1], new ImagickPixel('none'));
        $layer->setImageColorspace(Imagick::COLORSPACE_SRGB);
        $place = static function (ImagickDraw $draw) use ($at, $left, $length): void {
            $draw->translate(round($at[0] + ($left ? $length : 0), 3), round($at[1], 3));
            $left && $draw->scale(-1, 1);
        };
        $coat = Coat::of($subject->figure, $this->seed + $shot->run + 3 * $beside);
        $body = new ImagickDraw;
        $body->setFillRule(Imagick::FILLRULE_NONZERO);
        $body->setFillColor(new ImagickPixel('black'));
        $place($body);
        $outline->draw($body, $length, $height);
        $layer->drawImage($body);
        $light = $coat->light(max(1, (int) ceil($height)), $size[0]);
        $layer->compositeImage($light, Imagick::COMPOSITE_ATOP, 0, (int) round($at[1]));
        $light->clear();
        $marks = $this->marks($shot, $outline, $coat, $length, $height, $aim, $place, $layer);
        // Markings stay on it.
        $layer->compositeImage($marks, Imagick::COMPOSITE_ATOP, 0, 0);
        $marks->clear();

        return $layer;
    }

    /** @param  callable(ImagickDraw): void  $place */
    private function marks(Shot $shot, Outline $outline, Coat $coat, float $length, float $height, float $aim, callable $place, Imagick $layer): Imagick
    {
        $chances = new Canvas(4099 + $this->seed);
        $marks = new Imagick;
        $marks->newImage($layer->getImageWidth(), $layer->getImageHeight(), new ImagickPixel('none'));
        $marks->setImageColorspace(Imagick::COLORSPACE_SRGB);
        $draw = new ImagickDraw;
        $place($draw);
        $side = sqrt($length * $height);
        $contrast = $coat->marked * (0.25 + 0.75 * $shot->situation->subject->contrast);
        for ($i = 0; $i < self::MARKS; $i++) {
            [$mx, $my, $size, $turn] = [$length * $chances->chance(), $height * $chances->chance(), $side * (0.012 + 0.05 * $chances->chance() ** 2), M_PI * $chances->chance()];
            $bright = $i % 2 === 0;
            $shade = $bright ? 150 + (int) (95 * $chances->chance()) : 18 + (int) (40 * $chances->chance());
            $draw->setFillColor(new ImagickPixel(sprintf('rgba(%d,%d,%d,%.2f)', $shade, (int) ($shade * 0.96), (int) ($shade * 0.88), $contrast * (0.5 + 0.5 * $chances->chance()))));
            [$dx, $dy, $thin] = [$size * cos($turn), $size * sin($turn), 0.3 + 0.4 * $chances->chance()];
            $draw->polygon(self::corners([['x' => $mx - $dx, 'y' => $my - $dy], ['x' => $mx - $thin * $dy, 'y' => $my + $thin * $dx], ['x' => $mx + $dx, 'y' => $my + $dy], ['x' => $mx + $thin * $dy, 'y' => $my - $thin * $dx]]));
        }
        $this->aimPart($draw, $shot, $outline, $length, $height, $aim);
        $marks->drawImage($draw);

        return $marks;
    }

    /** What has to be sharp: an eye in its face, or a number on the chest. */
    private function aimPart(ImagickDraw $draw, Shot $shot, Outline $outline, float $length, float $height, float $aim): void
    {
        [$x, $y] = $outline->place($shot->hold->aim);
        [$x, $y] = [$x * $length, $y * $height];
        if (! in_array($shot->hold->aim, [AimPoint::Eye, AimPoint::Head], true)) {
            foreach ([[-0.4, -0.4, 0.4, 0.4, 'rgb(226,222,208)'], [-0.28, -0.28, -0.12, 0.2, 'rgb(24,24,28)'], [0.02, -0.28, 0.26, -0.12, 'rgb(24,24,28)'], [0.02, 0.04, 0.26, 0.2, 'rgb(176,62,44)']] as [$left, $top, $right, $bottom, $colour]) {
                $draw->setFillColor(new ImagickPixel($colour));
                // A little askew, so that its edges run in all ways.
                $draw->polygon(self::corners(array_map(static fn (array $p): array => ['x' => $x + $aim * (0.96 * $p[0] - 0.28 * $p[1]), 'y' => $y + $aim * (0.28 * $p[0] + 0.96 * $p[1])],
                    [[$left, $top], [$right, $top], [$right, $bottom], [$left, $bottom]])));
            }

            return;
        }
        // Cheek and stripe run through each other, so that there are edges in all ways; the eye is as small as eyes are.
        $draw->setFillColor(new ImagickPixel('rgba(232,226,210,0.7)'));
        $draw->polygon(self::corners(array_map(static fn (array $p): array => ['x' => $x + $aim * $p[0], 'y' => $y + $aim * $p[1]], [[-0.52, 0.02], [-0.3, -0.26], [0.02, -0.32], [0.3, -0.14], [0.34, 0.14], [0.12, 0.38], [-0.24, 0.42], [-0.46, 0.26]])));
        $draw->setFillColor(new ImagickPixel('rgba(30,27,28,0.85)'));
        $draw->polygon(self::corners(array_map(static fn (array $p): array => ['x' => $x + $aim * $p[0], 'y' => $y + $aim * $p[1]], [[0.5, 0.06], [0.16, -0.12], [-0.16, -0.1], [-0.6, 0.16], [-0.56, 0.28], [-0.14, 0.1], [0.16, 0.1]])));
        foreach ([['rgb(206,168,112)', 0.17], ['rgb(14,12,14)', 0.13]] as [$colour, $share]) {
            $draw->setFillColor(new ImagickPixel($colour));
            $draw->ellipse(round($x, 3), round($y, 3), round(max(0.4, $share * $aim), 3), round(max(0.4, $share * $aim), 3), 0, 360);
        }
        $draw->setFillColor(new ImagickPixel('white'));
        $draw->ellipse(round($x + 0.05 * $aim, 3), round($y - 0.06 * $aim, 3), round(max(0.2, 0.035 * $aim), 3), round(max(0.2, 0.035 * $aim), 3), 0, 360);
    }

    /** Blades before the subject, and what covers it in this frame. */
    private function before(Imagick $picture, Shot $shot, View $view): void
    {
        $scene = $shot->situation->scene;
        $hidden = $shot->cause === LossCause::Hidden;
        if ($scene->frontClutter <= 0 && ! $hidden) {
            return;
        }
        $spread = self::pixels($shot->still(max(0.3, $scene->frontRatio * $shot->distanceM)), $view);
        $by = Spreading::reduction($spread);
        $whole = $view;
        $view = $view->reduced($by);
        $chances = new Canvas(7001 + $this->seed + 17 * intdiv($shot->number, 4));
        $layer = new Imagick;
        $layer->newImage($view->wide, $view->high, new ImagickPixel('none'));
        $layer->setImageColorspace(Imagick::COLORSPACE_SRGB);
        $draw = new ImagickDraw;
        $sensor = $shot->situation->kit->body;
        $px = static fn (float $xMm, float $yMm): array => $view->at($xMm, $yMm);
        [$wide, $foot] = [$sensor->sensorWidthMm, $sensor->sensorHeightMm / 2];
        $clear = 0.75 * $shot->situation->subject->aimSizeM * $shot->mmPerM;
        $drawn = 0;
        $blade = static function (array $corners, string $colour) use ($draw, $px, &$drawn): void {
            $draw->setFillColor(new ImagickPixel($colour));
            $draw->polygon(self::corners(array_map(static fn (array $c): array => array_combine(['x', 'y'], $px(...$c)), $corners)));
            $drawn++;
        };
        $blades = (int) round(40 * $scene->frontClutter);
        for ($i = 0; $i < $blades; $i++) {
            $thick = $wide * (0.006 + 0.012 * $chances->chance());
            $x = $wide * (($i + $chances->chance()) / $blades - 0.5);
            $top = $foot - 2 * $foot * (0.4 + 0.6 * $chances->chance());
            $lean = $wide * 0.12 * ($chances->chance() - 0.5);
            $colour = sprintf('rgb(%d,%d,%d)', 96 + (int) (70 * $chances->chance()), 118 + (int) (60 * $chances->chance()), 58);
            // What is not hidden shows between them.
            if ($hidden || abs($x + $lean / 2 - $shot->aimXMm) > $clear + $thick) {
                $blade([[$x - $thick, $foot], [$x + $lean, $top], [$x + $thick, $foot]], $colour);
            }
        }
        if ($hidden) {
            $half = max(2.6 * $clear, 0.03 * $wide);
            $x = $shot->aimXMm;
            $blade([[$x - $half, $foot], [$x - 0.7 * $half, -$foot], [$x + 0.8 * $half, -$foot], [$x + $half, $foot]], 'rgb(88,84,66)');
        }
        if ($drawn > 0) {
            $layer->drawImage($draw);
            Spreading::over($layer, $spread, $by, $whole->wide, $whole->high);
            $picture->compositeImage($layer, Imagick::COMPOSITE_OVER, 0, 0);
        }
        $layer->clear();
    }

    /**
     * Very small numbers are written in a way that drawing does not read.
     *
     * @param  list<array{x: float|int, y: float|int}>  $corners
     * @return list<array{x: float, y: float}>
     */
    private static function corners(array $corners): array
    {
        return array_map(static fn (array $c): array => ['x' => round($c['x'], 3), 'y' => round($c['y'], 3)], $corners);
    }

    private function grain(Imagick $picture, Shot $shot, View $view): void
    {
        $pitchUm = 1000 / $view->perMm();
        $deviation = min(0.08, self::GRAIN * sqrt($shot->hold->iso / 100) * 6 / $pitchUm);
        $tile = $this->kept[sprintf('grain %d %d %.4f', $view->wide, $view->high, $deviation)] ??= $this->grainOf($view, $deviation);
        $places = new Canvas(31 + 7919 * ($shot->number + 1) + 104729 * $shot->run + $this->seed);
        $picture->setImageArtifact('compose:args', Canvas::ADDING);
        $picture->compositeImage($tile, Imagick::COMPOSITE_MATHEMATICS, -(int) (self::GRAIN_SIDE * $places->chance()), -(int) (self::GRAIN_SIDE * $places->chance()));
    }

    /** As large as the picture and a tile more, so that each frame takes another piece of it. */
    private function grainOf(View $view, float $deviation): Imagick
    {
        $whole = new Imagick;
        $whole->newImage($view->wide + self::GRAIN_SIDE, $view->high + self::GRAIN_SIDE, new ImagickPixel('gray50'));
        $tile = (new Canvas(9001 + $this->seed))->grain(self::GRAIN_SIDE, self::GRAIN_SIDE, $deviation);
        $made = $whole->textureImage($tile);
        $whole->clear();
        $tile->clear();

        return $made;
    }

    /** @return array{int, int} which part of a canvas the camera sees, pixels */
    private function offset(Shot $shot, View $view): array
    {
        $to = static function (float $px, float $room): int {
            // To and fro within the canvas.
            $turn = fmod(abs($px), 2 * $room);

            return (int) round($turn > $room ? 2 * $room - $turn : $turn);
        };
        $azimuth = atan2($shot->point->x, max(0.1, $shot->point->y)) * $shot->situation->kit->focalMm() - $shot->aimXMm + $view->xMm;
        $height = atan2($shot->point->z, max(0.1, $shot->point->y)) * $shot->situation->kit->focalMm() + $shot->aimYMm - $view->yMm;

        return [$to($azimuth * $view->perMm() + 0.5 * self::BEYOND * $view->wide, self::BEYOND * $view->wide - 1), $to($height * $view->perMm() + 0.5 * self::BEYOND * $view->high, self::BEYOND * $view->high - 1)];
    }

    private static function flies(Shot $shot): bool
    {
        return $shot->situation->subject->figure->flies() || abs($shot->point->z) > 0.5;
    }

    private static function pixels(PointSpread $um, View $view): PointSpread
    {
        return $um->scaled($view->perMm() / 1000);
    }
}
