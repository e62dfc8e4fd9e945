<?php

declare(strict_types=1);

namespace App\Camera;

use Imagick;
use ImagickPixel;
use RushHold\Camera\PointSpread;
use RushHold\Camera\Shot;
use RushHold\Hold\AimPoint;
use RushHold\Light\Surface;

/**
 * Draws frames of the stand-in camera: background and ground with their depth, the subject at its true size, what
 * stands before it; each spread as the frame says, with the grain of its sensitivity.
 */
final class Drawer
{
    /** The background may run so far beyond the frame, as a share of it. */
    private const BEYOND = 0.3;

    /** Strips in which the ground is drawn, each at one distance. */
    private const STRIPS = 7;

    /**
     * Grain of the sensor at ISO 100 in pixels of 6 µm, as a share of white; it grows with the root of the sensitivity.
     */
    private const GRAIN = 0.0028;

    /** A breast is so far behind the eye of what comes head on, as a share of its length. */
    private const BREAST = 0.3;

    /** The flank of what goes by is so much nearer than its eye, as a share of its depth. */
    private const FLANK = 0.35;

    /** Discs that differ by less look the same, pixels. */
    private const SEEN_PX = 2.0;

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
            [$x, $y] = [
                $shot->aimXMm + ($shot->situation->kit->focalMm() * $companion->acrossM) / $companion->distanceM,
                $shot->aimYMm,
            ];
            $this->stand(
                $picture,
                $shot,
                $view,
                $x,
                $y,
                ($shot->mmPerM * $shot->distanceM) / $companion->distanceM,
                $shot->alongside($companion->planeM),
                1 + $i,
            );
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
        $rush = $shot->situation->rush;
        $flies = self::flies($shot);
        // What lies nearer covers it, so that it need not be drawn.
        $rows = $flies ? $view->high : $this->groundFrom($shot, $view);
        $picture = new Imagick();
        $picture->newImage($view->wide, $view->high, new ImagickPixel('gray50'));
        $picture->setImageColorspace(Imagick::COLORSPACE_SRGB);
        $this->far($picture, $flies ? Scenery::Sky : Scenery::behind($rush), $shot, $view, 0, $rows);
        if ($flies && $rush->scene->surface === Surface::Water) {
            $horizon = (int) round(max(0.0, min($view->high, $this->horizon($shot, $view))));
            $this->far($picture, Scenery::Sea, $shot, $view, $horizon, $view->high - $horizon);
        }
        $flies || $this->ground($picture, $shot, $view);

        return $picture;
    }

    /** What is as far off as the background, in some rows of the picture. */
    private function far(Imagick $picture, Scenery $scenery, Shot $shot, View $view, int $top, int $rows): void
    {
        if ($rows <= 0) {
            return;
        }
        $scene = $shot->situation->scene;
        $spread = self::pixels($shot->still($scene->backgroundM), $view);
        $by = Spreading::reduction($spread);
        $far = $this->piece(
            $scenery,
            max(0.04, $scene->backgroundTexture),
            $shot,
            $view,
            $by,
            (int) floor($top / $by),
            (int) ceil($rows / $by),
        );
        Spreading::over($far, $spread, $by, $view->wide, $rows);
        // Where it begins below something else it is as soft as it is spread.
        $soft = (int) min($rows, ceil($spread->discUm + $spread->roundUm));
        $this->lay($picture, $far, $top > 0 && $soft > 1 ? $soft : 0, $top);
        $far->clear();
    }

    /** Row of the picture at the height of the camera. */
    private function horizon(Shot $shot, View $view): float
    {
        $above = ($shot->point->z / max(0.1, $shot->point->y)) * $shot->situation->kit->focalMm();

        return $view->at(0.0, $shot->aimYMm + $above)[1];
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
            $piece = $this->piece(
                Scenery::below($shot->situation->rush),
                $texture,
                $shot,
                $view,
                $by,
                (int) floor(($top - $fade) / $by),
                (int) ceil($rows / $by),
            );
            Spreading::over($piece, $spread, $by, $view->wide, $rows);
            $this->lay($picture, $piece, $fade, $top - $fade);
            $piece->clear();
        }
    }

    /** A piece as wide as the picture, whose upper rows fade into what is there. */
    private function lay(Imagick $picture, Imagick $piece, int $fade, int $top): void
    {
        if ($fade > 0) {
            $upper = $piece->getImageRegion($piece->getImageWidth(), $fade, 0, 0);
            $upper->setImagePage(0, 0, 0, 0);
            $this->fade($upper, $fade);
            $picture->compositeImage($upper, Imagick::COMPOSITE_OVER, 0, $top);
            $upper->clear();
            $piece->cropImage($piece->getImageWidth(), $piece->getImageHeight() - $fade, 0, $fade);
            $piece->setImagePage(0, 0, 0, 0);
        }
        $picture->compositeImage($piece, Imagick::COMPOSITE_COPY, 0, $top + $fade);
    }

    /** What the camera sees of a canvas: it lies still, so that it goes by when the camera follows. */
    private function piece(
        Scenery $scenery,
        float $texture,
        Shot $shot,
        View $whole,
        float $by,
        int $top,
        int $rows,
    ): Imagick {
        $view = $whole->reduced($by);
        $canvas = $this->kept[
            sprintf('%s %d %d %.2f', $scenery->value, $view->wide, $view->high, $texture)
        ] ??= $this->canvas(
            $scenery,
            $texture,
            $view,
            $whole,
            $whole->widthMm / $shot->situation->kit->body->sensorWidthMm,
        );
        [$x, $y] = $this->offset($shot, $view);
        $piece = clone $canvas;
        $piece->cropImage($view->wide, min($rows, $view->high - $top), $x, $y + $top);
        $piece->setImagePage(0, 0, 0, 0);

        return $piece;
    }

    /**
     * A canvas is made once; smaller ones are copies of it.
     *
     * @param  float  $share  of the frame that is seen
     */
    private function canvas(Scenery $scenery, float $texture, View $view, View $whole, float $share): Imagick
    {
        $size = static fn (View $v): array => [
            (int) ($v->wide * (1 + self::BEYOND)) + 1,
            (int) ($v->high * (1 + self::BEYOND)) + 1,
        ];
        $made = $this->kept[
            sprintf('%s %d %d %.2f', $scenery->value, $whole->wide, $whole->high, $texture)
        ] ??= $scenery->picture(
            new Canvas((crc32($scenery->value) % 99991) + $this->seed),
            ...[...$size($whole), $texture, $share],
        );
        if ($view->wide === $whole->wide) {
            return $made;
        }
        $copy = clone $made;
        $copy->scaleImage(...$size($view));

        return $copy;
    }

    private function fade(Imagick $piece, int $rows): void
    {
        $mask = new Imagick();
        $mask->newImage($piece->getImageWidth(), $piece->getImageHeight(), new ImagickPixel('white'));
        $slope = new Imagick();
        $slope->newPseudoImage($piece->getImageWidth(), $rows, 'gradient:black-white');
        $mask->compositeImage($slope, Imagick::COMPOSITE_COPY, 0, 0);
        $piece->setImageAlphaChannel(Imagick::ALPHACHANNEL_ACTIVATE);
        $piece->compositeImage($mask, Imagick::COMPOSITE_COPYOPACITY, 0, 0);
        $mask->clear();
        $slope->clear();
    }

    private function stand(
        Imagick $picture,
        Shot $shot,
        View $view,
        float $xMm,
        float $yMm,
        float $mmPerM,
        PointSpread $spread,
        int $beside = 0,
    ): void {
        $subject = $shot->situation->subject;
        $outline = Outline::of($subject, $shot->point, $shot->t);
        [$length, $height] = $outline->fitted(
            $subject->lengthM * $mmPerM * $view->perMm(),
            $subject->heightM * $mmPerM * $view->perMm(),
        );
        $px = self::pixels($spread, $view);
        $breast = self::pixels($beside === 0 ? $this->breast($shot) : $spread, $view);
        $reach = max(self::reach($px), self::reach($breast));
        $left = $shot->point->acrossMps < -0.05;
        [$headX, $headY] = $outline->place($shot->hold->aim);
        [$x, $y] = $view->at($xMm, $yMm);
        $x -= $length * ($left ? 1 - $headX : $headX);
        $y -= $height * $headY;
        if (
            min($length, $height) < 1 ||
            $x > $view->wide + $reach ||
            $y > $view->high + $reach ||
            $x + $length < -$reach ||
            $y + $height < -$reach
        ) {
            return;
        }
        // The layer begins at a whole pixel; of a subject larger than the view only what may be spread into it is
        // drawn.
        [$fromX, $fromY] = [(int) floor(max($x - $reach, -$reach)), (int) floor(max($y - $reach, -$reach))];
        [$toX, $toY] = [
            min($x + $length + $reach, $view->wide + $reach),
            min($y + $height + $reach, $view->high + $reach),
        ];
        $whole = [(int) ceil($toX - $fromX), (int) ceil($toY - $fromY)];
        $layers = [];
        foreach (self::alike($px, $breast) ? [$px] : [$breast, $px] as $one) {
            $by = Spreading::reduction($one, Spreading::FINE);
            $size = [(int) ceil($whole[0] / $by) + 1, (int) ceil($whole[1] / $by) + 1];
            $wearer = new Wearer(
                $shot,
                $outline,
                $length / $by,
                $height / $by,
                $left,
                ($mmPerM * $view->perMm()) / $by,
                $this->seed + $shot->run + 3 * $beside + (crc32($shot->situation->rush->name) % 97),
            );
            // A pixel is drawn about its middle, and grows about its corner.
            $smaller = static fn (float $at): float => ($at + 0.5) / $by - 0.5;
            $layer = $wearer->picture($size, [$smaller($x - $fromX), $smaller($y - $fromY)], 4099 + $this->seed);
            Spreading::over($layer, $one, $by, (int) round($size[0] * $by), (int) round($size[1] * $by));
            // Smaller by another factor each, they end a pixel or two apart.
            $layer->cropImage($whole[0], $whole[1], 0, 0);
            $layer->setImagePage(0, 0, 0, 0);
            $layers[] = $layer;
        }
        if (count($layers) === 2) {
            $at = $view->at($xMm, $yMm);
            [$chestX, $chestY] = $outline->place(AimPoint::Chest);
            $far = hypot(($chestX - $headX) * $length, ($chestY - $headY) * $height);
            $this->join(
                $layers[0],
                $layers[1],
                $at[0] - $fromX,
                $at[1] - $fromY,
                max(0.6 * $far, $subject->aimSizeM * $mmPerM * $view->perMm()),
            );
        }
        $picture->compositeImage($layers[0], Imagick::COMPOSITE_OVER, $fromX, $fromY);
        foreach ($layers as $layer) {
            $layer->clear();
        }
    }

    /** So far a point may be spread, and what making smaller and larger again adds. */
    private static function reach(PointSpread $px): float
    {
        $smeared = array_sum(array_map(static fn (array $s): float => hypot(...$s), $px->smears));

        return (1.2 * ($px->discUm + $px->roundUm + $smeared)) / 2 + 4 * Spreading::reduction($px, Spreading::FINE);
    }

    /** Its breast is behind the eye of what comes, before that of what goes, and a little nearer where it goes by. */
    private function breast(Shot $shot): PointSpread
    {
        [$point, $subject] = [$shot->point, $shot->situation->subject];
        if (! in_array($shot->hold->aim, [AimPoint::Eye, AimPoint::Head], true)) {
            return $shot->subject;
        }
        $speed = max(0.01, hypot($point->acrossMps, $point->closingMps));
        $behind =
            (self::BREAST * $subject->lengthM * $point->closingMps) / $speed -
            (self::FLANK * $subject->depthM * abs($point->acrossMps)) / $speed;

        return $shot->alongside(max(0.1, $shot->distanceM + $behind));
    }

    /** Whether nobody would see a difference. */
    private static function alike(PointSpread $one, PointSpread $other): bool
    {
        return abs($one->discUm - $other->discUm) < max(self::SEEN_PX, 0.25 * min($one->discUm, $other->discUm));
    }

    /** Around a place the one layer, away from it the other; into the other. */
    private function join(Imagick $away, Imagick $around, float $x, float $y, float $radius): void
    {
        $side = (int) ceil(4 * $radius);
        $spot = new Imagick();
        // White in its middle half, black at its rim.
        $spot->newPseudoImage($side, $side, 'radial-gradient:white-black');
        $spot->functionImage(Imagick::FUNCTION_POLYNOMIAL, [2.5, -0.8]);
        foreach ([[$around, 'black', false], [$away, 'white', true]] as [$layer, $else, $turned]) {
            $mask = new Imagick();
            $mask->newImage($layer->getImageWidth(), $layer->getImageHeight(), new ImagickPixel($else));
            $turned && $spot->negateImage(false);
            $mask->compositeImage(
                $spot,
                Imagick::COMPOSITE_COPY,
                (int) round($x - $side / 2),
                (int) round($y - $side / 2),
            );
            // As much of it as there is of the mask.
            $own = clone $layer;
            $own->setImageAlphaChannel(Imagick::ALPHACHANNEL_EXTRACT);
            $mask->compositeImage($own, Imagick::COMPOSITE_MULTIPLY, 0, 0);
            $layer->compositeImage($mask, Imagick::COMPOSITE_COPYOPACITY, 0, 0);
            $mask->clear();
            $own->clear();
        }
        $away->compositeImage($around, Imagick::COMPOSITE_PLUS, 0, 0);
        $spot->clear();
    }

    private function before(Imagick $picture, Shot $shot, View $view): void
    {
        $foreground = new Foreground($shot, $this->seed);
        if (! $foreground->isThere()) {
            return;
        }
        $spread = self::pixels($shot->still(max(0.3, $shot->situation->scene->frontRatio * $shot->distanceM)), $view);
        $by = Spreading::reduction($spread);
        $layer = $foreground->picture($view->reduced($by));
        Spreading::over($layer, $spread, $by, $view->wide, $view->high);
        $picture->compositeImage($layer, Imagick::COMPOSITE_OVER, 0, 0);
        $layer->clear();
    }

    /**
     * Very small numbers are written in a way that drawing does not read.
     *
     * @param  list<array{x: float|int, y: float|int}>  $corners
     * @return list<array{x: float, y: float}>
     */
    public static function corners(array $corners): array
    {
        return array_map(static fn (array $c): array => ['x' => round($c['x'], 3), 'y' => round($c['y'], 3)], $corners);
    }

    private function grain(Imagick $picture, Shot $shot, View $view): void
    {
        $pitchUm = 1000 / $view->perMm();
        $deviation = min(0.08, (self::GRAIN * sqrt($shot->hold->iso / 100) * 6) / $pitchUm);
        $tile = $this->kept[sprintf('grain %d %d %.4f', $view->wide, $view->high, $deviation)] ??= $this->grainOf(
            $view,
            $deviation,
        );
        $places = new Canvas(31 + 7919 * ($shot->number + 1) + 104729 * $shot->run + $this->seed);
        $picture->setImageArtifact('compose:args', '0,1,1,-0.5');
        $picture->compositeImage(
            $tile,
            Imagick::COMPOSITE_MATHEMATICS,
            -(int) (self::GRAIN_SIDE * $places->chance()),
            -(int) (self::GRAIN_SIDE * $places->chance()),
        );
    }

    /** As large as the picture and a tile more, so that each frame takes another piece of it. */
    private function grainOf(View $view, float $deviation): Imagick
    {
        $whole = new Imagick();
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
            // To and fro within the canvas; what is reduced to a few pixels leaves no room.
            if ($room <= 0) {
                return 0;
            }
            $turn = fmod(abs($px), 2 * $room);

            return (int) round($turn > $room ? 2 * $room - $turn : $turn);
        };
        $azimuth =
            atan2($shot->point->x, max(0.1, $shot->point->y)) * $shot->situation->kit->focalMm() -
            $shot->aimXMm +
            $view->xMm;
        $height =
            atan2($shot->point->z, max(0.1, $shot->point->y)) * $shot->situation->kit->focalMm() +
            $shot->aimYMm -
            $view->yMm;

        return [
            $to($azimuth * $view->perMm() + 0.5 * self::BEYOND * $view->wide, self::BEYOND * $view->wide - 1),
            $to($height * $view->perMm() + 0.5 * self::BEYOND * $view->high, self::BEYOND * $view->high - 1),
        ];
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
