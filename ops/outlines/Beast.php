<?php

declare(strict_types=1);

namespace RushHold\Ops\Outlines;

/** Four-legged animals by their build: a trunk of length 1 from the rump at 0, its back at height 0. */
final readonly class Beast
{
    /**
     * @param  array{float, float, float}  $trunk  half height at the hips, in the middle and at the chest
     * @param  array{float, float, float}  $neck  length, how steep it is (degrees), thickness
     * @param  array{float, float, float}  $head  length to the nose, half height at the brow and at the nose
     * @param  array{float, float, string}  $ears  length, half width, way
     * @param  array{float, float, float}  $tail  length, thickness, how it hangs (degrees, up is more)
     * @param  array{float, float, float}  $legs  how long, how thick above, how thick below
     * @param  string  $crown  what it has on its head
     */
    public function __construct(private array $trunk, private array $neck, private array $head, private array $ears, private array $tail, private array $legs, private string $crown = '', private float $wide = 0.75)
    {
    }

    /** Loose, or with somebody on it. */
    public static function horse(): self
    {
        return new self([0.2, 0.19, 0.21], [0.4, 44, 0.125], [0.42, 0.105, 0.065], [0.12, 0.03, 'up'], [0.52, 0.06, -28], [0.7, 0.1, 0.032], 'mane');
    }

    /**
     * @param  array{float, float, float, float}  $swing  where the feet are before their joint, in lengths of the leg:
     *   far fore, near fore, far hind, near hind
     * @param  array{float, float, float, float}  $lift  how far they are drawn up, as a share
     * @param  float  $arch  how far its back is bent up
     * @param  array{float, float}  $look  how much steeper the neck, and how far down the nose, degrees
     */
    public function pose(array $swing, array $lift, float $arch = 0.0, float $pitch = 0.0, array $look = [0, 0], float $tail = 0.0, ?float $cut = null): Model
    {
        $m = new Model;
        $m->pitch = $pitch;
        $m->cut = $cut;
        [$hip, $middle, $chest] = $this->trunk;
        $w = $this->wide;
        $short = 1 - 0.9 * abs($arch);
        $x = static fn (float $along): float => ($along - 0.5) * $short + 0.5;
        $y = static fn (float $along): float => $arch * sin(M_PI * $along) - 0.02;
        $m->tube([[$x(0.0), $y(0) - $hip * 1.1, 0, 0.55 * $hip, 0.5 * $hip * $w], [$x(0.12), $y(0.12) - $hip, 0, $hip, $hip * $w], [$x(0.35), $y(0.35) - $middle * 1.02, 0, $middle * 0.95, $middle * $w], [$x(0.6), $y(0.6) - $middle * 1.08, 0, $middle * 1.02, $middle * $w], [$x(0.85), $y(0.85) - $chest, 0, $chest, $chest * $w], [$x(1.0), $y(1) - $chest * 0.95, 0, 0.62 * $chest, 0.55 * $chest * $w]]);
        $m->place('chest', $x(0.92), $y(0.9) - $chest, $chest * 0.5);
        // Neck and head.
        [$long, $steep, $r] = $this->neck;
        $steep = deg2rad($steep + $look[0]);
        [$nx, $ny] = [$x(0.93), $y(0.93) - 0.62 * $chest];
        [$hx, $hy] = [$nx + $long * cos($steep), $ny + $long * sin($steep)];
        $m->tube([[$nx - 0.05, $ny - 0.1 * $chest, 0, $chest * 0.82, $chest * 0.6 * $w], [$nx + 0.5 * $long * cos($steep - 0.12), $ny + 0.5 * $long * sin($steep - 0.12), 0, 1.15 * $r, 0.8 * $r], [$hx, $hy, 0, $r, 0.75 * $r]]);
        [$nose, $brow, $snout] = $this->head;
        $down = deg2rad($look[1] - 12);
        $h = static fn (float $along, float $above, float $z = 0.0): array => [$hx + $along * cos($down) - $above * sin($down), $hy + $along * sin($down) + $above * cos($down), $z];
        $m->tube([[...$h(0, 0), $brow, 0.8 * $brow], [...$h(0.35 * $nose, -0.02 * $nose), 0.85 * $brow, 0.7 * $brow], [...$h(0.72 * $nose, -0.1 * $nose), 0.5 * ($brow + $snout) * 0.85, 0.6 * $snout], [...$h($nose - $snout * 0.6, -0.13 * $nose), $snout, 0.8 * $snout]]);
        $m->place('head', ...$h(0.25 * $nose, 0.0));
        $m->place('eye', ...$h(0.32 * $nose, 0.35 * $brow, 0.7 * $brow));
        [$ear, $half, $way] = $this->ears;
        $m->both(function (int $side) use ($m, $h, $ear, $half, $way, $brow): void {
            [$tipX, $tipY] = match ($way) {
                'up' => [-0.15 * $ear, $ear], 'back' => [-0.9 * $ear, 0.45 * $ear], 'side' => [-0.5 * $ear, 0.25 * $ear], 'hang' => [-0.1 * $ear, -0.9 * $ear], default => [-0.3 * $ear, 0.8 * $ear],
            };
            $z = $side * $brow * ($way === 'hang' || $way === 'side' ? 0.9 : 0.55);
            $m->tube([[...$h(-0.1 * $brow, 0.75 * $brow, $z), $half * 0.8], [...$h(-0.1 * $brow + 0.55 * $tipX, 0.75 * $brow + 0.5 * $tipY, $z * 1.35), $half, $half * 0.5], [...$h(-0.1 * $brow + $tipX, 0.75 * $brow + $tipY, $z * 1.5), $half * 0.3, $half * 0.2]]);
        });
        $this->crowned($m, $h, $nx, $ny, $hx, $hy, $brow);
        [$t, $thick, $hang] = $this->tail;
        if ($t > 0) {
            $a = deg2rad(180 - $hang - $tail);
            [$tx, $ty] = [$x(0.02), $y(0) - 0.55 * $hip];
            $m->tube([[$tx, $ty, 0, max(0.02, 0.45 * $thick)], [$tx + 0.35 * $t * cos($a), $ty + 0.35 * $t * sin($a) + 0.02, 0, $thick * 0.8], [$tx + 0.75 * $t * cos($a - 0.12), $ty + 0.75 * $t * sin($a - 0.12), 0, $thick], [$tx + $t * cos($a - 0.16), $ty + $t * sin($a - 0.16), 0, $thick * 0.3]]);
        }
        $this->onLegs($m, $swing, $lift, $x, $y);

        return $m;
    }

    /**
     * @param  array{float, float, float, float}  $swing
     * @param  array{float, float, float, float}  $lift
     */
    private function onLegs(Model $m, array $swing, array $lift, callable $x, callable $y): void
    {
        [$hip, , $chest] = $this->trunk;
        [$long, $above, $below] = $this->legs;
        foreach ($swing as $i => $forward) {
            $fore = $i < 2;
            $side = $i % 2 === 0 ? -1 : 1;
            $at = $fore ? 0.86 : 0.1;
            [$jx, $jy] = [$x($at), $y($at) - ($fore ? 1.25 * $chest : 1.1 * $hip)];
            $z = $side * 0.62 * ($fore ? $chest : $hip) * $this->wide;
            $reach = $long * (1 - 0.55 * $lift[$i]);
            $a = max(-1.35, min(1.35, $forward));
            [$fx, $fy] = [$jx + $reach * sin($a), $jy - $reach * cos($a)];
            // Knee and hock give way: fore ones to the front, hind ones to the back.
            $bend = 0.1 * $long + 0.42 * $long * sqrt(max(0.0, $lift[$i])) * 0.8;
            $normal = [cos($a), sin($a)];
            $knee = $fore ? 0.35 * $bend : $bend * 0.55;
            [$kx, $ky] = [$jx + 0.42 * ($fx - $jx) + $knee * $normal[0], $jy + 0.42 * ($fy - $jy) + $knee * $normal[1]];
            [$ax, $ay] = [$jx + 0.74 * ($fx - $jx) - ($fore ? -0.15 : 0.6) * $bend * $normal[0], $jy + 0.74 * ($fy - $jy) - ($fore ? -0.15 : 0.6) * $bend * $normal[1]];
            $m->tube([[$jx, $jy + 0.35 * $above, $z * 0.8, $above * ($fore ? 0.8 : 1.15), $above * 0.6], [$jx + 0.3 * ($kx - $jx), $jy + 0.4 * ($ky - $jy), $z * 0.9, $above * 0.9, $above * 0.5], [$kx, $ky, $z, $above * 0.5, $above * 0.4]]);
            $m->limb([[$kx, $ky, $z, $above * 0.5, $above * 0.4], [$ax, $ay, $z, $below * 1.1], [$fx, $fy + $below, $z, $below], [$fx + 0.05 * $long + $below, $fy + 0.8 * $below, $z, $below * 0.95]]);
        }
    }

    private function crowned(Model $m, callable $h, float $nx, float $ny, float $hx, float $hy, float $brow): void
    {
        match ($this->crown) {
            'antlers', 'spikes' => $m->both(function (int $side) use ($m, $h, $brow): void {
                $big = $this->crown === 'antlers' ? 1.0 : 0.42;
                $beam = [[...$h(0, 0.8 * $brow, 0.3 * $brow * $side), 0.02], [...$h(-0.16 * $big, 0.8 * $brow + 0.18 * $big, 0.16 * $side * $big + 0.03 * $side), 0.017], [...$h(-0.2 * $big, 0.8 * $brow + 0.38 * $big, 0.2 * $side * $big), 0.014], [...$h(-0.08 * $big, 0.8 * $brow + 0.54 * $big, 0.16 * $side * $big), 0.006]];
                $m->tube($beam);
                foreach ($this->crown === 'antlers' ? [[0.02, 0.02, 0.14, 0.12], [-0.15, 0.18, 0.02, 0.3], [-0.2, 0.36, -0.3, 0.52], [-0.19, 0.34, -0.02, 0.44]] : [[-0.07, 0.08, 0.0, 0.14], [-0.08, 0.14, -0.13, 0.22]] as [$a, $b, $c, $d]) {
                    $m->tube([[...$h($a, 0.8 * $brow + $b, 0.14 * $side * $big), 0.012], [...$h($c, 0.8 * $brow + $d, 0.15 * $side * $big), 0.005]]);
                }
            }),
            'horns' => $m->both(fn (int $side) => $m->tube([[...$h(0, 0.8 * $brow, 0.3 * $brow * $side), 0.035], [...$h(-0.14, 0.8 * $brow + 0.22, 0.07 * $side), 0.03], [...$h(-0.36, 0.8 * $brow + 0.22, 0.13 * $side), 0.02], [...$h(-0.46, 0.8 * $brow + 0.08, 0.16 * $side), 0.006]])),
            'straight' => $m->both(fn (int $side) => $m->tube([[...$h(0, 0.8 * $brow, 0.3 * $brow * $side), 0.02], [...$h(-0.1, 0.8 * $brow + 0.18, 0.06 * $side), 0.017], [...$h(-0.1, 0.8 * $brow + 0.34, 0.07 * $side), 0.005]])),
            'mane' => $m->tube([[$hx - 0.02, $hy + 0.08, 0, 0.045, 0.02], [($nx + $hx) / 2 - 0.08, ($ny + $hy) / 2 + 0.1, 0, 0.06, 0.02], [$nx - 0.1, $ny + 0.1, 0, 0.05, 0.02]]),
            'tusks' => $m->both(fn (int $side) => $m->tube([[...$h(0.24, -0.07, 0.05 * $side), 0.014], [...$h(0.29, 0.02, 0.06 * $side), 0.005]])),
            'trunk' => $m->tube([[...$h(0.25, -0.05), 0.085], [...$h(0.34, -0.32), 0.06], [...$h(0.3, -0.62), 0.045], [...$h(0.38, -0.78), 0.03]]),
            default => null,
        };
    }
}
