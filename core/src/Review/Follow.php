<?php

declare(strict_types=1);

namespace RushHold\Review;

/**
 * Finds what was marked in one frame of a burst again in the next, by normalised cross-correlation on small copies.
 *
 * What it looks for is what was marked, and what it looked like when it was last found for certain, since it turns and
 * grows on its way. Nearer to where it should be counts for a little.
 */
final class Follow
{
    /** Small copies are so wide, pixels; what is marked is a square of this side on them. */
    public const WIDE = 240;

    private const SIDE = 15;

    /** Likeness, −1 to 1, from which it is found, and from which it is certain. */
    private const FOUND = 0.42;

    private const CERTAIN = 0.72;

    /** What a frame's width away from where it should be costs in likeness. */
    private const AWAY = 0.35;

    /** @var list<list<float>> what is looked for, each of mean 0 and length 1 */
    private array $looks;

    private float $vx = 0.0;

    private float $vy = 0.0;

    /** @var int frames since it was found */
    private int $missed = 0;

    private function __construct(private float $x, private float $y, Patch $frame)
    {
        $look = self::look($frame, (int) round($x), (int) round($y));
        $this->looks = [$look, $look];
    }

    /**
     * @param  Patch  $frame  a small copy
     * @param  float  $x  where the subject is, in widths from the centre to the right
     * @param  float  $y  in heights, down
     */
    public static function marked(Patch $frame, float $x, float $y): self
    {
        return new self(($x + 0.5) * $frame->wide, ($y + 0.5) * $frame->high, $frame);
    }

    /**
     * @param  Patch  $frame  a small copy of the same size
     * @return array{float, float, float}|null where it is in widths and heights from the centre, and the likeness; null where it is not found
     */
    public function in(Patch $frame): ?array
    {
        [$w, $h] = [$frame->wide, $frame->high];
        $half = intdiv(self::SIDE, 2);
        [$sums, $squares] = self::sums($frame);
        $wantX = $this->x + $this->vx * (1 + $this->missed);
        $wantY = $this->y + $this->vy * (1 + $this->missed);
        $patience = 1 / (1 + $this->missed);
        [$best, $bestX, $bestY, $like] = [-INF, 0, 0, 0.0];
        $count = self::SIDE ** 2;
        [$first, $last] = $this->looks;
        for ($y = $half; $y < $h - $half; $y++) {
            for ($x = $half; $x < $w - $half; $x++) {
                $a = ($y - $half) * ($w + 1) + $x - $half;
                $b = $a + self::SIDE * ($w + 1);
                $sum = $sums[$b + self::SIDE] - $sums[$b] - $sums[$a + self::SIDE] + $sums[$a];
                $spread = $squares[$b + self::SIDE] - $squares[$b] - $squares[$a + self::SIDE] + $squares[$a] - $sum * $sum / $count;
                if ($spread < 1e-4) {
                    continue;
                }
                $dot = $dotLast = 0.0;
                $i = 0;
                for ($row = $y - $half; $row <= $y + $half; $row++) {
                    for ($j = $row * $w + $x - $half, $end = $j + self::SIDE; $j < $end; $j++, $i++) {
                        $value = $frame->light[$j];
                        $dot += $value * $first[$i];
                        $dotLast += $value * $last[$i];
                    }
                }
                $norm = sqrt($spread);
                $likeness = max(0.95 * $dot, $dotLast) / $norm;
                $score = $likeness - $patience * self::AWAY * hypot($x - $wantX, $y - $wantY) / $w;
                if ($score > $best) {
                    [$best, $bestX, $bestY, $like] = [$score, $x, $y, $likeness];
                }
            }
        }
        if ($like < self::FOUND) {
            $this->missed++;

            return null;
        }
        $steps = 1 + $this->missed;
        $this->vx = 0.5 * $this->vx + 0.5 * ($bestX - $this->x) / $steps;
        $this->vy = 0.5 * $this->vy + 0.5 * ($bestY - $this->y) / $steps;
        [$this->x, $this->y, $this->missed] = [(float) $bestX, (float) $bestY, 0];
        if ($like > self::CERTAIN) {
            $this->looks[1] = self::look($frame, $bestX, $bestY);
        }

        return [($bestX + 0.5) / $w - 0.5, ($bestY + 0.5) / $h - 0.5, $like];
    }

    /** @return list<float> of mean 0 and length 1 */
    private static function look(Patch $frame, int $x, int $y): array
    {
        $half = intdiv(self::SIDE, 2);
        $values = [];
        for ($row = $y - $half; $row <= $y + $half; $row++) {
            for ($column = $x - $half; $column <= $x + $half; $column++) {
                $values[] = $frame->light[max(0, min($frame->high - 1, $row)) * $frame->wide + max(0, min($frame->wide - 1, $column))];
            }
        }
        $mean = array_sum($values) / count($values);
        $length = sqrt(array_sum(array_map(static fn (float $v): float => ($v - $mean) ** 2, $values)));

        return array_map(static fn (float $v): float => ($v - $mean) / max(1e-6, $length), $values);
    }

    /** @return array{list<float>, list<float>} of all above and to the left of each corner: of the values, and of their squares */
    private static function sums(Patch $frame): array
    {
        $w = $frame->wide;
        $sums = $squares = array_fill(0, ($w + 1) * ($frame->high + 1), 0.0);
        for ($y = 0; $y < $frame->high; $y++) {
            $row = $rowSquares = 0.0;
            for ($x = 0, $i = $y * $w, $j = ($y + 1) * ($w + 1) + 1; $x < $w; $x++, $i++, $j++) {
                $value = $frame->light[$i];
                $row += $value;
                $rowSquares += $value * $value;
                $sums[$j] = $sums[$j - $w - 1] + $row;
                $squares[$j] = $squares[$j - $w - 1] + $rowSquares;
            }
        }

        return [$sums, $squares];
    }
}
