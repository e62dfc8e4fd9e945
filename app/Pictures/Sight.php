<?php

declare(strict_types=1);

namespace App\Pictures;

use Imagick;
use ImagickException;
use RushHold\Review\Cutout;
use RushHold\Review\Follow;
use RushHold\Review\GrainCurve;
use RushHold\Review\Measured;
use RushHold\Review\Palette;
use RushHold\Review\Patch;
use RushHold\Review\Spread;
use RushHold\Review\Tile;

/** Opens one picture and measures it. Whoever calls this does so in a process of its own. */
final class Sight
{
    /** Tiles across and down, and the side of what is looked at in the middle of each, pixels. */
    private const TILES = [9, 6];

    private const TILE_SIDE = 56;

    private const TILE_EDGES = 72;

    /** Around what has to be sharp so much is looked at, and so much for its brightness; pixels. */
    private const SIDE = 340;

    private const NEAR = 96;

    /** What is more widely spread than so many pixels is measured on a smaller copy. */
    private const WIDE = 7.0;

    /** Around what was marked it is cut out from so much, as a share of the width, on a copy of so many pixels. */
    private const CUT_FROM = 0.45;

    private const CUT_SIDE = 112;

    /** A copy to find colours on is so wide, pixels. */
    private const COLOURS_WIDE = 240;

    private const SOFT = 0.8;

    /** Where nobody said what the picture is of, its noise is told for the middle of the scale. */
    private const GREY = 0.4;

    private const PREVIEW = 1600;

    /** A smaller copy that is read with the picture may fall short of that a little. */
    private const LEAST = 1440;

    private const THUMBNAIL = 360;

    private readonly Pixels $picture;

    private ?Imagick $reduced = null;

    /** @var array<string, array{Cutout, int, int, float}> by where it was marked */
    private array $cutouts = [];

    /** @var array{int, int, list<array{float, float, float}>}|null */
    private ?array $colours = null;

    /** @throws NoPicture */
    public function __construct(string $file)
    {
        $kind = Kind::of($file);
        try {
            // A raw file may look like a TIFF from outside.
            $this->picture =
                $kind === Kind::Raw ||
                ($kind === Kind::Tiff && (Facts::of([$file])[$file]['mime'] ?? 'image/tiff') !== 'image/tiff')
                    ? self::fromRaw($file)
                    : self::opened($kind, $file);
        } catch (ImagickException) {
            throw NoPicture::broken();
        }
    }

    /** @throws NoPicture|ImagickException */
    private static function opened(Kind $kind, string $file): Pixels
    {
        $unpacked = $kind === Kind::Jpeg ? Unpacked::jpeg($file, self::LEAST) : null;
        if ($unpacked !== null) {
            return $unpacked;
        }
        $kind === Kind::Tiff && Whole::tiff($file);
        $picture = new Imagick();
        $picture->readImage($kind->value.':'.$file.($kind === Kind::Jpeg ? '' : '[0]'));
        // What phones write is turned already when it is read.
        $kind === Kind::Heic && $picture->setImageOrientation(Imagick::ORIENTATION_TOPLEFT);

        return new Opened($picture);
    }

    /** @throws NoPicture|ImagickException */
    private static function fromRaw(string $file): Pixels
    {
        $preview = Facts::preview($file) ?? throw NoPicture::unknown();
        $copy = tempnam(sys_get_temp_dir(), 'preview');
        if ($copy === false || file_put_contents($copy, $preview) === false) {
            throw NoPicture::failed();
        }
        try {
            Kind::of($copy);

            return self::opened(Kind::Jpeg, $copy);
        } catch (NoPicture) {
            throw NoPicture::noPreview();
        } finally {
            unlink($copy);
        }
    }

    public function wide(): int
    {
        return $this->picture->wide();
    }

    public function high(): int
    {
        return $this->picture->high();
    }

    /** A small grey copy to find things on. */
    public function small(): Patch
    {
        $high = max(1, (int) round((Follow::WIDE * $this->high()) / $this->wide()));
        $copy = clone $this->reduced();
        $copy->resizeImage(Follow::WIDE, $high, Imagick::FILTER_BOX, 1);
        $patch = self::light($copy);
        $copy->clear();

        // Soft enough that half a pixel more or less makes no difference.
        return $patch->smoothed(self::SOFT);
    }

    /**
     * Which colours what was marked has, and what is around it has not.
     *
     * @param  array{float, float}  $aim
     */
    public function palette(array $aim): Palette
    {
        [$cutout, $left, $top, $scale] = $this->cutout($aim);
        [$wide, $high, $colours] = $this->colours();
        $mine = $others = [];
        foreach ($colours as $i => $colour) {
            $x = (((($i % $wide) + 0.5) * $this->wide()) / $wide - $left) / $scale;
            $y = (((intdiv($i, $wide) + 0.5) * $this->high()) / $high - $top) / $scale;
            $inside =
                $x >= 0 &&
                $y >= 0 &&
                $x < $cutout->side &&
                $y < $cutout->side &&
                $cutout->is[(int) $y * $cutout->side + (int) $x];
            $inside ? ($mine[] = $colour) : ($others[] = $colour);
        }

        return Palette::of($mine, $others);
    }

    /** Where in it there are these colours. */
    public function coloured(Palette $palette): Patch
    {
        return $palette->seen(...$this->colours());
    }

    /**
     * @return array{int, int, list<array{float, float, float}>} a small copy in colours: how wide and high, and each
     *   pixel
     */
    private function colours(): array
    {
        if ($this->colours !== null) {
            return $this->colours;
        }
        $wide = self::COLOURS_WIDE;
        $high = max(1, (int) round(($wide * $this->high()) / $this->wide()));
        $copy = clone $this->reduced();
        $copy->resizeImage($wide, $high, Imagick::FILTER_BOX, 1);
        /** @var list<array{float, float, float}> $colours */
        $colours = array_chunk(
            array_map(floatval(...), $copy->exportImagePixels(0, 0, $wide, $high, 'RGB', Imagick::PIXEL_FLOAT)),
            3,
        );
        $copy->clear();

        return $this->colours = [$wide, $high, $colours];
    }

    /** @return array{string, string} a preview and a thumbnail, as JPEG without anything the file says of itself */
    public function shown(): array
    {
        $shown = [];
        foreach ([self::PREVIEW, self::THUMBNAIL] as $wide) {
            $copy = clone $this->reduced();
            $by = max($copy->getImageWidth(), $copy->getImageHeight()) / $wide;
            $by > 1 &&
                $copy->resizeImage(
                    max(1, (int) round($copy->getImageWidth() / $by)),
                    max(1, (int) round($copy->getImageHeight() / $by)),
                    Imagick::FILTER_TRIANGLE,
                    1,
                );
            $copy->stripImage();
            $copy->setImageFormat('jpeg');
            $copy->setImageCompressionQuality(82);
            $shown[] = $copy->getImageBlob();
            $copy->clear();
        }

        return [$shown[0], $shown[1]];
    }

    /** Around that place, pixel for pixel, as JPEG. */
    public function around(float $x, float $y, int $side): string
    {
        [$left, $top] = [$this->left($x, $side), $this->top($y, $side)];
        $copy = $this->picture->piece($left, $top, min($side, $this->wide()), min($side, $this->high()));
        $copy->stripImage();
        $copy->setImageFormat('jpeg');
        $copy->setImageCompressionQuality(92);

        return $copy->getImageBlob();
    }

    /**
     * @param  array{float, float}|null  $aim  in widths and heights from the centre, y down
     * @param  float  $limitPx  the widest that may be kept, pixels
     */
    public function measured(?array $aim, float $limitPx): Measured
    {
        $patches = $this->tiles();
        $grain = GrainCurve::of(array_column($patches, 2));
        $cut = $aim === null ? null : $this->cutout($aim);
        $tiles = $around = [];
        foreach ($patches as [$x, $y, $patch]) {
            $edges = Spread::edges($patch, $grain->at($patch->mean()), self::TILE_EDGES);
            $tiles[] = new Tile($x, $y, Spread::fromEdges($edges)?->ellipse);
            if (
                $cut === null ||
                ! $cut[0]->has(
                    (($x + 0.5) * $this->wide() - $cut[1]) / $cut[3],
                    (($y + 0.5) * $this->high() - $cut[2]) / $cut[3],
                )
            ) {
                array_push($around, ...$edges);
            }
        }
        $noise = $grain->at($aim === null ? self::GREY : $this->patch($aim[0], $aim[1], self::NEAR)->mean());
        if ($cut === null) {
            return new Measured(null, null, $noise, $tiles, $limitPx);
        }
        $feet = ($cut[2] + $cut[0]->feet() * $cut[0]->side * $cut[3]) / $this->high() - 0.5;

        return new Measured(
            $aim,
            $this->spread($aim, $noise, ...$cut),
            $noise,
            $tiles,
            $limitPx,
            $cut[0]->clear,
            Spread::fromEdges($around),
            $feet,
        );
    }

    /** @param  array{float, float}  $aim */
    private function spread(array $aim, float $noise, Cutout $cutout, int $left, int $top, float $scale): ?Spread
    {
        $best = null;
        foreach ([1, 2, 4, 8] as $smaller) {
            $wide = self::SIDE * $smaller;
            [$x, $y] = [$this->left($aim[0], $wide), $this->top($aim[1], $wide)];
            $patch = $this->smaller($x, $y, $wide, $smaller);
            $within = [];
            for ($row = 0; $row < $patch->high; $row++) {
                for ($column = 0; $column < $patch->wide; $column++) {
                    $within[] = $cutout->has(
                        ($x + ($column + 0.5) * $smaller - $left) / $scale,
                        ($y + ($row + 0.5) * $smaller - $top) / $scale,
                    );
                }
            }
            $found = Spread::of(
                $patch,
                $noise / $smaller,
                within: $within,
                at: [
                    (($aim[0] + 0.5) * $this->wide() - $x) / $smaller,
                    (($aim[1] + 0.5) * $this->high() - $y) / $smaller,
                ],
            );
            if ($found !== null) {
                $best = $found->enlarged($smaller);
                if ($found->ellipse->long <= self::WIDE) {
                    break;
                }
            }
        }

        return $best;
    }

    /**
     * What belongs to what was marked.
     *
     * @param  array{float, float}  $aim
     * @return array{Cutout, int, int, float} and where its left and top are, and how many pixels one of its pixels is
     */
    private function cutout(array $aim): array
    {
        // It is asked for to be measured and to be followed.
        return $this->cutouts[implode(' ', $aim)] ??= $this->cut($aim);
    }

    /**
     * @param  array{float, float}  $aim
     * @return array{Cutout, int, int, float}
     */
    private function cut(array $aim): array
    {
        $side = (int) min(self::CUT_FROM * $this->wide(), $this->wide(), $this->high());
        [$left, $top] = [$this->left($aim[0], $side), $this->top($aim[1], $side)];
        $small = min($side, self::CUT_SIDE);
        // The smaller copy is fine enough, and much sooner cut.
        $by = $this->reduced()->getImageWidth() / $this->wide();
        $copy =
            $by * $side >= $small
                ? $this->reduced()->getImageRegion(
                    (int) round($side * $by),
                    (int) round($side * $by),
                    (int) round($left * $by),
                    (int) round($top * $by),
                )
                : $this->picture->piece($left, $top, $side, $side);
        $copy->setImagePage(0, 0, 0, 0);
        $copy->resizeImage($small, $small, Imagick::FILTER_BOX, 1);
        /** @var list<array{float, float, float}> $colours */
        $colours = array_chunk(
            array_map(floatval(...), $copy->exportImagePixels(0, 0, $small, $small, 'RGB', Imagick::PIXEL_FLOAT)),
            3,
        );
        $copy->clear();
        $scale = $side / $small;

        return [
            Cutout::of($small, $colours, [
                (($aim[0] + 0.5) * $this->wide() - $left) / $scale,
                (($aim[1] + 0.5) * $this->high() - $top) / $scale,
            ]),
            $left,
            $top,
            $scale,
        ];
    }

    private function smaller(int $x, int $y, int $wide, int $smaller): Patch
    {
        [$w, $h] = [min($wide, $this->wide()), min($wide, $this->high())];
        if ($smaller === 1) {
            return $this->read($x, $y, $w, $h);
        }
        $copy = $this->picture->piece($x, $y, $w, $h);
        [$w, $h] = [intdiv($w, $smaller), intdiv($h, $smaller)];
        $copy->resizeImage($w, $h, Imagick::FILTER_BOX, 1);
        $patch = self::light($copy);
        $copy->clear();

        return $patch;
    }

    /** @return non-empty-list<array{float, float, Patch}> */
    private function tiles(): array
    {
        [$across, $down] = self::TILES;
        $tiles = [];
        for ($j = 0; $j < $down; $j++) {
            for ($i = 0; $i < $across; $i++) {
                [$x, $y] = [($i + 0.5) / $across - 0.5, ($j + 0.5) / $down - 0.5];
                $tiles[] = [$x, $y, $this->patch($x, $y, self::TILE_SIDE)];
            }
        }

        return $tiles;
    }

    private function patch(float $x, float $y, int $side): Patch
    {
        return $this->read(
            $this->left($x, $side),
            $this->top($y, $side),
            min($side, $this->wide()),
            min($side, $this->high()),
        );
    }

    private function read(int $x, int $y, int $wide, int $high): Patch
    {
        $piece = $this->picture->piece($x, $y, $wide, $high);
        $patch = self::light($piece);
        $piece->clear();

        return $patch;
    }

    private static function light(Imagick $picture): Patch
    {
        [$wide, $high] = [$picture->getImageWidth(), $picture->getImageHeight()];

        return new Patch(
            $wide,
            $high,
            array_map(floatval(...), $picture->exportImagePixels(0, 0, $wide, $high, 'I', Imagick::PIXEL_FLOAT)),
        );
    }

    /** Made once: what is shown and what is searched on are smaller still. */
    private function reduced(): Imagick
    {
        $this->reduced ??= $this->picture->copy();
        $by = max($this->reduced->getImageWidth(), $this->reduced->getImageHeight()) / self::PREVIEW;
        $by > 1 &&
            $this->reduced->scaleImage(
                max(1, (int) round($this->reduced->getImageWidth() / $by)),
                max(1, (int) round($this->reduced->getImageHeight() / $by)),
            );

        return $this->reduced;
    }

    private function left(float $x, int $side): int
    {
        return max(0, min($this->wide() - $side, (int) round(($x + 0.5) * $this->wide() - $side / 2)));
    }

    private function top(float $y, int $side): int
    {
        return max(0, min($this->high() - $side, (int) round(($y + 0.5) * $this->high() - $side / 2)));
    }
}
