<?php

declare(strict_types=1);

namespace RushHold\Ops\Outlines;

/** Birds by their build: from the tip of the tail at 0 to that of the bill at about 1. */
final readonly class Bird
{
    /**
     * @param  array{float, float, float}  $bill  length, depth, how far its tip is down
     * @param  array{float, float}  $neck  length, thickness
     * @param  array{float, float, float}  $body  length, half height, half width
     * @param  array{float, float, string}  $tail  length, half width, shape
     * @param  array{float, float, float, float, float, string}  $wing  from shoulder to tip, chord at the body and in
     *   the middle, how far the wrist is before and the tip behind the shoulder, tip
     * @param  float  $legs  how long they are
     * @param  bool  $tucked  neck drawn in when it flies
     */
    public function __construct(private array $bill, private float $head, private array $neck, private array $body, private array $tail, private array $wing, private float $legs = 0.16, private bool $tucked = false, private bool $trailing = false, private bool $hooked = false)
    {
    }

    /** @param  array{float, float}  $beat  how far up the inner and the outer wing are, degrees */
    public function flying(array $beat, float $pitch = 0, float $bank = 14, float $below = 10, float $spread = 1.0, bool $feet = false, float $swept = 0.0): Model
    {
        $m = new Model;
        $m->pitch = $pitch;
        $m->bank = $bank;
        $m->below = $below;
        [$front, $top] = $this->trunk($m, 0.0, 0.0);
        $this->headed($m, $front, $this->tucked ? [[0.3, 0.45], [0.42, 0.2]] : null, $top);
        $this->tailed($m, $spread);
        $m->both(fn (int $side) => $this->winged($m, $side, $beat, $swept));
        if ($this->trailing) {
            $m->both(fn (int $side) => $m->tube([[$this->tail[0] + 0.2 * $this->body[0], -0.5 * $this->body[1], 0.02 * $side, 0.018], [$this->tail[0] * 0.2 - $this->legs * 0.55, -0.3 * $this->body[1], 0.015 * $side, 0.011]]));
        }
        if ($feet) {
            $m->both(fn (int $side) => $m->limb([[$this->tail[0] + 0.35 * $this->body[0], -0.5 * $this->body[1], 0.35 * $this->body[2] * $side, 0.03], [$this->tail[0] + 0.45 * $this->body[0], -$this->body[1] - 0.5 * $this->legs, 0.6 * $this->body[2] * $side, 0.014], [$this->tail[0] + 0.6 * $this->body[0], -$this->body[1] - 0.75 * $this->legs, 0.6 * $this->body[2] * $side, 0.022]]));
        }

        return $m;
    }

    /** Wings shut, as it falls. */
    public function falling(float $pitch, float $swept = 1.0): Model
    {
        $m = new Model;
        $m->pitch = $pitch;
        [$front, $top] = $this->trunk($m, 0.0, 0.0);
        $this->headed($m, $front, null, $top);
        $this->tailed($m, 0.6);
        [$span, $root] = $this->wing;
        $shoulder = $this->tail[0] + 0.82 * $this->body[0];
        $m->both(fn (int $side) => $m->sheet([
            [$shoulder + 0.02, 0.4 * $this->body[1], 0.8 * $this->body[2] * $side], [$shoulder - 0.06, 0.9 * $this->body[1], $this->body[2] * $side * 1.4],
            [$shoulder - 0.45 * $span * $swept, 0.5 * $this->body[1], $this->body[2] * $side * 1.2], [$shoulder - 0.86 * $span * $swept, 0.12, 0.02 * $side], [$shoulder - 0.86 * $span * $swept, 0.12, 0.02 * $side],
            [$shoulder - $root, -0.3 * $this->body[1], 0.6 * $this->body[2] * $side],
        ]));

        return $m;
    }

    /**
     * On its feet, or on the water.
     *
     * @param  float  $up  of its body, degrees
     * @param  list<array{float, float}>|null  $neck  how its neck goes: before and above where it begins, in lengths of
     *   it
     * @param  bool  $swims  it has no feet, and its belly is in the water
     */
    public function standing(float $up, ?array $neck = null, bool $swims = false, float $look = 0.0): Model
    {
        $m = new Model;
        [$front, $top] = $this->trunk($m, deg2rad($up), $this->tail[0] + 0.45 * $this->body[0]);
        [$c, $s] = [cos(deg2rad($up)), sin(deg2rad($up))];
        $about = $this->tail[0] + 0.45 * $this->body[0];
        $at = static fn (float $x, float $y, float $z): array => [$about + ($x - $about) * $c - $y * $s, ($x - $about) * $s + $y * $c, $z];
        $this->headed($m, $front, $neck ?? [[0.55, 0.75], [0.7, 1.1]], $top, deg2rad($look));
        // Tail, and the tips of folded wings over it.
        [$tail, $half] = $this->tail;
        $m->sheet([$at(0.0, 0.0, $half * 0.5), $at(0.0, 0.0, -$half * 0.5), $at($tail * 1.3, 0.3 * $this->body[1], -0.4 * $this->body[2]), $at($tail * 1.3, -0.3 * $this->body[1], 0.4 * $this->body[2])]);
        $m->tube([[...$at($tail + 0.1 * $this->body[0], 0.05, 0.0), 0.5 * $this->body[1]], [...$at(0.03, 0.0, 0.0), 0.022, 0.03]]);
        $reach = min($tail + 0.78 * $this->body[0], 0.62 * $this->wing[0] + 0.1);
        $m->both(fn (int $side) => $m->tube([[...$at($tail + 0.78 * $this->body[0], 0.25 * $this->body[1], 0.75 * $this->body[2] * $side), 0.45 * $this->body[1], 0.02], [...$at($tail + 0.78 * $this->body[0] - 0.55 * $reach, 0.35 * $this->body[1], 0.7 * $this->body[2] * $side), 0.3 * $this->body[1], 0.015], [...$at($tail + 0.78 * $this->body[0] - $reach, 0.35 * $this->body[1], 0.3 * $this->body[2] * $side), 0.02, 0.01]]));
        if ($swims) {
            $m->cut = -0.45 * $this->body[1];
        } else {
            $hip = $at($tail + 0.42 * $this->body[0], -0.6 * $this->body[1], 0.0);
            $m->both(fn (int $side) => $m->limb([[$hip[0], $hip[1] + 0.02, 0.5 * $this->body[2] * $side, 0.3 * $this->body[1]], [$hip[0] - 0.1 * $this->legs + 0.02 * $side, $hip[1] - 0.45 * $this->legs, 0.45 * $this->body[2] * $side, 0.015], [$hip[0] + 0.03 + 0.05 * $side * $this->legs, $hip[1] - $this->legs, 0.45 * $this->body[2] * $side, 0.011], [$hip[0] + 0.03 + 0.05 * $side * $this->legs + 0.06, $hip[1] - $this->legs, 0.45 * $this->body[2] * $side, 0.011]]));
        }

        return $m;
    }

    /** @return array{array{float, float, float}, float} where its neck begins, and how thick that is */
    private function trunk(Model $m, float $up, float $about): array
    {
        [$length, $ry, $rz] = $this->body;
        [$c, $s] = [cos($up), sin($up)];
        $tail = $this->tail[0];
        $shape = [[-0.02, 0.0, 0.18], [0.12, 0.0, 0.45], [0.35, -0.03, 0.86], [0.6, -0.05, 1.0], [0.8, -0.02, 0.86], [0.95, 0.05, 0.6]];
        $points = array_map(static function (array $p) use ($tail, $length, $ry, $rz, $c, $s, $about): array {
            [$x, $y] = [$tail + $p[0] * $length, $p[1] * $ry * 2];

            return [$about + ($x - $about) * $c - $y * $s, ($x - $about) * $s + $y * $c, 0.0, $p[2] * $ry, $p[2] * $rz];
        }, $shape);
        $m->tube($points);
        $last = $points[count($points) - 1];
        $m->place('chest', ...array_slice($points[4], 0, 3));

        return [[$last[0], $last[1], 0.0], $last[3]];
    }

    /** @param  list<array{float, float}>|null  $way  of the neck; null: straight on */
    private function headed(Model $m, array $from, ?array $way, float $thick, float $look = 0.0): void
    {
        [$long, $r] = $this->neck;
        [$x, $y] = $from;
        $points = [[$x - 0.02, $y, 0.0, $thick], ...array_map(static fn (array $w): array => [$x + $w[0] * $long, $y + $w[1] * $long, 0.0, $r], $way ?? [[0.55, 0.06], [0.95, 0.08]])];
        $end = $points[count($points) - 1];
        [$hx, $hy] = [$end[0] + 0.6 * $this->head, $end[1] + 0.25 * $this->head];
        $m->tube([...$points, [$hx, $hy, 0.0, $this->head, $this->head * 0.85]]);
        [$bill, $depth, $droop] = $this->bill;
        [$c, $s] = [cos($look), sin($look)];
        $b = static fn (float $along, float $down, float $r): array => [$hx + $along * $c - $down * $s, $hy + $along * $s + $down * $c, 0.0, $r, $r * 0.7];
        $m->tube([$b(0.5 * $this->head, -0.05 * $this->head, $depth), $b(0.9 * $this->head + 0.5 * $bill, -0.1 * $this->head - 0.3 * $droop, $depth * ($this->hooked ? 0.95 : 0.62)), $b(0.9 * $this->head + $bill, -0.1 * $this->head - $droop, max(0.004, $depth * 0.12))]);
        $m->place('head', $hx, $hy, 0.0);
        $m->place('eye', $hx + 0.25 * $this->head * $c, $hy + 0.3 * $this->head, 0.7 * $this->head);
    }

    private function tailed(Model $m, float $spread): void
    {
        [$long, $half, $shape] = $this->tail;
        $half *= $spread;
        $root = $long + 0.12 * $this->body[0];
        $r = 0.5 * $this->body[2];
        $m->sheet(match ($shape) {
            'fork' => [[$root, 0, $r], [0.0, 0, $half], [0.0, 0, $half], [$long * 0.35, 0, 0.0], [$long * 0.35, 0, 0.0], [0.0, 0, -$half], [0.0, 0, -$half], [$root, 0, -$r]],
            'streamers' => [[$root, 0, $r], [$long * 0.5, 0, $half], [0.0, 0, $half], [0.0, 0, $half], [$long * 0.55, 0, 0.0], [$long * 0.55, 0, 0.0], [0.0, 0, -$half], [0.0, 0, -$half], [$long * 0.5, 0, -$half], [$root, 0, -$r]],
            'wedge' => [[$root, 0, $r], [$long * 0.35, 0, $half], [0.0, 0, 0.0], [0.0, 0, 0.0], [$long * 0.35, 0, -$half], [$root, 0, -$r]],
            'point' => [[$root, 0, $r], [$long * 0.5, 0, $half * 0.6], [0.0, 0, 0.0], [0.0, 0, 0.0], [$long * 0.5, 0, -$half * 0.6], [$root, 0, -$r]],
            'round' => [[$root, 0, $r], [$long * 0.25, 0, $half], [$long * 0.06, 0, $half * 0.7], [0.0, 0, 0.0], [$long * 0.06, 0, -$half * 0.7], [$long * 0.25, 0, -$half], [$root, 0, -$r]],
            default => [[$root, 0, $r], [$long * 0.02, 0, $half], [$long * 0.02, 0, $half], [0.0, 0, 0.0], [$long * 0.02, 0, -$half], [$long * 0.02, 0, -$half], [$root, 0, -$r]],
        });
        $m->tube([[$root + 0.05, 0, 0, 0.42 * $this->body[1], 0.42 * $this->body[2]], [$long * 0.5, 0, 0, 0.016, $half * 0.5]]);
    }

    /** @param  array{float, float}  $beat */
    private function winged(Model $m, int $side, array $beat, float $swept): void
    {
        [$span, $root, $middle, $wrist, $back, $tip] = $this->wing;
        [$sx, $sy, $sz] = [$this->tail[0] + 0.84 * $this->body[0], 0.45 * $this->body[1], 0.55 * $this->body[2]];
        $joint = 0.42 * $span;
        // Swept wings are bent at the wrist.
        [$wrist, $back, $span] = [$wrist + 0.06 * $swept, $back + 0.75 * $swept * $span * 0.6, $span * (1 - 0.28 * $swept)];
        $at = static function (float $u, float $x) use ($beat, $joint, $sx, $sy, $sz, $side): array {
            [$inner, $outer] = [min($u, $joint), max(0.0, $u - $joint)];
            [$a, $b] = [deg2rad($beat[0]), deg2rad($beat[1])];

            return [$sx + $x, $sy + $inner * sin($a) + $outer * sin($b), $side * ($sz + $inner * cos($a) + $outer * cos($b))];
        };
        $edge = match ($tip) {
            'fingers' => (static function () use ($span, $middle, $back, $at): array {
                $points = [];
                foreach ([[1.0, -0.1], [0.98, 0.12], [0.94, 0.34], [0.87, 0.56], [0.78, 0.76]] as $i => [$far, $behind]) {
                    $x = -$back * 0.5 - $behind * $middle;
                    $points = [...$points, $at($span * $far, $x), $at($span * $far, $x - 0.02)];
                    $i < 4 && $points = [...$points, $at($span * ($far - 0.13), $x - 0.085 * $middle - 0.03), $at($span * ($far - 0.13), $x - 0.085 * $middle - 0.03)];
                }

                return $points;
            })(),
            'round' => [$at($span * 0.93, -$back * 0.75), $at($span, -$back - 0.25 * $middle), $at($span * 0.97, -$back - 0.55 * $middle), $at($span * 0.8, -$back * 0.8 - 0.85 * $middle)],
            default => [$at($span * 0.8, -$back * 0.55 + 0.02), $at($span, -$back), $at($span, -$back), $at($span * 0.78, -$back * 0.72 - 0.55 * $middle)],
        };
        $m->sheet([$at(0, 0.02), $at(0.5 * $joint, 0.55 * $wrist + 0.01), $at($joint, $wrist), ...$edge, $at($joint * 1.1, $wrist * 0.4 - $middle - 0.12 * $back), $at(0.4 * $joint, -$root * 0.97), $at(0, -$root), $at(0, -$root)]);
        // The arm has some thickness.
        $m->tube([[...$at(0, -0.05), 0.05], [...$at(0.6 * $joint, 0.4 * $wrist - 0.05), 0.028], [...$at($joint, $wrist - 0.04), 0.016]]);
    }
}
