<?php

declare(strict_types=1);

namespace RushHold\Ops\Outlines;

use Imagick;
use ImagickDraw;
use ImagickPixel;

/**
 * A subject of which outlines are taken: tubes and sheets in space. It goes along x, y is up, z is to its right; the
 * unit is its own. All of it is drawn for this.
 */
final class Model
{
    private const ALONG = [10, 60];

    private const AROUND = 18;

    /** @var list<array{string, list<list<float>>}> */
    private array $parts = [];

    /** @var array<string, array{float, float, float}> */
    public array $places = [];

    /** What is below this height is under water, or in the snow. */
    public ?float $cut = null;

    /** How far nose up it is, and how far over to the side one looks from, degrees. */
    public float $pitch = 0;

    public float $bank = 0;

    /** How far from below one looks, degrees. */
    public float $below = 0;

    /**
     * @param  list<list<float>>  $points  x, y, z, and how thick it is there upwards and, unless the same, across:
     *   radii
     */
    public function tube(array $points): static
    {
        $this->parts[] = ['tube', $points];

        return $this;
    }

    /** A tube of several joints, straight between them. @param  list<list<float>>  $points  as of a tube */
    public function limb(array $points): static
    {
        for ($i = 1; $i < count($points); $i++) {
            $this->parts[] = ['tube', [$points[$i - 1], $points[$i]]];
        }

        return $this;
    }

    /** @param  list<list<float>>  $points  x, y, z of its edge; one that stands twice is a corner */
    public function sheet(array $points): static
    {
        $this->parts[] = ['sheet', $points];

        return $this;
    }

    /** Something as thick as that all over. @param  list<list<float>>  $edge  x, y of its edge */
    public function solid(array $edge, float $half, float $z = 0.0): static
    {
        foreach ([-$half, $half] as $side) {
            $this->parts[] = ['plate', array_map(static fn (array $p): array => [$p[0], $p[1], $z + $side], $edge)];
        }
        foreach ($edge as $i => $p) {
            $q = $edge[($i + 1) % count($edge)];
            $this->parts[] = ['plate', [[$p[0], $p[1], $z - $half], [$p[0], $p[1], $z + $half], [$q[0], $q[1], $z + $half], [$q[0], $q[1], $z - $half]]];
        }

        return $this;
    }

    /** On both sides. @param  callable(int): void  $part  is given 1 and -1 */
    public function both(callable $part): static
    {
        $part(-1);
        $part(1);

        return $this;
    }

    public function ball(float $x, float $y, float $z, float $r): static
    {
        return $this->tube([[$x, $y, $z, $r], [$x + 1e-3, $y, $z, $r]]);
    }

    /** A ring, as of a wheel. */
    public function ring(float $x, float $y, float $z, float $r, float $thick): static
    {
        $points = [];
        for ($i = 0; $i <= 24; $i++) {
            $points[] = [$x + $r * cos(M_PI * $i / 12), $y + $r * sin(M_PI * $i / 12), $z, $thick, $thick];
        }

        return $this->tube($points);
    }

    public function place(string $name, float $x, float $y, float $z): static
    {
        $this->places[$name] = [$x, $y, $z];

        return $this;
    }

    /** @return array{float, float, float} right, up and to the eye */
    private function seen(float $x, float $y, float $z, float $yaw): array
    {
        $turn = static fn (float $a, float $b, float $degrees): array => [$a * cos(deg2rad($degrees)) - $b * sin(deg2rad($degrees)), $a * sin(deg2rad($degrees)) + $b * cos(deg2rad($degrees))];
        [$y, $z] = $turn($y, $z, $this->bank);
        [$x, $y] = $turn($x, $y, $this->pitch);
        // Its right side is the one that is seen from the side.
        [$x, $z] = $turn($x, $z, $yaw);
        [$y, $z] = $turn($y, $z, -$this->below);

        return [$x, $y, $z];
    }

    /**
     * @return list<list<array{float, float}>> polygons, y up
     */
    private function polygons(float $yaw): array
    {
        $polygons = [];
        $axes = array_map(fn (array $axis): array => $this->seen(...[...$axis, $yaw]), [[1.0, 0.0, 0.0], [0.0, 1.0, 0.0], [0.0, 0.0, 1.0]]);
        foreach ($this->parts as [$kind, $points]) {
            if ($kind !== 'tube') {
                $points = $kind === 'sheet' ? self::smooth([...$points, $points[0]], 8) : $points;
                $polygons[] = array_map(fn (array $p): array => array_slice($this->seen($p[0], $p[1], $p[2], $yaw), 0, 2), $points);

                continue;
            }
            $points = array_map(static fn (array $p): array => [$p[0], $p[1], $p[2], $p[3], $p[4] ?? $p[3]], $points);
            // Close enough that it is smooth where it is thin.
            $longest = max(array_map(static fn (array $a, array $b): float => hypot(hypot($a[0] - $b[0], $a[1] - $b[1]), $a[2] - $b[2]), array_slice($points, 1), array_slice($points, 0, -1)));
            $points = self::smooth($points, max(self::ALONG[0], min(self::ALONG[1], (int) ceil($longest / max(0.004, 0.4 * min(array_map(static fn (array $p): float => min($p[3], $p[4]), $points)))))));
            foreach ($points as [$x, $y, $z, $up, $across]) {
                [$cx, $cy] = $this->seen($x, $y, $z, $yaw);
                [$xx, $yy, $xy] = [0.0, 0.0, 0.0];
                foreach ([min($up, $across), $up, $across] as $i => $r) {
                    $xx += ($r * $axes[$i][0]) ** 2;
                    $yy += ($r * $axes[$i][1]) ** 2;
                    $xy += $r * $r * $axes[$i][0] * $axes[$i][1];
                }
                [$middle, $half] = [($xx + $yy) / 2, hypot(($xx - $yy) / 2, $xy)];
                [$a, $b, $turned] = [sqrt($middle + $half), sqrt(max(0.0, $middle - $half)), 0.5 * atan2(2 * $xy, $xx - $yy)];
                $polygon = [];
                for ($i = 0; $i < self::AROUND; $i++) {
                    [$u, $v] = [$a * cos(2 * M_PI * $i / self::AROUND), $b * sin(2 * M_PI * $i / self::AROUND)];
                    $polygon[] = [$cx + $u * cos($turned) - $v * sin($turned), $cy + $u * sin($turned) + $v * cos($turned)];
                }
                $polygons[] = $polygon;
            }
        }

        return $polygons;
    }

    /**
     * @param  list<list<float>>  $points
     * @return list<list<float>> with points between them, on a curve through all
     */
    private static function smooth(array $points, int $between): array
    {
        $curve = [];
        for ($i = 0; $i < count($points) - 1; $i++) {
            [$b, $c] = [$points[$i], $points[$i + 1]];
            [$a, $d] = [$points[$i - 1] ?? $b, $points[$i + 2] ?? $c];
            for ($k = 0; $k < $between; $k++) {
                $t = $k / $between;
                $curve[] = array_map(static fn (float $p, float $q, float $r, float $s): float => 0.5 * (2 * $q + ($r - $p) * $t + (2 * $p - 5 * $q + 4 * $r - $s) * $t ** 2 + (3 * $q - $p - 3 * $r + $s) * $t ** 3), $a, $b, $c, $d);
            }
        }
        $curve[] = $points[count($points) - 1];

        return $curve;
    }

    /**
     * @return array{Imagick, array{float, float, float, float}} black on white, and where in the model's unit its left,
     *   bottom, width and height are
     */
    public function shade(float $yaw, int $side): array
    {
        $polygons = $this->polygons($yaw);
        if ($this->cut !== null) {
            $polygons = array_map(fn (array $p): array => array_map(fn (array $q): array => [$q[0], max($q[1], $this->cut)], $p), $polygons);
        }
        $all = array_merge(...$polygons);
        [$left, $right, $bottom, $top] = [min(array_column($all, 0)), max(array_column($all, 0)), min(array_column($all, 1)), max(array_column($all, 1))];
        $scale = $side / max($right - $left, $top - $bottom);
        $margin = 4;
        [$wide, $high] = [(int) ceil($scale * ($right - $left)) + 2 * $margin, (int) ceil($scale * ($top - $bottom)) + 2 * $margin];
        $picture = new Imagick;
        $picture->newImage($wide, $high, new ImagickPixel('white'));
        $draw = new ImagickDraw;
        $draw->setFillColor(new ImagickPixel('black'));
        $draw->setStrokeColor(new ImagickPixel('black'));
        // What is seen from its edge is still there.
        $draw->setStrokeWidth($side / 150);
        $draw->setStrokeLineJoin(Imagick::LINEJOIN_ROUND);
        foreach ($polygons as $polygon) {
            $draw->polygon(array_map(static fn (array $p): array => ['x' => round($margin + $scale * ($p[0] - $left), 2), 'y' => round($margin + $scale * ($top - $p[1]), 2)], $polygon));
        }
        $picture->drawImage($draw);

        return [$picture, [$left - $margin / $scale, $bottom - $margin / $scale, $wide / $scale, $high / $scale]];
    }

    /** @return array{float, float} right and up in the model's unit */
    public function placed(string $name, float $yaw): array
    {
        [$x, $y] = $this->seen(...[...$this->places[$name], $yaw]);

        return [$x, $y];
    }
}
