<?php

declare(strict_types=1);

namespace RushHold\Kit;

use RushHold\Range;
use RushHold\Refused;

/** The focal lengths of a zoom, and how its widest opening goes with them. */
final readonly class Zoom
{
    /**
     * @param  list<array{float, float}>  $apertures  focal length in mm and widest f-number there, shortest first; at
     *   least two
     *
     * @throws Refused if a value is out of range or the order is wrong
     */
    public function __construct(public array $apertures)
    {
        if (count($apertures) < 2) {
            throw Refused::because('kit.lens.zoom', 'zoom-few');
        }
        $before = 0.0;
        foreach ($apertures as $i => [$focal, $widest]) {
            Range::of(8, 2000, 'mm')->check("kit.lens.zoom[$i].focal_mm", $focal);
            Range::of(0.7, 22, '(f-number)')->check("kit.lens.zoom[$i].max_aperture", $widest);
            if ($focal <= $before) {
                throw Refused::beyond("kit.lens.zoom[$i].focal_mm", Range::above($before, 2000, 'mm'), 'zoom-order');
            }
            $before = $focal;
        }
    }

    public function fromMm(): float
    {
        return $this->apertures[0][0];
    }

    public function toMm(): float
    {
        return $this->apertures[count($this->apertures) - 1][0];
    }

    public function range(): Range
    {
        return Range::depending($this->fromMm(), $this->toMm(), 'mm');
    }

    /** Widest f-number at a focal length: between two that are known it goes evenly, both counted in stops. */
    public function widestAt(float $focalMm): float
    {
        $focalMm = $this->range()->clamp($focalMm);
        foreach ($this->apertures as $i => [$focal, $widest]) {
            if ($focalMm <= $focal) {
                if ($i === 0) {
                    return $widest;
                }
                [$shorter, $before] = $this->apertures[$i - 1];
                $share = log($focalMm / $shorter) / log($focal / $shorter);

                return $before * ($widest / $before) ** $share;
            }
        }

        return $this->apertures[count($this->apertures) - 1][1];
    }
}
