<?php

declare(strict_types=1);

namespace RushHold\Pasted;

use Imagick;
use ImagickDraw;
use ImagickKernel;
use ImagickPixel;
use Random\Engine\Mt19937;
use Random\Randomizer;
use RushHold\Blur\Ellipse;

/**
 * A photograph into which a subject is pasted, both blurred as is known: what the measuring of pictures is held
 * against, since nothing in it comes from the stand-in camera. Backgrounds and coats are photographs, outlines are
 * drawn by chance.
 */
class Scene
{
    public const WIDE = 1500;

    public const HIGH = 1000;

    /** What happened: focus beside the subject, a subject that moves, a camera that moves, and nothing. */
    public const KINDS = ['sharp', 'focus', 'moved', 'camera'];

    public const BACKGROUNDS = ['plain', 'soft', 'busy', 'ground'];

    protected Randomizer $chance;

    /** @var array<string, mixed> */
    public array $truth = [];

    /**
     * @param  array<string, list<string>>  $photographs  files by what they are good for: plain, busy, ground and coat
     */
    public function __construct(protected readonly array $photographs, protected readonly int $seed)
    {
        $this->chance = new Randomizer(new Mt19937($seed));
    }

    /** Draws it into a file, JPEG. */
    public function draw(string $file): void
    {
        $kind = self::KINDS[$this->seed % 4];
        $ground = self::BACKGROUNDS[intdiv($this->seed, 4) % 4];
        $limit = $this->between(3.0, 6.0);
        // Widths are mostly well on one side of the limit, as a disc's diameter or a smear's length.
        $width =
            $kind === 'sharp' ? $limit * $this->between(0.15, 0.75) : $limit * exp($this->between(log(1.3), log(6.0)));
        $angle = $this->between(0, M_PI);
        $disc = $kind === 'sharp' || $kind === 'focus' ? $width : 0.35 * $limit;
        $smear = $kind === 'moved' || $kind === 'camera' ? $width : 0.0;
        $side = null;
        $size = (int) round(exp($this->between(log(150), log(460))));
        $at = [$this->between(-0.28, 0.28), $this->between(-0.2, 0.2)];
        $mine = self::kernel($disc, $smear, $angle);
        $picture = $this->background($ground, $kind, $disc, $smear, $angle, $at, $size, $side);
        [$head, $outline] = $this->paste($picture, $mine, $at, $size);
        $noise = [0.002, 0.006, 0.014, 0.03][$this->chance->getInt(0, 3)];
        $this->grain($picture, $noise);
        $picture->setImageFormat('jpeg');
        $picture->setImageCompressionQuality($this->chance->getInt(85, 96));
        $picture->writeImage($file);
        $picture->clear();
        [$xx, $yy, $xy] = self::variances($mine);
        $ellipse = Ellipse::of($xx + 1 / 12, $yy + 1 / 12, $xy);
        $this->truth = [
            'file' => basename($file),
            'kind' => $kind,
            'background' => $ground,
            'noise' => $noise,
            'size_px' => $size,
            'outline_px' => $outline,
            'aim' => ['x' => $head[0] / self::WIDE - 0.5, 'y' => $head[1] / self::HIGH - 0.5],
            'limit_px' => round($limit, 3),
            'width_px' => $ellipse->width(),
            'sigma_px' => $ellipse->deviation(),
            'long_px' => $ellipse->long,
            'short_px' => $ellipse->short,
            'angle_deg' => $ellipse->angleDeg,
            'side' => $side,
        ];
    }

    protected function between(float $low, float $high): float
    {
        return $low + (($high - $low) * $this->chance->getInt(0, 1 << 30)) / (1 << 30);
    }

    /** @param  list<string>  $files */
    protected function photograph(array $files, int $wide, int $high, float $smaller): Imagick
    {
        $picture = new Imagick($files[$this->chance->getInt(0, count($files) - 1)]);
        $picture->setImageAlphaChannel(Imagick::ALPHACHANNEL_REMOVE);
        $picture->transformImageColorspace(Imagick::COLORSPACE_SRGB);
        $picture->setImageDepth(16);
        $smaller = max(1.0, min($smaller, $picture->getImageWidth() / $wide, $picture->getImageHeight() / $high));
        $picture->resizeImage(
            (int) ($picture->getImageWidth() / $smaller),
            (int) ($picture->getImageHeight() / $smaller),
            Imagick::FILTER_BOX,
            1,
        );
        // What is too small is laid out again and again, mirrored so that there is no seam.
        while ($picture->getImageWidth() < $wide || $picture->getImageHeight() < $high) {
            $picture = self::mirrored($picture);
        }
        $picture->cropImage(
            $wide,
            $high,
            $this->chance->getInt(0, $picture->getImageWidth() - $wide),
            $this->chance->getInt(0, $picture->getImageHeight() - $high),
        );
        $picture->setImagePage($wide, $high, 0, 0);

        return $picture;
    }

    protected static function mirrored(Imagick $one): Imagick
    {
        [$w, $h] = [$one->getImageWidth(), $one->getImageHeight()];
        $four = new Imagick();
        $four->newImage(2 * $w, 2 * $h, new ImagickPixel('black'));
        $four->setImageDepth(16);
        foreach ([[0, 0], [1, 0], [1, 1], [0, 1]] as [$x, $y]) {
            $copy = clone $one;
            $x === 1 && $copy->flopImage();
            $y === 1 && $copy->flipImage();
            $four->compositeImage($copy, Imagick::COMPOSITE_COPY, $x * $w, $y * $h);
        }

        return $four;
    }

    /**
     * @param  array{float, float}  $at
     * @param  string|null  $side  set to where focus is, where the picture shows it
     */
    protected function background(
        string $ground,
        string $kind,
        float $disc,
        float $smear,
        float $angle,
        array $at,
        int $size,
        ?string &$side,
    ): Imagick {
        $shaken = $kind === 'camera' ? $smear : 0.0;
        $picture = $this->photograph(
            $this->photographs[$ground === 'soft' ? 'busy' : $ground],
            self::WIDE,
            self::HIGH,
            $this->between(1.6, 3.0),
        );
        if ($ground === 'ground') {
            return $this->receding(
                $picture,
                $kind,
                $disc,
                $shaken,
                $angle,
                ($at[1] + 0.5) * self::HIGH + 0.45 * $size,
                $side,
            );
        }
        // Behind a subject in focus all is soft, more or less; where focus went behind it, what is there is sharp.
        $behind = match (true) {
            $ground === 'busy' => $this->between(0.0, 1.5),
            $ground === 'plain' => $this->between(0.0, 10.0),
            default => $this->between(14.0, 40.0),
        };
        if ($kind === 'focus' && $behind < 0.5 * $disc) {
            $side = 'farther';
        }
        self::blur($picture, $behind, $shaken, $angle);

        return $picture;
    }

    /** What is blurred widely is blurred on a smaller copy: nobody measures it to the pixel. */
    protected static function blur(Imagick $picture, float $disc, float $smear, float $angle): void
    {
        if ($disc + $smear <= 0.3) {
            return;
        }
        [$w, $h] = [$picture->getImageWidth(), $picture->getImageHeight()];
        $smaller = max(1, min(8, intdiv((int) ($disc > 0.2 * $smear ? $disc : $disc + 0.2 * $smear), 5)));
        $smaller > 1 && $picture->resizeImage(intdiv($w, $smaller), intdiv($h, $smaller), Imagick::FILTER_BOX, 1);
        $picture->filter(ImagickKernel::fromMatrix(self::kernel($disc / $smaller, $smear / $smaller, $angle)));
        $smaller > 1 && $picture->resizeImage($w, $h, Imagick::FILTER_CUBIC, 1);
    }

    /** Ground that goes away from below: sharp in one row, the softer the farther from it. */
    protected function receding(
        Imagick $picture,
        string $kind,
        float $disc,
        float $shaken,
        float $angle,
        float $feet,
        ?string &$side,
    ): Imagick {
        $each = $this->between(0.05, 0.12);
        // Where the subject stands the ground is as sharp as the subject.
        $far = $disc / $each;
        $nearer = $kind === 'focus' ? $this->chance->getInt(0, 1) === 1 : true;
        $row = $feet + ($nearer ? $far : -$far);
        if ($kind === 'focus') {
            $side = $nearer ? 'nearer' : 'farther';
        }
        $levels = [0.0, 2.0, 4.0, 8.0, 14.0, 24.0, 40.0];
        $blurred = [];
        foreach ($levels as $level) {
            $copy = clone $picture;
            self::blur($copy, $level, $shaken, $angle);
            $blurred[] = $copy;
        }
        for ($y = 0; $y < self::HIGH; $y += 10) {
            $want = min(39.9, $each * abs($y + 5 - $row));
            $i = 0;
            while ($levels[$i + 1] <= $want) {
                $i++;
            }
            $band = $blurred[$i]->exportImagePixels(0, $y, self::WIDE, 10, 'RGB', Imagick::PIXEL_FLOAT);
            $share = ($want - $levels[$i]) / ($levels[$i + 1] - $levels[$i]);
            foreach (
                $blurred[$i + 1]->exportImagePixels(0, $y, self::WIDE, 10, 'RGB', Imagick::PIXEL_FLOAT) as $at => $light
            ) {
                $band[$at] += $share * ($light - $band[$at]);
            }
            $picture->importImagePixels(0, $y, self::WIDE, 10, 'RGB', Imagick::PIXEL_FLOAT, $band);
        }

        return $picture;
    }

    /**
     * @param  list<list<float>>  $kernel
     * @param  array{float, float}  $at
     * @return array{array{float, float}, int} where its head is, pixels, and its width
     */
    protected function paste(Imagick $picture, array $kernel, array $at, int $size): array
    {
        $edge = intdiv(count($kernel), 2) + 4;
        $side = (int) ($size * 1.3) + 2 * $edge;
        [$mask, $head, $eye] = $this->outline($side, $size);
        $coat = $this->photograph($this->photographs['coat'], $side, $side, $this->between(2.0, 3.2));
        // Coats are of all contrasts, light and dark.
        $coat->brightnessContrastImage($this->between(-22, 22), $this->between(-45, 5));
        self::eye($coat, $head, $eye);
        $left = (int) round(($at[0] + 0.5) * self::WIDE - $side / 2);
        $top = (int) round(($at[1] + 0.5) * self::HIGH - $side / 2);
        $left = max(0, min(self::WIDE - $side, $left));
        $top = max(0, min(self::HIGH - $side, $top));
        $of = $coat->exportImagePixels(0, 0, $side, $side, 'RGB', Imagick::PIXEL_FLOAT);
        $cover = $mask->exportImagePixels(0, 0, $side, $side, 'I', Imagick::PIXEL_FLOAT);
        foreach ($cover as $i => $c) {
            for ($k = 0; $k < 3; $k++) {
                $of[3 * $i + $k] *= $c;
            }
        }
        $coat->importImagePixels(0, 0, $side, $side, 'RGB', Imagick::PIXEL_FLOAT, $of);
        if (count($kernel) > 1) {
            $coat->filter(ImagickKernel::fromMatrix($kernel));
            $mask->filter(ImagickKernel::fromMatrix($kernel));
        }
        $of = $coat->exportImagePixels(0, 0, $side, $side, 'RGB', Imagick::PIXEL_FLOAT);
        $cover = $mask->exportImagePixels(0, 0, $side, $side, 'I', Imagick::PIXEL_FLOAT);
        $behind = $picture->exportImagePixels($left, $top, $side, $side, 'RGB', Imagick::PIXEL_FLOAT);
        foreach ($cover as $i => $c) {
            for ($k = 0; $k < 3; $k++) {
                $behind[3 * $i + $k] = min(1.0, $behind[3 * $i + $k] * (1 - $c) + $of[3 * $i + $k]);
            }
        }
        $picture->importImagePixels($left, $top, $side, $side, 'RGB', Imagick::PIXEL_FLOAT, $behind);

        return [[$left + $head[0], $top + $head[1]], $size];
    }

    /** @param  array{float, float}  $head */
    protected static function eye(Imagick $coat, array $head, float $eye): void
    {
        if ($eye > 2.5) {
            $draw = new ImagickDraw();
            $draw->setFillColor(new ImagickPixel('#efe9da'));
            $draw->circle($head[0], $head[1], $head[0] + 1.5 * $eye, $head[1]);
            $draw->setFillColor(new ImagickPixel('#15110e'));
            $draw->circle($head[0], $head[1], $head[0] + $eye, $head[1]);
            $coat->drawImage($draw);
        }
    }

    /** @return array{Imagick, array{float, float}, float} a mask, where the head is in it, and how large the eye is */
    protected function outline(int $side, int $size): array
    {
        $four = 4;
        $draw = new ImagickDraw();
        $draw->setFillColor(new ImagickPixel('white'));
        $middle = $side / 2;
        $bodyWide = $this->between(0.3, 0.5) * $size;
        $bodyHigh = $this->between(0.14, 0.3) * $size;
        $lean = $this->between(-0.5, 0.5);
        $facing = $this->chance->getInt(0, 1) === 1 ? 1 : -1;
        $headSize = $this->between(0.09, 0.17) * $size;
        $head = [
            $middle + $facing * 0.85 * $bodyWide * cos($lean),
            $middle + 0.85 * $bodyWide * sin($lean) * $facing - 0.5 * $headSize,
        ];
        $blob = static function (float $x, float $y, float $rx, float $ry, float $turn) use ($draw, $four): void {
            $points = [];
            for ($i = 0; $i < 48; $i++) {
                $a = (2 * M_PI * $i) / 48;
                $points[] = [
                    'x' => $four * ($x + $rx * cos($a) * cos($turn) - $ry * sin($a) * sin($turn)),
                    'y' => $four * ($y + $rx * cos($a) * sin($turn) + $ry * sin($a) * cos($turn)),
                ];
            }
            $draw->polygon($points);
        };
        $blob($middle, $middle, $bodyWide, $bodyHigh, $facing * $lean);
        $blob($head[0], $head[1], $headSize * 1.15, $headSize, 0.3 * $facing);
        for ($k = $this->chance->getInt(1, 4); $k > 0; $k--) {
            // Limbs, wings or a tail.
            $turn = $this->between(0, 2 * M_PI);
            $long = $this->between(0.2, 0.32) * $size;
            $blob(
                $middle + cos($turn) * $long * 0.8,
                $middle + sin($turn) * $long * 0.8,
                $long,
                $this->between(0.03, 0.09) * $size,
                $turn,
            );
        }
        $mask = new Imagick();
        $mask->newImage($four * $side, $four * $side, new ImagickPixel('black'));
        $mask->setImageDepth(16);
        $mask->drawImage($draw);
        $mask->resizeImage($side, $side, Imagick::FILTER_BOX, 1);

        return [$mask, $head, $this->between(0.12, 0.22) * $headSize];
    }

    protected function grain(Imagick $picture, float $noise): void
    {
        $bell = [];
        for ($i = 0; $i < 16384; $i++) {
            $bell[] = sqrt(-2 * log($this->between(1e-9, 1))) * cos(2 * M_PI * $this->between(0, 1));
        }
        for ($y = 0; $y < self::HIGH; $y++) {
            $row = $picture->exportImagePixels(0, $y, self::WIDE, 1, 'RGB', Imagick::PIXEL_FLOAT);
            $from = $this->chance->getInt(0, 16383);
            foreach ($row as $i => $light) {
                // More of it in the light, as a sensor has it.
                $row[$i] = max(0.0, min(1.0, $light + $noise * (0.6 + 0.8 * $light) * $bell[($from + 7 * $i) & 16383]));
            }
            $picture->importImagePixels(0, $y, self::WIDE, 1, 'RGB', Imagick::PIXEL_FLOAT, $row);
        }
    }

    /**
     * A disc of a diameter, drawn along a line.
     *
     * @return non-empty-list<non-empty-list<float>> adding up to one
     */
    protected static function kernel(float $disc, float $smear, float $angle): array
    {
        $reach = (int) ceil(($disc + $smear) / 2 + 0.5);
        $kernel = array_fill(0, 2 * $reach + 1, array_fill(0, 2 * $reach + 1, 0.0));
        $sum = 0.0;
        $steps = max(1, (int) ceil(3 * $smear));
        $radius = $disc / 2;
        $fine = 0.25;
        $points = [];
        for ($y = -floor($radius / $fine) * $fine; $y <= $radius; $y += $fine) {
            for ($x = -floor($radius / $fine) * $fine; $x <= $radius; $x += $fine) {
                $x * $x + $y * $y <= $radius * $radius + 1e-9 && ($points[] = [$x, $y]);
            }
        }
        for ($t = 0; $t < $steps; $t++) {
            $along = $smear * (($t + 0.5) / $steps - 0.5);
            foreach ($points as [$x, $y]) {
                [$px, $py] = [$x + $along * cos($angle) + $reach, $y + $along * sin($angle) + $reach];
                [$i, $j] = [(int) $px, (int) $py];
                foreach ([[0, 0], [1, 0], [0, 1], [1, 1]] as [$dx, $dy]) {
                    $w = ($dx === 1 ? $px - $i : 1 - $px + $i) * ($dy === 1 ? $py - $j : 1 - $py + $j);
                    isset($kernel[$j + $dy][$i + $dx]) && ($kernel[$j + $dy][$i + $dx] += $w);
                    $sum += $w;
                }
            }
        }

        return array_map(
            static fn (array $row): array => array_map(static fn (float $w): float => $w / $sum, $row),
            $kernel,
        );
    }

    /**
     * @param  list<list<float>>  $kernel
     * @return array{float, float, float} along x and y, and together
     */
    protected static function variances(array $kernel): array
    {
        $half = intdiv(count($kernel), 2);
        $xx = $yy = $xy = 0.0;
        foreach ($kernel as $j => $row) {
            foreach ($row as $i => $w) {
                $xx += $w * ($i - $half) ** 2;
                $yy += $w * ($j - $half) ** 2;
                $xy += $w * ($i - $half) * ($j - $half);
            }
        }

        return [$xx, $yy, $xy];
    }
}
