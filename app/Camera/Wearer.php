<?php

declare(strict_types=1);

namespace App\Camera;

use Imagick;
use ImagickDraw;
use ImagickPixel;
use RushHold\Camera\Shot;
use RushHold\Hold\AimPoint;
use RushHold\Kit\Detection;

/**
 * Draws a subject sharp, as large as it stands in the picture: its outline, its coat, light from above, and what has to
 * be sharp.
 */
final readonly class Wearer
{
    /** Feathers, hairs or folds. */
    private const STROKES = 240;

    /** Half of what is thinnest, pixels. */
    private const THINNEST = 0.5;

    /** Around the eye. */
    private const FINE_STROKES = 260;

    /** Height of a head as a share of what a kind is measured by: a person by height, everything else by length. */
    private const HEAD = ['person' => 0.12, 'bird' => 0.15, 'else' => 0.13];

    /** Light falls from the upper left, degrees; so high above the picture. */
    private const LIGHT = [135.0, 38.0];

    /** Pixels across the picture in which the light is worked out. */
    private const LIT_SIDE = 220;

    /** How much lighter or darker a side is. */
    private const RELIEF = 0.85;

    /** Before and behind an eye, in sizes of what has to be sharp. */
    private const EYE_LINE = [[0.62, 0.08], [0.2, -0.14], [-0.14, -0.16], [-0.7, 0.2], [-0.14, 0.13], [0.18, 0.12]];

    /** Strokes of figures on a number, each from and to, in a box of 1 by 2. */
    private const FIGURES = [
        [[0, 0, 1, 0], [1, 0, 1, 2], [1, 2, 0, 2], [0, 2, 0, 0]],
        [[0.2, 0.4, 0.6, 0], [0.6, 0, 0.6, 2]],
        [[0, 0, 1, 0], [1, 0, 1, 1], [1, 1, 0, 2], [0, 2, 1, 2]],
        [[0, 0, 1, 0], [1, 0, 0.4, 0.9], [0.4, 0.9, 1, 1.2], [1, 1.2, 1, 2], [1, 2, 0, 2]],
        [[0.2, 0, 0, 1.2], [0, 1.2, 1, 1.2], [0.8, 0.6, 0.8, 2]],
        [[1, 0, 0, 0], [0, 0, 0, 1], [0, 1, 1, 1], [1, 1, 1, 2], [1, 2, 0, 2]],
        [[1, 0, 0, 1], [0, 1, 0, 2], [0, 2, 1, 2], [1, 2, 1, 1.1], [1, 1.1, 0, 1.1]],
        [[0, 0, 1, 0], [1, 0, 0.3, 2]],
    ];

    /**
     * @param  float  $length  of its box, pixels
     * @param  float  $height  the same
     * @param  bool  $left  whether it looks to the left
     * @param  float  $pxPerM  pixels of a metre there
     */
    public function __construct(
        private Shot $shot,
        private Outline $outline,
        private float $length,
        private float $height,
        private bool $left,
        private float $pxPerM,
        private int $whose,
    ) {
    }

    /**
     * @param  array{int, int}  $size  of the layer
     * @param  array{float, float}  $at  of its box in it
     * @param  int  $seed  of its feathers and folds
     */
    public function picture(array $size, array $at, int $seed): Imagick
    {
        $coat = Coat::of($this->shot->situation->subject->figure, $this->whose);
        $body = $this->draw($at);
        $body->setFillRule(Imagick::FILLRULE_NONZERO);
        $body->setFillColor(new ImagickPixel('white'));
        $this->outline->draw($body, $this->length, $this->height);
        $mask = new Imagick();
        $mask->newImage($size[0], $size[1], new ImagickPixel('black'));
        $mask->drawImage($body);
        $mask->setImageAlphaChannel(Imagick::ALPHACHANNEL_DEACTIVATE);
        $picture = new Imagick();
        $picture->newImage($size[0], $size[1], new ImagickPixel($coat->ground()));
        $picture->setImageColorspace(Imagick::COLORSPACE_SRGB);
        $tones = $coat->tones(max(1, (int) ceil($this->height)), $size[0]);
        $picture->compositeImage($tones, Imagick::COMPOSITE_OVER, 0, (int) round($at[1]));
        $tones->clear();
        $worn = $this->draw($at);
        $this->parts($worn, $coat);
        $this->strokes($worn, $coat, new Canvas($seed));
        $picture->drawImage($worn);
        $this->light($picture, $mask);
        $aim = $this->draw($at);
        $this->shot->hold->aim === AimPoint::Eye || $this->shot->hold->aim === AimPoint::Head
            ? $this->face($aim, $coat, new Canvas($seed + 1))
            : $this->chest($aim, new Canvas($seed + 31 * $this->whose));
        $picture->drawImage($aim);
        $picture->setImageAlphaChannel(Imagick::ALPHACHANNEL_ACTIVATE);
        $picture->compositeImage($mask, Imagick::COMPOSITE_COPYOPACITY, 0, 0);
        $mask->clear();

        return $picture;
    }

    /** @param  array{float, float}  $at */
    private function draw(array $at): ImagickDraw
    {
        $draw = new ImagickDraw();
        $draw->translate(round($at[0] + ($this->left ? $this->length : 0), 3), round($at[1], 3));
        $this->left && $draw->scale(-1, 1);

        return $draw;
    }

    /** Share of its length that is seen: nothing of it head on. */
    private function sideways(): float
    {
        $point = $this->shot->point;

        return abs($point->acrossMps) / max(0.01, hypot($point->acrossMps, $point->closingMps));
    }

    /** Height of its head, pixels. */
    private function head(): float
    {
        $subject = $this->shot->situation->subject;

        return $this->pxPerM *
            match ($subject->figure->kind()) {
                Detection::Person => self::HEAD['person'] * $subject->heightM,
                Detection::Bird => self::HEAD['bird'] * $subject->lengthM,
                default => self::HEAD['else'] * $subject->lengthM,
            };
    }

    /** What differs in colour from the rest. */
    private function parts(ImagickDraw $draw, Coat $coat): void
    {
        foreach ($coat->parts as [$place, $before, $below, $long, $high, $colour]) {
            [$x, $y] = $this->outline->place(
                match ($place) {
                    'eye' => AimPoint::Eye,
                    'head' => AimPoint::Head,
                    default => AimPoint::Chest,
                },
            );
            $draw->setFillColor(new ImagickPixel($colour));
            $draw->ellipse(
                round($x * $this->length + $before * $this->head() * $this->sideways(), 3),
                round($y * $this->height + $below * $this->head(), 3),
                round(max(0.3, ($long * $this->head()) / 2), 3),
                round(max(0.3, ($high * $this->head()) / 2), 3),
                0,
                360,
            );
        }
    }

    /** Feathers and hairs lie along it, folds of cloth every way. */
    private function strokes(ImagickDraw $draw, Coat $coat, Canvas $chances): void
    {
        $side = sqrt($this->length * $this->height);
        $grows = in_array($this->shot->situation->subject->figure->kind(), [Detection::Bird, Detection::Animal], true);
        $strength = $coat->marked * (0.3 + 0.7 * $this->shot->situation->subject->contrast);
        for ($i = 0; $i < self::STROKES; $i++) {
            $turn = $grows ? 0.9 * ($chances->chance() - 0.5) + 0.35 : M_PI * (0.35 + 0.4 * $chances->chance());
            $long = $side * ($grows ? 0.008 + 0.025 * $chances->chance() : 0.01 + 0.03 * $chances->chance());
            $this->stroke(
                $draw,
                [$this->length * $chances->chance(), $this->height * $chances->chance()],
                $turn,
                $long,
                $long * (0.06 + 0.08 * $chances->chance()),
                $i % 2 === 0,
                $strength * ($grows ? 0.15 + 0.3 * $chances->chance() : 0.1 + 0.12 * $chances->chance()),
            );
        }
    }

    /** @param  array{float, float}  $at its middle */
    private function stroke(
        ImagickDraw $draw,
        array $at,
        float $turn,
        float $long,
        float $thick,
        bool $bright,
        float $strength,
    ): void {
        // Thinner than a pixel it would be a haze without an edge.
        if ($thick < self::THINNEST) {
            return;
        }
        [$x, $y, $dx, $dy] = [...$at, $long * cos($turn), $long * sin($turn)];
        [$nx, $ny] = [-$thick * sin($turn), $thick * cos($turn)];
        $draw->setFillColor(
            new ImagickPixel(sprintf($bright ? 'rgba(238,232,218,%.2f)' : 'rgba(22,20,20,%.2f)', min(1.0, $strength))),
        );
        $draw->polygon(
            Drawer::corners([
                ['x' => $x - $dx, 'y' => $y - $dy],
                ['x' => $x + $nx, 'y' => $y + $ny],
                ['x' => $x + $dx, 'y' => $y + $dy],
                ['x' => $x - $nx, 'y' => $y - $ny],
            ]),
        );
    }

    /** Lighter where it is turned to the light, darker below and behind. */
    private function light(Imagick $picture, Imagick $mask): void
    {
        $by = max(1.0, max($mask->getImageWidth(), $mask->getImageHeight()) / self::LIT_SIDE);
        $relief = clone $mask;
        $relief->resizeImage(
            max(2, (int) ceil($mask->getImageWidth() / $by)),
            max(2, (int) ceil($mask->getImageHeight() / $by)),
            Imagick::FILTER_TRIANGLE,
            1,
        );
        $relief->blurImage(0, max(0.8, (0.055 * sqrt($this->length * $this->height)) / $by));
        // What is high is rounded towards its edges.
        $relief->functionImage(Imagick::FUNCTION_POLYNOMIAL, [-1.0, 2.0, 0.0]);
        $relief->shadeImage(true, ...self::LIGHT);
        $relief->resizeImage($mask->getImageWidth(), $mask->getImageHeight(), Imagick::FILTER_TRIANGLE, 1);
        $picture->setImageArtifact(
            'compose:args',
            sprintf('0,%.4F,1,%.4F', self::RELIEF, -self::RELIEF * sin(deg2rad(self::LIGHT[1]))),
        );
        $picture->compositeImage($relief, Imagick::COMPOSITE_MATHEMATICS, 0, 0);
        $relief->clear();
    }

    /** An eye as small as eyes are, in fine feathers or hairs that run every way around it. */
    private function face(ImagickDraw $draw, Coat $coat, Canvas $chances): void
    {
        [$x, $y] = $this->outline->place($this->shot->hold->aim);
        [$x, $y] = [$x * $this->length, $y * $this->height];
        $aim = $this->shot->situation->subject->aimSizeM * $this->pxPerM;
        $strength = 0.35 + 0.5 * $this->shot->situation->subject->contrast;
        for ($i = 0; $i < self::FINE_STROKES; $i++) {
            $around = 2 * M_PI * $chances->chance();
            $far = $aim * (0.19 + 0.65 * $chances->chance());
            $turn = $around + 1.5 * ($chances->chance() - 0.5);
            $long = $aim * (0.025 + 0.05 * $chances->chance());
            $this->stroke(
                $draw,
                [$x + $far * cos($around), $y + $far * sin($around)],
                $turn,
                $long,
                $aim * (0.005 + 0.007 * $chances->chance()),
                $i % 2 === 0,
                $strength * (0.25 + 0.4 * $chances->chance()),
            );
        }
        // A line through the eye, as most of them have one: the clearest edges of a small face.
        $draw->setFillColor(
            new ImagickPixel(sprintf('rgba(28,25,26,%.2f)', 0.45 + 0.4 * $this->shot->situation->subject->contrast)),
        );
        $draw->polygon(
            Drawer::corners(
                array_map(
                    static fn (array $p): array => ['x' => $x + $aim * $p[0], 'y' => $y + $aim * $p[1]],
                    self::EYE_LINE,
                ),
            ),
        );
        $round = static function (float $dx, float $dy, float $share, string $colour, float $least) use (
            $draw,
            $x,
            $y,
            $aim,
        ): void {
            $draw->setFillColor(new ImagickPixel($colour));
            $radius = round(max($least, $share * $aim), 3);
            $draw->ellipse(round($x + $dx * $aim, 3), round($y + $dy * $aim, 3), $radius, $radius, 0, 360);
        };
        $round(0.0, 0.0, 0.185, 'rgba(16,14,14,0.85)', 0.4);
        $round(0.0, 0.0, 0.155, $coat->iris, 0.35);
        $round(0.0, 0.0, 0.1, '#0d0b0c', 0.3);
        // The sky in it; to the left, whichever way it looks.
        $round($this->left ? 0.045 : -0.045, -0.06, 0.036, '#f4f6f6', 0.2);
    }

    /** A number on who is numbered, else hairs or folds. */
    private function chest(ImagickDraw $draw, Canvas $chances): void
    {
        [$x, $y] = $this->outline->place($this->shot->hold->aim);
        [$x, $y] = [$x * $this->length, $y * $this->height];
        $aim = $this->shot->situation->subject->aimSizeM * $this->pxPerM;
        $strength = 0.3 + 0.5 * $this->shot->situation->subject->contrast;
        $kind = $this->shot->situation->subject->figure->kind();
        if (! in_array($kind, [Detection::Person, Detection::Vehicle, Detection::Off], true)) {
            for ($i = 0; $i < self::FINE_STROKES; $i++) {
                $at = [$x + 1.3 * $aim * ($chances->chance() - 0.5), $y + 1.3 * $aim * ($chances->chance() - 0.5)];
                $this->stroke(
                    $draw,
                    $at,
                    M_PI * $chances->chance(),
                    $aim * (0.03 + 0.05 * $chances->chance()),
                    $aim * (0.006 + 0.008 * $chances->chance()),
                    $i % 2 === 0,
                    $strength * (0.3 + 0.5 * $chances->chance()),
                );
            }

            return;
        }
        // A little askew, so that its edges run every way.
        $turned = static fn (float $u, float $v): array => [
            'x' => $x + $aim * (0.98 * $u - 0.17 * $v),
            'y' => $y + $aim * (0.17 * $u + 0.98 * $v),
        ];
        $draw->setFillColor(new ImagickPixel('#e6e3da'));
        $draw->polygon(
            Drawer::corners([$turned(-0.36, -0.3), $turned(0.36, -0.3), $turned(0.36, 0.26), $turned(-0.36, 0.26)]),
        );
        $draw->setFillColor(new ImagickPixel('#b5452f'));
        $draw->polygon(
            Drawer::corners([$turned(-0.36, -0.3), $turned(0.36, -0.3), $turned(0.36, -0.22), $turned(-0.36, -0.22)]),
        );
        $draw->setFillColor(new ImagickPixel('#17181b'));
        foreach ([-0.3, 0.04] as $left) {
            foreach (self::FIGURES[(int) (count(self::FIGURES) * $chances->chance())] as [$u1, $v1, $u2, $v2]) {
                // Its left stays left on who runs the other way.
                [$a, $b] = [[$left + 0.25 * $u1, -0.16 + 0.18 * $v1], [$left + 0.25 * $u2, -0.16 + 0.18 * $v2]];
                $this->left && ([$a[0], $b[0]] = [-$a[0], -$b[0]]);
                $slope = atan2($b[1] - $a[1], $b[0] - $a[0]);
                [$nx, $ny] = [-0.034 * sin($slope), 0.034 * cos($slope)];
                [$ex, $ey] = [0.034 * cos($slope), 0.034 * sin($slope)];
                $draw->polygon(
                    Drawer::corners([
                        $turned($a[0] + $nx - $ex, $a[1] + $ny - $ey),
                        $turned($b[0] + $nx + $ex, $b[1] + $ny + $ey),
                        $turned($b[0] - $nx + $ex, $b[1] - $ny + $ey),
                        $turned($a[0] - $nx - $ex, $a[1] - $ny - $ey),
                    ]),
                );
            }
        }
    }
}
