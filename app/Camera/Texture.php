<?php

declare(strict_types=1);

namespace App\Camera;

use Closure;
use Imagick;

/** One of the layers that make a scenery: cells of one size, or of those only what stands out. */
final readonly class Texture
{
    /** An edge is about so wide, however large the cell, pixels. */
    private const EDGE = 1.1;

    /** Cracks are what is so near to grey, as a share of white. */
    private const THIN = 0.035;

    /** What has cells of so many pixels at least may be put together on a smaller picture. */
    private const LARGE = 12.0;

    /**
     * @param  float  $across  of a cell, pixels
     * @param  float  $down  the same
     * @param  Closure(Imagick, Canvas, float): void  $lay  on a picture, which is smaller by the last
     */
    private function __construct(private float $across, private float $down, private Closure $lay)
    {
    }

    /**
     * Cells of light and dark.
     *
     * @param  float  $left  how much of their contrast is left, as a share
     * @param  float  $soft  half of the range of grey that is left between dark and light: 0.5 leaves all
     */
    public static function cells(float $left, float $across, float $down, float $degrees = 0.0, float $soft = 0.5): self
    {
        return new self($across, $down, static function (Imagick $on, Canvas $chances, float $by) use (
            $left,
            $across,
            $down,
            $degrees,
            $soft,
        ): void {
            $layer = $chances->cells($on->getImageWidth(), $on->getImageHeight(), $across / $by, $down / $by, $degrees);
            $soft < 0.5 && Canvas::within($layer, 0.5 - $soft, 0.5 + $soft);
            Canvas::add($on, $layer, $left);
            $layer->clear();
        });
    }

    /** The same with edges: leaves, blades and stones. */
    public static function edged(float $left, float $across, float $down, float $degrees): self
    {
        return self::cells($left, $across, $down, $degrees, max(0.03, min(0.45, self::EDGE / min($across, $down))));
    }

    /**
     * Only the lightest of them, those above a share of white, made lighter by so much of white, or darker where less
     * than none.
     */
    public static function spots(float $across, float $down, float $above, float $by): self
    {
        return new self($across, $down, static function (Imagick $on, Canvas $chances, float $smaller) use (
            $across,
            $down,
            $above,
            $by,
        ): void {
            self::only(
                $on,
                $chances->cells($on->getImageWidth(), $on->getImageHeight(), $across / $smaller, $down / $smaller),
                $above,
                min(1.0, $above + 0.08),
                $by,
            );
        });
    }

    /** Dark lines around what is so large. */
    public static function cracks(float $across, float $down, float $left): self
    {
        return new self($across, $down, static function (Imagick $on, Canvas $chances, float $by) use (
            $across,
            $down,
            $left,
        ): void {
            self::only(
                $on,
                $chances->veins(
                    $on->getImageWidth(),
                    $on->getImageHeight(),
                    $across / $by,
                    $down / $by,
                    24.0,
                    self::THIN,
                ),
                0.2,
                1.0,
                -$left,
            );
        });
    }

    public function isLarge(): bool
    {
        return min($this->across, $this->down) >= self::LARGE;
    }

    /** @param  float  $by how much smaller the picture is than what it is for */
    public function on(Imagick $grey, Canvas $chances, float $by = 1.0): void
    {
        ($this->lay)($grey, $chances, $by);
    }

    private static function only(Imagick $on, Imagick $layer, float $from, float $to, float $by): void
    {
        Canvas::within($layer, $from, $to);
        $layer->evaluateImage(Imagick::EVALUATE_MULTIPLY, abs($by));
        $on->compositeImage($layer, $by > 0 ? Imagick::COMPOSITE_PLUS : Imagick::COMPOSITE_MINUSSRC, 0, 0);
        $layer->clear();
    }
}
