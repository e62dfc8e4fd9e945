<?php

declare(strict_types=1);

namespace RushHold\Review;

/**
 * The noise of a picture by brightness: what is dark has other noise than what is bright, and what is clipped has none
 * that says anything. In each band of brightness the calmer of the patches are believed, never a single one.
 */
final readonly class GrainCurve
{
    private const BANDS = 6;

    /** Of the patches of a band so large a share is calmer than what is believed. */
    private const CALMER = 0.3;

    /** A patch with more than this share of pixels at either end of the scale tells nothing. */
    private const CLIPPED = 0.1;

    /** What lies this near to black or white is at the end of the scale. */
    private const END = 1.5 / 255;

    /**
     * @param  array<int, float>  $noise  standard deviation, as a share of white, by band; only those that are known
     */
    private function __construct(private array $noise)
    {
    }

    /** @param  list<Patch>  $patches  from all over the picture */
    public static function of(array $patches): self
    {
        $bands = [];
        foreach ($patches as $patch) {
            $ends = count(
                array_filter($patch->light, static fn (float $l): bool => $l < self::END || $l > 1 - self::END),
            );
            if ($ends <= self::CLIPPED * count($patch->light)) {
                $bands[self::band($patch->mean())][] = Grain::of($patch);
            }
        }
        $noise = [];
        foreach ($bands as $band => $grains) {
            sort($grains);
            $noise[$band] = $grains[(int) floor(self::CALMER * (count($grains) - 1) + 0.5)];
        }
        ksort($noise);

        return new self($noise);
    }

    /**
     * Standard deviation of the noise at a brightness, both as a share of white; from the nearest band where that one
     * is not known.
     */
    public function at(float $light): float
    {
        $band = self::band($light);
        $nearest = null;
        foreach ($this->noise as $at => $noise) {
            if ($nearest === null || abs($at - $band) < abs($nearest - $band)) {
                $nearest = $at;
            }
        }

        return $nearest === null ? 0.0 : $this->noise[$nearest];
    }

    private static function band(float $light): int
    {
        return max(0, min(self::BANDS - 1, (int) ($light * self::BANDS)));
    }
}
