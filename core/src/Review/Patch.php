<?php

declare(strict_types=1);

namespace RushHold\Review;

use InvalidArgumentException;

/** A piece of a picture as numbers: how bright each pixel is, row by row, 0 to 1. */
final readonly class Patch
{
    /** @param  list<float>  $light */
    public function __construct(public int $wide, public int $high, public array $light)
    {
        if ($wide < 1 || $high < 1 || count($light) !== $wide * $high) {
            throw new InvalidArgumentException('patch');
        }
    }

    /** How bright it is on the whole. */
    public function mean(): float
    {
        return array_sum($this->light) / count($this->light);
    }

    /** A part of it, as much of it as there is. */
    public function part(int $x, int $y, int $wide, int $high): self
    {
        $x = max(0, min($this->wide - 1, $x));
        $y = max(0, min($this->high - 1, $y));
        [$wide, $high] = [max(1, min($wide, $this->wide - $x)), max(1, min($high, $this->high - $y))];
        $light = [];
        for ($row = $y; $row < $y + $high; $row++) {
            array_push($light, ...array_slice($this->light, $row * $this->wide + $x, $wide));
        }

        return new self($wide, $high, $light);
    }

    /** Half as wide and half as high. */
    public function halved(): self
    {
        [$wide, $high] = [max(1, intdiv($this->wide, 2)), max(1, intdiv($this->high, 2))];
        $light = [];
        for ($y = 0; $y < $high; $y++) {
            for ($x = 0, $i = 2 * $y * $this->wide; $x < $wide; $x++, $i += 2) {
                $right = $this->wide > 1 ? $i + 1 : $i;
                $below = $this->high > 1 ? $this->wide : 0;
                $light[] =
                    ($this->light[$i] +
                        $this->light[$right] +
                        $this->light[$i + $below] +
                        $this->light[$right + $below]) /
                    4;
            }
        }

        return new self($wide, $high, $light);
    }

    /** As many times as wide and as high, straight between its pixels. */
    public function resized(float $by): self
    {
        if (abs($by - 1) < 1e-6) {
            return $this;
        }
        if ($by <= 0.5 && min($this->wide, $this->high) > 3) {
            return $this->halved()->resized(2 * $by);
        }
        [$wide, $high] = [max(1, (int) round($this->wide * $by)), max(1, (int) round($this->high * $by))];
        [$w, $g] = [$this->wide, $this->light];
        $lefts = $shares = [];
        for ($x = 0; $x < $wide; $x++) {
            $at = max(0.0, min($w - 1.001, ($x + 0.5) / $by - 0.5));
            $lefts[] = (int) $at;
            $shares[] = $at - (int) $at;
        }
        $light = [];
        for ($y = 0; $y < $high; $y++) {
            $at = max(0.0, min($this->high - 1.001, ($y + 0.5) / $by - 0.5));
            $row = (int) $at * $w;
            $below = $this->high > 1 ? $row + $w : $row;
            $down = $at - (int) $at;
            for ($x = 0; $x < $wide; $x++) {
                $left = $lefts[$x];
                $right = $w > 1 ? $left + 1 : $left;
                $share = $shares[$x];
                $light[] =
                    (1 - $down) * ($g[$row + $left] * (1 - $share) + $g[$row + $right] * $share) +
                    $down * ($g[$below + $left] * (1 - $share) + $g[$below + $right] * $share);
            }
        }

        return new self($wide, $high, $light);
    }

    /** Smoothed by a Gauss of this standard deviation, pixels; the border is continued outwards. */
    public function smoothed(float $deviation): self
    {
        if ($deviation <= 0) {
            return $this;
        }
        $reach = (int) ceil(3.5 * $deviation);
        $weights = [];
        for ($i = -$reach; $i <= $reach; $i++) {
            $weights[] = exp((-$i * $i) / (2 * $deviation * $deviation));
        }
        $sum = array_sum($weights);
        $weights = array_map(static fn (float $w): float => $w / $sum, $weights);
        $across = self::convolved($this->light, $this->wide, $this->high, $weights);

        // Turned, smoothed and turned back: one loop does for both ways.
        return new self(
            $this->wide,
            $this->high,
            self::turned(
                self::convolved(self::turned($across, $this->wide, $this->high), $this->high, $this->wide, $weights),
                $this->high,
                $this->wide,
            ),
        );
    }

    /**
     * @param  list<float>  $light
     * @param  list<float>  $weights  an odd number
     * @return list<float>
     */
    private static function convolved(array $light, int $wide, int $high, array $weights): array
    {
        $reach = intdiv(count($weights), 2);
        $taps = count($weights);
        $smooth = [];
        for ($y = 0; $y < $high; $y++) {
            $row = array_slice($light, $y * $wide, $wide);
            $row = [...array_fill(0, $reach, $row[0]), ...$row, ...array_fill(0, $reach, $row[$wide - 1])];
            for ($x = 0; $x < $wide; $x++) {
                $sum = 0.0;
                for ($i = 0; $i < $taps; $i++) {
                    $sum += $weights[$i] * $row[$x + $i];
                }
                $smooth[] = $sum;
            }
        }

        return $smooth;
    }

    /**
     * @param  list<float>  $light
     * @return list<float>
     */
    private static function turned(array $light, int $wide, int $high): array
    {
        $turned = [];
        for ($x = 0; $x < $wide; $x++) {
            for ($y = 0, $i = $x; $y < $high; $y++, $i += $wide) {
                $turned[] = $light[$i];
            }
        }

        return $turned;
    }
}
